<script lang="ts">
  import OtherOffers from '$features/guide/OtherOffers.svelte';
  import PartPrices from '$features/prices/PartPrices.svelte';
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import type { BenchState } from './bench.svelte';
  import Members from './Members.svelte';
  import Options from './Options.svelte';
  import Sharing from './Sharing.svelte';
  import ReasonEditor from './ReasonEditor.svelte';

  /** The chosen slot in the middle of the bench: the part, its price, its reason, its alternatives and upgrades. */
  let {
    state: bench,
    line,
    format,
    lastMonth,
    href,
    others,
    onothers,
    onfind,
    onother,
    oncost,
  }: {
    state: BenchState;
    line: Schemas['LineView'];
    format: Format;
    lastMonth: string;
    href: (build: string, line: string) => string;
    others: { line: string; where: string; isLead: boolean }[];
    onothers: () => void;
    onfind: (purpose?: 'ALTERNATIVE' | 'UPGRADE') => void;
    onother: () => void;
    oncost: () => void;
  } = $props();
  let showsPrices = $state(false);

  const open = $derived(bench.isOpen);
  const workings = $derived(bench.workings?.line === line.id ? bench.workings : null);
  const isPart = $derived(line.choice.type === 'PART' || line.choice.type === 'SET');
  const of = (purpose: 'ALTERNATIVE' | 'UPGRADE') =>
    (workings?.options ?? []).filter((o) => o.state.purpose === purpose);
  const many = (purpose: 'ALTERNATIVE' | 'UPGRADE') => line.options.filter((o) => o.purpose === purpose).length;

  const shipping = $derived(
    line.offer?.shippingMinor != null ? `, shipping alone ${format.money(line.offer.shippingMinor)}` : '',
  );

  const isSame = (state: Schemas['OptionState'], option: Schemas['OptionView']) =>
    state.part === option.state.part && state.purpose === option.state.purpose;

  function note(option: Schemas['OptionView'], text: string): void {
    void bench.edit(line.id, (now) => ({
      options: now.options.map((s) => (isSame(s, option) ? { ...s, note: text } : s)),
    }));
  }
  const drop = (option: Schemas['OptionView']) =>
    void bench.edit(line.id, (now) => ({ options: now.options.filter((s) => !isSame(s, option)) }));
  const take = (option: Schemas['OptionView']) =>
    void bench.edit(line.id, { choice: { type: 'PART', part: option.state.part } });
  /** Where a radiator, case fans or a graphics card can be put by hand. */
  const places: Partial<Record<Schemas['LineView']['slot'], string[]>> = {
    COOLER: ['top', 'front', 'rear', 'side', 'bottom'],
    CASE_FANS: ['front', 'top', 'rear', 'side', 'bottom'],
    GRAPHICS_CARD: ['upright'],
  };
</script>

