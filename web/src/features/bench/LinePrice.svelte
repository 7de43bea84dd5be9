<script lang="ts">
  import { coolerWords } from './coolerWords';
  import PartPrices from '$features/prices/PartPrices.svelte';
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import type { BenchState } from './bench.svelte';
  import SwapInPackage from './SwapInPackage.svelte';

  /** What the line costs: its offer, how it moved, and its prices through time. */
  let {
    state: bench,
    line,
    format,
    lastMonth,
    onfind,
    oncost,
  }: {
    state: BenchState;
    line: Schemas['LineView'];
    format: Format;
    lastMonth: string;
    onfind: () => void;
    oncost: () => void;
  } = $props();
  let showsPrices = $state(false);
  const open = $derived(bench.isOpen);
  const shipping = $derived(
    line.offer?.shippingMinor != null ? `, shipping alone ${format.money(line.offer.shippingMinor)}` : '',
  );
</script>

{#if line.choice.type === 'EMPTY'}
  <p class="text-soft">
    Nothing is chosen here yet. {#if open}<button class="btn-quiet" onclick={() => onfind()}>Find a part</button>{/if}
  </p>
{:else}
  <p>
    {#if line.included}<span class="text-[19px] font-semibold"
        >included{line.included.swapMinor ? `, ${format.signed(line.included.swapMinor)}` : ''}</span
      >
      <span class="text-soft">in {line.included.name}; its share is {format.sum(line.goods)}</span>
    {:else}<span class="text-[19px] font-semibold">{format.sum(line.goods)}</span>{/if}
    {#if line.offer}
      <span class="text-soft">
        {#if line.offer.link}at <a class="text-ink" href={line.offer.link} rel="noreferrer noopener" target="_blank"
            >{line.offer.seller}</a
          >{:else}{line.offer.seller}{/if}, {line.offer.condition}{coolerWords(line.offer)}, {line.offer.stock}, seen {format.date(
          line.offer.seenAt,
        )}{shipping}
      </span>
    {/if}
  </p>
  <SwapInPackage state={bench} {line} currency={bench.bench?.guide.currency ?? 'EUR'} />
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
      Pinned to this offer: {line.heldWhy}
      {#if open}<button class="btn-quiet small" onclick={() => void bench.edit(line.id, { hold: { why: '' } })}
          >unpin</button
        >{/if}
    </p>{/if}
  {#if line.runnersUp.length}<p class="text-soft">
      Next: {line.runnersUp
        .slice(0, 2)
        .map((o) => `${format.money(o.priceMinor)} at ${o.seller}`)
        .join(', ')}
    </p>{/if}
  {#if line.part && (line.choice.type === 'PART' || line.choice.type === 'SET')}<button
      class="btn-quiet small mt-1"
      onclick={oncost}>Type a price</button
    >{/if}
  {#if line.part}<details class="mt-1" bind:open={showsPrices}>
      <summary class="small cursor-pointer text-moss">its prices through time</summary>
      {#if showsPrices}<PartPrices part={line.part} {format} />{/if}
    </details>{/if}
{/if}
