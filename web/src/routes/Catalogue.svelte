<script lang="ts">
  import { createInfiniteQuery, createQuery, keepPreviousData } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Chips from '$features/catalogue/Chips.svelte';
  import FromFile from '$features/catalogue/FromFile.svelte';
  import FromLinks from '$features/catalogue/FromLinks.svelte';
  import NewPart from '$features/catalogue/NewPart.svelte';
  import PartSheet from '$features/catalogue/PartSheet.svelte';
  import NewPage from '$features/catalogue/NewPage.svelte';
  import PartCost from '$features/prices/PartCost.svelte';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';

  type Kind = Schemas['KindView']['kind'];
  let kind = $state<Kind>('GRAPHICS_CARD');
  let text = $state('');
  let adding = $state(false);
  /** The part that a new one is a sibling of. */
  let like = $state<Schemas['PartSheet'] | null>(null);
  let linking = $state(false);
  let filing = $state(false);
  let naming = $state(false);
  /** A part can be named in the address. */
  let opened = $state(searchParams.get('part') as string | null);
  let costing = $state<string | null>(null);
  let paging = $state<Schemas['PartView'] | null>(null);
  const kinds = createQuery(() => ({
    queryKey: ['kinds'],
    queryFn: () => taken(api.GET('/api/kinds', {})),
    staleTime: Infinity,
  }));
  const parts = createInfiniteQuery(() => ({
    queryKey: ['parts', kind, text],
    queryFn: ({ pageParam }) => taken(api.GET('/api/parts', { params: { query: { kind, q: text, from: pageParam } } })),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (page: Schemas['PartsPage']) => page.next ?? undefined,
    placeholderData: keepPreviousData,
  }));
  const found = $derived(parts.data?.pages.flatMap((p) => p.parts) ?? []);
  const current = $derived(kinds.data?.find((k) => k.kind === kind));
</script>

<svelte:head><title>Catalogue · Lowfield</title></svelte:head>

<main class="mx-auto max-w-[1100px] px-4 py-4 sm:px-6">
  <div class="flex flex-wrap items-end gap-x-4 gap-y-2 border-b border-ink pb-3">
    <h1 class="mr-4 text-[17px]">Catalogue</h1>
    <Choose
      label="Kind"
      bind:value={kind}
      options={(kinds.data ?? []).map((k) => ({ value: k.kind, label: k.plural }))}
    />
    <TextField label="Name or figures" bind:value={text} />
    <p class="small flex flex-wrap items-center gap-3 sm:ml-auto">
      {#if kind === 'GRAPHICS_CARD' || kind === 'PROCESSOR'}<button
          class="btn-quiet small"
          onclick={() => (naming = true)}>Chips</button
        >{/if}
      <a class="btn-quiet small" href="/api/kinds/{kind}/file?form=CSV" download>As CSV</a>
      <a class="btn-quiet small" href="/api/kinds/{kind}/file?form=JSON" download>As JSON</a>
      <button class="btn-quiet small" onclick={() => (filing = true)}>From a file</button>
    </p>
    <button class="btn" onclick={() => (linking = true)}>From links</button>
    <button class="btn btn-main" onclick={() => (adding = true)}>Add a part</button>
  </div>
  {#each found as part (part.id)}
    <div class="grid items-baseline gap-x-4 sm:grid-cols-[1fr_1fr_auto] border-b border-hairline py-1.5">
      <button class="text-left font-medium hover:underline" onclick={() => (opened = part.id)}
        >{part.name}{#if part.variant}<span class="font-normal text-soft">, {part.variant}</span>{/if}</button
      >
      <span class="text-soft"
        >{part.summary}{#if part.missing.length}<span class="small block text-slate"
            >not known: {part.missing.join(', ')}</span
          >{/if}</span
      >
      <span class="flex flex-wrap gap-3"
        ><button
          class="btn-quiet small"
          aria-label="Type a price of {part.fullName}"
          onclick={() => (costing = part.id)}>Type a price</button
        ><button class="btn-quiet small" onclick={() => (paging = part)}>Name a shop's page</button></span
      >
    </div>
  {:else}{#if parts.isSuccess}<p class="py-4 text-soft">
        No part of this kind{text ? ' has these words' : ' yet; add the first'}.
      </p>{/if}{/each}
  {#if found.length}<p class="small py-3 text-soft">
      {found.length} of {parts.data?.pages[0]?.all}
      {#if parts.hasNextPage}<button
          class="btn-quiet small"
          disabled={parts.isFetchingNextPage}
          onclick={() => void parts.fetchNextPage()}>Show more</button
        >{/if}
    </p>{/if}
  <FromLinks bind:open={linking} kinds={kinds.data ?? []} />
  {#if current}<NewPart
      bind:open={() => adding, (is) => ((adding = is), is || (like = null))}
      kind={current}
      {like}
    /><FromFile bind:open={filing} kind={current} />{/if}
  <Chips bind:open={naming} />
  <NewPage bind:part={paging} />
  <PartCost bind:part={costing} />
  <PartSheet
    bind:part={opened}
    oncopy={(sheet) => {
      like = sheet;
      adding = true;
    }}
  />
</main>