<div class="flex items-center justify-between gap-4">
  <p class="label">{line.slotLabel}</p>
  {#if open}
    <div class="small flex items-center gap-2">
      <button class="btn-quiet small" onclick={() => onfind()}><span class="key">/</span> find</button>
      <button class="btn-quiet small" onclick={onother}><span class="key">e</span> something else</button>
      {#if line.several || !line.needed}<button class="btn-quiet small" onclick={() => void bench.remove(line.id)}
          >Remove</button
        >{/if}
    </div>
  {/if}
</div>
<h1 class="text-[22px] leading-7 font-bold tracking-tight">{line.label}</h1>
<p class="text-soft">{line.detail}</p>
<Sharing
  {line}
  {href}
  {others}
  {onothers}
  onfollow={open ? (to) => void bench.edit(line.id, { following: { line: to ?? undefined } }) : undefined}
/>

<div class="mt-3 grid grid-cols-[1fr_auto] items-start gap-4 border-y border-hairline py-2.5">
  <div>
    {#if line.choice.type === 'EMPTY'}
      <p class="text-soft">
        Nothing is chosen here yet. {#if open}<button class="btn-quiet" onclick={() => onfind()}>Find a part</button
          >{/if}
      </p>
    {:else}
      <p>
        <span class="text-[19px] font-semibold">{format.sum(line.goods)}</span>
        {#if line.offer}
          <span class="text-soft">
            at <a class="text-ink" href={line.offer.link} rel="noreferrer noopener" target="_blank"
              >{line.offer.seller}</a
            >, {line.offer.condition}, {line.offer.stock}, seen {format.date(line.offer.seenAt)}{shipping}
          </span>
        {/if}
      </p>
      {#if line.estimated}<p class="text-slate">An estimate, since nobody sells it yet: {line.estimated}</p>{/if}
      {#if line.afterClaimMinor != null && line.goods.minor != null}<p class="text-soft">
          {format.money(line.afterClaimMinor)} after claiming {format.money(line.goods.minor - line.afterClaimMinor)} back
        </p>{/if}
      {#each line.goods.blame as why (why)}<p class="text-slate">No price: {why}</p>{/each}
      {#if line.how === 'SWITCHED'}<p class="text-clay">
          Instead of {line.before} in {lastMonth}{line.differenceMinor != null
            ? `, ${format.signed(line.differenceMinor)}`
            : ''}
        </p>
      {:else if line.differenceMinor}<p class={line.differenceMinor > 0 ? 'text-clay' : 'text-moss'}>
          {format.signed(line.differenceMinor)} since {lastMonth}
        </p>{/if}
      {#if line.heldListing}<p class="text-straw">
          Held to this offer: {line.heldWhy}
          {#if open}<button class="btn-quiet small" onclick={() => void bench.edit(line.id, { hold: { why: '' } })}
              >let it go</button
            >{/if}
        </p>{/if}
      {#if line.runnersUp.length}<p class="text-soft">
          Next: {line.runnersUp
            .slice(0, 2)
            .map((o) => `${format.money(o.priceMinor)} at ${o.seller}`)
            .join(', ')}
        </p>{/if}
      {#if line.choice.part}<button class="btn-quiet small mt-1" onclick={oncost}>type a price, or an estimate</button
        >{/if}
      {#if line.part}<details class="mt-1" bind:open={showsPrices}>
          <summary class="small cursor-pointer text-moss">its prices through time</summary>
          {#if showsPrices}<PartPrices part={line.part} {format} />{/if}
        </details>{/if}
    {/if}
  </div>
  <div class="flex items-center gap-3">
    <label class="small inline-flex items-center gap-1.5 text-soft"
      >Quantity<input
        class="field w-14"
        type="number"
        min="1"
        max="20"
        disabled={!open}
        value={line.quantity}
        onchange={(event) => void bench.edit(line.id, { quantity: Math.trunc(event.currentTarget.valueAsNumber) || 0 })}
      /></label
    >
    <label class="small inline-flex items-center gap-1.5 text-soft"
      ><input
        type="checkbox"
        disabled={!open}
        checked={line.counted}
        onchange={(event) => void bench.edit(line.id, { counted: event.currentTarget.checked })}
      />counted</label
    >
    {#if places[line.slot]}<label class="small inline-flex items-center gap-1.5 text-soft"
        >Place<select
          class="field w-auto"
          disabled={!open}
          value={line.place ?? ''}
          onchange={(event) => void bench.edit(line.id, { place: event.currentTarget.value })}
        >
          <option value="">where it fits best</option>
          {#each places[line.slot] ?? [] as place (place)}<option value={place}>{place}</option>{/each}
        </select></label
      >{/if}
  </div>
  <OtherOffers policy={line.policy} disabled={!open} onsave={(policy) => void bench.edit(line.id, { policy })} />
</div>

{#if line.choice.type === 'SET'}<Members
    choice={line.choice}
    members={workings?.members ?? []}
    {format}
    onchange={open
      ? (parts, toleranceMinor) =>
          void bench.edit(line.id, {
            choice: parts.length > 1 ? { type: 'SET', parts, toleranceMinor } : { type: 'PART', part: parts[0] },
          })
      : undefined}
  />{/if}
<div class="mt-3 mb-1.5 flex items-center justify-between">
  <h2>Why this one</h2>
  <span class="small text-soft">
    {#if line.reasonStale}<span class="font-medium text-clay">written for another choice</span>
      {#if open}<button class="btn-quiet small" onclick={() => void bench.edit(line.id, { confirmReason: true })}
          ><span class="key">v</span> it still holds</button
        >{/if}
    {:else if bench.isAway}the server is away; kept here, and sent again
    {:else if bench.waiting}saving…{:else if line.reason}saved{/if}
  </span>
</div>
{#key line.id}<ReasonEditor
    value={line.reason}
    label="Reason for {line.label}"
    readonly={!open}
    onsave={(text) => void bench.edit(line.id, { reason: text })}
    ontyping={(typing) => {
      bench.isTyping = typing;
      bench.catchUp();
    }}
  />{/key}

{#if line.compared.length}<p class="mt-3">
    <span class="font-semibold">Side by side for readers:</span>
    {line.compared.length} parts, figure against figure.
    {#if open}<button class="btn-quiet small" onclick={() => void bench.edit(line.id, { compared: [] })}
        >Take the table out</button
      >{/if}
  </p>{/if}

{#if isPart || line.options.length}
  <div class="mt-4 grid grid-cols-2 gap-7">
    <Options
      title="Alternatives"
      key="a"
      options={of('ALTERNATIVE')}
      many={many('ALTERNATIVE')}
      {format}
      onadd={open ? () => onfind('ALTERNATIVE') : undefined}
      onremove={drop}
      ontake={open ? take : undefined}
      onnote={open ? note : undefined}
    />
    <Options
      title="Upgrades"
      key="g"
      options={of('UPGRADE')}
      many={many('UPGRADE')}
      {format}
      onadd={open ? () => onfind('UPGRADE') : undefined}
      onremove={drop}
      ontake={open ? take : undefined}
      onnote={open ? note : undefined}
    />
  </div>
{/if}

<label class="mt-4 block"
  ><span class="label">Note for yourself, never published</span><input
    class="w-full border-b border-hairline bg-transparent py-1 focus:border-moss"
    placeholder="look at this next time"
    maxlength="2000"
    disabled={!open}
    value={line.note}
    onchange={(event) => void bench.edit(line.id, { note: event.currentTarget.value })}
  /></label
>
