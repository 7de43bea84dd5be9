<script lang="ts">
  import OtherOffers from '$features/guide/OtherOffers.svelte';
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import type { BenchState } from './bench.svelte';
  import LinePrice from './LinePrice.svelte';
  import LineReason from './LineReason.svelte';
  import LineSettings from './LineSettings.svelte';
  import Members from './Members.svelte';
  import Options from './Options.svelte';
  import { useMotives } from './motives';
  import Suggest from './Suggest.svelte';
  import Sharing from './Sharing.svelte';

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
    onoffers,
    onnext,
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
    onoffers: () => void;
    /** Goes on to the next slot. */
    onnext: () => void;
  } = $props();

  let reason = $state<LineReason>();

  /** Puts the cursor into the reason. */
  export function write(): void {
    reason?.write();
  }

  const open = $derived(bench.isOpen);
  /** A slot that a build needs keeps one line. */
  const canGo = $derived(!line.needed || bench.bench!.lines.filter((l) => l.slot === line.slot).length > 1);
  const workings = $derived(bench.workings?.line === line.id ? bench.workings : null);
  const isPart = $derived(line.choice.type === 'PART' || line.choice.type === 'SET');
  const of = (purpose: Schemas['OptionState']['purpose']) =>
    (workings?.options ?? []).filter((o) => o.state.purpose === purpose);
  const many = (purpose: Schemas['OptionState']['purpose']) => line.options.filter((o) => o.purpose === purpose).length;

  const isSame = (state: Schemas['OptionState'], option: Schemas['OptionView']) =>
    state.part === option.state.part && state.purpose === option.state.purpose;

  function note(option: Schemas['OptionView'], text: string): void {
    void bench.edit(line.id, (now) => ({
      options: now.options.map((s) => (isSame(s, option) ? { ...s, note: text } : s)),
    }));
  }
  const motive = (option: Schemas['OptionView'], why: Schemas['MotiveView']['motive'] | undefined) =>
    void bench.edit(line.id, (now) => ({
      options: now.options.map((s) => (isSame(s, option) ? { ...s, motive: why } : s)),
    }));
  const offer = (found: Schemas['SuggestionView']) =>
    void bench.edit(line.id, (now) => ({
      options: [...now.options, { purpose: found.purpose, part: found.part, note: '', motive: found.motive }],
    }));
  const purpose = (option: Schemas['OptionView']) =>
    void bench.edit(line.id, (now) => ({
      options: now.options.map((s) =>
        isSame(s, option)
          ? {
              ...s,
              motive: undefined,
              purpose: s.purpose === 'EITHER' ? ('ALTERNATIVE' as const) : ('EITHER' as const),
            }
          : s,
      ),
    }));
  const motives = useMotives();
  const drop = (option: Schemas['OptionView']) =>
    void bench.edit(line.id, (now) => ({ options: now.options.filter((s) => !isSame(s, option)) }));
  const adds = (option: Schemas['OptionView'], beside: boolean) =>
    void bench.edit(line.id, (now) => ({
      options: now.options.map((s) => (isSame(s, option) ? { ...s, adds: beside } : s)),
    }));
  // A second drive stands in a slot of its own.
  const further = $derived(line.slot === 'SYSTEM_DRIVE' ? 'SECOND_DRIVE' : line.several ? line.slot : undefined);
  async function take(option: Schemas['OptionView'], needed: Schemas['Needed'][]): Promise<void> {
    const { part, adds } = option.state;
    if (adds && further) await bench.add(further, { choice: { type: 'PART', part } }, needed);
    else await bench.take(line.id, part, needed);
  }
</script>

<div class="flex items-center justify-between gap-4">
  <p class="label">{line.slotLabel}</p>
  {#if open}
    <div class="small flex items-center gap-2">
      <button class="btn-quiet small" onclick={() => onfind()}><span class="key">/</span> find</button>
      <button class="btn-quiet small" onclick={onother}><span class="key">e</span> something else</button>
      {#if isPart}<button class="btn-quiet small" onclick={onoffers}><span class="key">o</span> offers</button>{/if}
      {#if canGo}<button class="btn-quiet small" onclick={() => void bench.remove(line.id)}>Remove</button>{/if}
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

<div class="mt-3 grid items-start gap-4 border-y sm:grid-cols-[1fr_auto] border-hairline py-2.5">
  <div><LinePrice state={bench} {line} {format} {lastMonth} {onfind} {oncost} /></div>
  <LineSettings state={bench} {line} />
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
<LineReason bind:this={reason} state={bench} {line} {onnext} />

{#if line.compared.length}<p class="mt-3">
    <span class="font-semibold">Side by side for readers:</span>
    {line.compared.length} parts, figure against figure.
    {#if open}<button class="btn-quiet small" onclick={() => void bench.edit(line.id, { compared: [] })}
        >Take the table out</button
      >{/if}
  </p>{/if}

{#if isPart || line.options.length}
  {#if many('EITHER')}<div class="mt-4">
      <Options
        title="Either of the two"
        key=""
        options={of('EITHER')}
        many={many('EITHER')}
        {format}
        onremove={drop}
        ontake={open ? (option, needed) => void take(option, needed) : undefined}
        onnote={open ? note : undefined}
        onpurpose={open ? purpose : undefined}
        says="the rule of thumb: who takes which"
      />
    </div>{/if}
  <div class="mt-4 grid gap-7 sm:grid-cols-2">
    <Options
      title="Alternatives"
      key="a"
      options={of('ALTERNATIVE')}
      many={many('ALTERNATIVE')}
      {format}
      onadd={open ? () => onfind('ALTERNATIVE') : undefined}
      onremove={drop}
      ontake={open ? (option, needed) => void take(option, needed) : undefined}
      onnote={open ? note : undefined}
      onadds={open && further ? adds : undefined}
      motives={motives.data}
      onmotive={open ? motive : undefined}
      onpurpose={open && !many('EITHER') ? purpose : undefined}
    />
    <Options
      title="Upgrades"
      key="g"
      options={of('UPGRADE')}
      many={many('UPGRADE')}
      {format}
      onadd={open ? () => onfind('UPGRADE') : undefined}
      onremove={drop}
      ontake={open ? (option, needed) => void take(option, needed) : undefined}
      onnote={open ? note : undefined}
      onadds={open && further ? adds : undefined}
    />
  </div>
{/if}

{#if open && isPart}{#key line.id}<Suggest
      edition={bench.edition}
      line={line.id}
      stamp={bench.bench?.lines.map((l) => l.version).join()}
      {format}
      onadd={offer}
    />{/key}{/if}

<div class="mt-4 grid items-end sm:grid-cols-[1fr_220px] gap-7">
  <label class="block"
    ><span class="label">Note for yourself, never published</span><input
      class="w-full border-b border-hairline bg-transparent py-1 focus:border-moss"
      placeholder="look at this next time"
      maxlength="2000"
      disabled={!open}
      value={line.note}
      onchange={(event) => void bench.edit(line.id, { note: event.currentTarget.value })}
    /></label
  >
  {#if isPart}<label class="block"
      ><span class="label">Version you mean</span><input
        class="w-full border-b border-hairline bg-transparent py-1 focus:border-moss"
        placeholder="white"
        maxlength="40"
        disabled={!open}
        value={line.meant ?? ''}
        onchange={(event) => void bench.edit(line.id, { meant: event.currentTarget.value })}
      /></label
    >{/if}
</div>
