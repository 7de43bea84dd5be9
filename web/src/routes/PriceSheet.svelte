<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { tick, untrack } from 'svelte';
  import { api, taken } from '$lib/api/client';
  import { Format } from '$lib/format';
  import { useDesk } from '$features/guide/queries';
  import PartCost from '$features/prices/PartCost.svelte';
  import { Entry, paste, pastedLines, Sheet } from '$features/prices/sheet.svelte';
  import { sheetActs, unpin } from '$features/prices/sheetActs';
  import SheetRow from '$features/prices/SheetRow.svelte';
  import type { PricedLine } from '$features/prices/typed.svelte';
  import Told from '$ui/Told.svelte';
  import { route } from './router';

  /** All prices of an edition that no shop renews, typed or confirmed one after the other without leaving the keyboard. */
  const params = $derived(route.params as Record<string, string>);
  const queries = useQueryClient();
  const desk = useDesk(() => params.guide!);
  const currency = $derived(desk.data?.guide.currency ?? 'EUR');
  const format = $derived(new Format(currency, desk.data?.guide.locale ?? 'en', desk.data?.guide.zone));
  const prices = createQuery(() => ({
    queryKey: ['price-sheet', params.edition],
    staleTime: Infinity,
    refetchOnWindowFocus: false,
    queryFn: () =>
      taken(api.GET('/api/editions/{edition}/price-sheet', { params: { path: { edition: params.edition! } } })),
  }));

  let sheet = $state.raw<Sheet>();
  let told = $state('');
  let problem = $state('');
  $effect(() => {
    const rows = prices.data;
    const guide = desk.data?.guide;
    if (!rows || !guide) return;
    const acts = sheetActs(params.edition!, () => guide);
    untrack(() => {
      sheet = new Sheet(
        rows.filter((price) => price.state !== 'DUE').map((price) => new Entry(price, guide.currency, acts)),
        acts,
      );
    });
  });
  // What was typed here shows everywhere else once this view is left.
  $effect(() => () => void queries.invalidateQueries());

  const entries = $derived(sheet?.entries ?? []);
  const due = $derived(prices.data?.filter((p) => p.state === 'DUE').length ?? 0);
  const saved = $derived(entries.filter((e) => e.state === 'saved' || e.state === 'confirmed').length);
  const asked = $derived(entries.filter((e) => e.state === 'asked' || e.state === 'refused').length);
  let body = $state<HTMLElement>();
  $effect(() => {
    if (entries.length) void focus(0);
  });
  let costing = $state<string | null>(null);
  let costingAt = $state.raw<PricedLine>();

  async function focus(index: number): Promise<void> {
    await tick();
    body?.querySelectorAll<HTMLElement>('[data-entry]')[index]?.focus();
  }

  async function confirm(entry: Entry, i: number): Promise<void> {
    if (await entry.confirm()) void focus(i + 1);
  }

  function pasted(text: string, from: number): boolean {
    const lines = pastedLines(text);
    if (lines.length < 2) return false;
    told = paste(entries, from, lines);
    void focus(Math.min(from + lines.length, entries.length - 1));
    return true;
  }

  function other(entry: Entry): void {
    costingAt = { edition: params.edition!, line: entry.price.uses[0]!.line };
    costing = entry.price.part!;
  }

  async function letGo(entry: Entry): Promise<void> {
    try {
      await unpin(params.edition!, entry.price);
      problem = '';
      await prices.refetch();
    } catch (failed) {
      problem = (failed as Error).message;
    }
  }
</script>

<svelte:head><title>Price sheet · Lowfield</title></svelte:head>

<main class="mx-auto max-w-[1120px] px-4 py-4 sm:px-6">
  <div class="flex flex-wrap items-baseline justify-between gap-2 border-b border-ink pb-2">
    <div>
      <h1 class="text-[17px]">Price sheet</h1>
      <p class="text-soft">
        Prices no shop updates. Type a price and press Enter, or press <span class="key">=</span> to confirm the last
        one, <span class="key">+</span> to confirm all. A column can be pasted. A price typed here without a seller includes
        shipping.
      </p>
    </div>
    <p class="flex items-baseline gap-3">
      <span class="small text-soft" aria-live="polite"
        >{entries.length ? `${saved} of ${entries.length} saved${asked ? `, ${asked} to look at` : ''}` : ''}</span
      >
      {#if sheet?.confirmable.length}<button class="btn" onclick={() => void sheet!.confirmAll()}
          >Confirm {sheet.confirmable.length === 1 ? '1 price' : `all ${sheet.confirmable.length} prices`}</button
        >{/if}
      {#if sheet?.canUndo}<button class="btn" onclick={() => void sheet!.undo()}>Undo</button>{/if}
    </p>
  </div>
  <Told sentence={prices.error?.message ?? problem} />
  <Told sentence={sheet?.problem ?? ''} />
  <Told sentence={sheet?.told || told} tone="moss" />
  {#if due}<p class="mt-2 text-straw">
      {due}
      {due === 1 ? 'price' : 'prices'} from shops {due === 1 ? 'is' : 'are'} too old to count.
      <a href="/guides/{params.guide}/round">Refresh prices</a>; they are not listed here.
    </p>{/if}
  {#if prices.isSuccess && !entries.length}
    <p class="py-4 text-soft">Shops update every price in this edition. Nothing to type.</p>
  {:else if entries.length}
    <div class="overflow-x-auto">
      <table class="mt-2 w-full">
        <thead class="small text-soft">
          <tr>
            <th scope="col" class="py-1 text-left font-normal">Part</th>
            <th scope="col" class="py-1 pr-4 text-right font-normal">Last price</th>
            <th scope="col" class="py-1 pr-4 text-right font-normal">Price today ({currency})</th>
            <th scope="col" class="py-1 text-left font-normal"><span class="sr-only">Actions</span></th>
            <th scope="col" class="py-1 text-left font-normal"><span class="sr-only">State</span></th>
          </tr>
        </thead>
        <tbody bind:this={body}>
          {#each entries as entry, i (entry.key)}<SheetRow
              {entry}
              {format}
              hrefOf={(use) =>
                `/guides/${params.guide}/editions/${params.edition}/builds/${use.build}/lines/${use.line}`}
              onenter={() => entry.enter() && void focus(i + 1)}
              onconfirm={() => void confirm(entry, i)}
              onconfirmall={() => void sheet!.confirmAll()}
              onpaste={(text) => pasted(text, i)}
              onmove={(by) => void focus(i + by)}
              onother={() => other(entry)}
              onunpin={() => void letGo(entry)}
            />{/each}
        </tbody>
      </table>
    </div>
  {/if}
  <PartCost bind:part={costing} guide={params.guide} line={costingAt} onsaved={() => void prices.refetch()} />
</main>
