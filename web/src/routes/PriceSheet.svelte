<script lang="ts">
  import { useShops } from '$features/shops/queries';
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { tick } from 'svelte';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { Format } from '$lib/format';
  import { useDesk } from '$features/guide/queries';
  import { Entry, paste, pastedLines, type Send, type TakeBack } from '$features/prices/sheet.svelte';
  import SheetRow from '$features/prices/SheetRow.svelte';
  import Told from '$ui/Told.svelte';
  import { route } from './router';

  /** All prices of an edition that no shop gave, typed one after the other without leaving the keyboard. */
  const params = $derived(route.params as Record<string, string>);
  const queries = useQueryClient();
  const desk = useDesk(() => params.guide!);
  const currency = $derived(desk.data?.guide.currency ?? 'EUR');
  const format = $derived(new Format(currency, desk.data?.guide.locale ?? 'en', desk.data?.guide.zone));
  const shops = useShops();
  const sheet = createQuery(() => ({
    queryKey: ['price-sheet', params.edition],
    staleTime: Infinity,
    refetchOnWindowFocus: false,
    queryFn: () =>
      taken(api.GET('/api/editions/{edition}/price-sheet', { params: { path: { edition: params.edition! } } })),
  }));
  const ofGuide = $derived(
    (shops.data ?? []).filter((s) => s.currency === currency && desk.data?.guide.shops.includes(s.id!)),
  );

  const send: Send = async (price, typed) => {
    if (price.part) {
      const { number } = await taken(
        api.POST('/api/parts/{part}/prices', {
          params: { path: { part: price.part } },
          body: {
            guide: desk.data!.guide.id,
            allGuides: false,
            shop: typed.shop,
            shippingMinor: typed.shop ? undefined : 0,
            link: typed.link,
            seller: (typed.shop && price.place?.seller) || undefined,
            condition: (price.place?.condition as Schemas['TypedPrice']['condition']) ?? 'NEW',
            stock: 'IN_STOCK',
            priceMinor: typed.minor,
            currency,
            membersOnly: false,
            sure: typed.sure,
          },
        }),
      );
      return number;
    }
    await taken(
      api.PATCH('/api/editions/{edition}/lines/{line}', {
        params: {
          path: { edition: params.edition!, line: price.uses[0]!.line },
          header: { 'If-Match': `"${price.version}"` },
        },
        body: { choice: { ...price.choice!, priceMinor: typed.minor } },
      }),
    );
    return undefined;
  };
  const takeBack: TakeBack = async (price, number) => {
    await taken(api.DELETE('/api/parts/{part}/prices/{number}', { params: { path: { part: price.part!, number } } }));
  };

  let entries = $state.raw<Entry[]>([]);
  let told = $state('');
  $effect(() => {
    const prices = sheet.data;
    const known = currency;
    if (prices && desk.data) entries = prices.map((price) => new Entry(price, known, send, takeBack));
  });
  // What was typed here shows everywhere else once this view is left.
  $effect(() => () => void queries.invalidateQueries());

  const saved = $derived(entries.filter((e) => e.state === 'saved').length);
  const asked = $derived(entries.filter((e) => e.state === 'asked' || e.state === 'refused').length);
  let body = $state<HTMLElement>();
  $effect(() => {
    if (entries.length) void focus(0);
  });

  async function focus(index: number): Promise<void> {
    await tick();
    body?.querySelectorAll<HTMLInputElement>('input[inputmode=decimal]')[index]?.focus();
  }

  function pasted(text: string, from: number): boolean {
    const lines = pastedLines(text);
    if (lines.length < 2) return false;
    told = paste(entries, from, lines);
    void focus(Math.min(from + lines.length, entries.length - 1));
    return true;
  }
</script>

<svelte:head><title>Price sheet · Lowfield</title></svelte:head>

<main class="mx-auto max-w-[1120px] px-4 py-4 sm:px-6">
  <div class="flex items-baseline justify-between border-b border-ink pb-2">
    <div>
      <h1 class="text-[17px]">Price sheet</h1>
      <p class="text-soft">
        What no shop has given a fresh price for. Type, Enter, next; <span class="key">=</span> keeps the last price as still
        so today; a column can be pasted.
      </p>
    </div>
    <p class="small text-soft" aria-live="polite">
      {entries.length ? `${saved} of ${entries.length} saved${asked ? `, ${asked} to look at` : ''}` : ''}
    </p>
  </div>
  <Told sentence={sheet.error?.message ?? ''} />
  <Told sentence={told} tone="moss" />
  {#if sheet.isSuccess && !entries.length}
    <p class="py-4 text-soft">Shops give a fresh price for everything in this edition; nothing is left to type.</p>
  {:else if entries.length}
    <div class="overflow-x-auto">
      <table class="mt-2 w-full">
        <thead class="small text-soft">
          <tr>
            <th scope="col" class="py-1 text-left font-normal">Part</th>
            <th scope="col" class="py-1 pr-4 text-right font-normal">Last price</th>
            <th scope="col" class="py-1 pr-4 text-right font-normal">Price today, {currency}</th>
            <th scope="col" class="py-1 text-left font-normal">Seen at</th>
            <th scope="col" class="py-1 text-left font-normal"><span class="sr-only">What became of it</span></th>
          </tr>
        </thead>
        <tbody bind:this={body}>
          {#each entries as entry, i (entry.key)}<SheetRow
              {entry}
              {format}
              shops={ofGuide}
              hrefOf={(use) =>
                `/guides/${params.guide}/editions/${params.edition}/builds/${use.build}/lines/${use.line}`}
              onenter={() => entry.enter() && void focus(i + 1)}
              onkeep={() => entry.stillSo() && void focus(i + 1)}
              onpaste={(text) => pasted(text, i)}
              onmove={(by) => void focus(i + by)}
            />{/each}
        </tbody>
      </table>
    </div>
  {/if}
</main>
