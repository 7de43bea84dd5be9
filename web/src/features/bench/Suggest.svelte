<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';

  /** Alternatives and upgrades that the catalogue has for this choice; the author takes over what is worth telling. */
  let {
    edition,
    line,
    stamp,
    format,
    onadd,
  }: {
    edition: string;
    line: string;
    /** Changes when the build does. */
    stamp: unknown;
    format: Format;
    onadd: (suggestion: Schemas['SuggestionView']) => void;
  } = $props();
  let open = $state(false);
  const found = createQuery(() => ({
    queryKey: ['suggestions', edition, line, stamp],
    queryFn: () =>
      taken(api.GET('/api/editions/{edition}/lines/{line}/suggestions', { params: { path: { edition, line } } })),
    enabled: open,
  }));
</script>

<details class="mt-3" bind:open>
  <summary class="cursor-pointer text-soft">What the catalogue has to offer beside it</summary>
  {#if found.isError}<p role="alert" class="text-clay">{(found.error as Error).message}</p>{/if}
  {#each found.data ?? [] as suggestion (suggestion.part)}
    <div class="border-b border-hairline py-1.5">
      <p class="flex justify-between gap-2">
        <span
          ><span class="label inline">{suggestion.word ?? 'upgrade'}</span>
          <span class="font-medium">{suggestion.name}</span></span
        ><span class="font-semibold whitespace-nowrap"
          >{format.sum(suggestion.price)}
          <span class="small font-normal text-soft">{format.signed(suggestion.differenceMinor, 'the same')}</span></span
        >
      </p>
      {#if suggestion.gains.length}<p class="small">{suggestion.gains.join(', ')}</p>{/if}
      {#if suggestion.losses.length}<p class="small text-soft">gives up: {suggestion.losses.join(', ')}</p>{/if}
      {#each suggestion.forced as forced (forced.part)}<p class="small text-straw">
          also needs {forced.name}, {format.money(forced.price.minor)}: {forced.why}
        </p>{/each}
      {#if suggestion.nextTier}<p class="small text-straw">{suggestion.nextTier}</p>{/if}
      <button class="btn-quiet small" aria-label="Offer {suggestion.name}" onclick={() => onadd(suggestion)}
        >Offer it</button
      >
    </div>
  {:else}{#if found.isSuccess}<p class="small py-2 text-soft">
        Nothing else of this kind has a price, goes in and is better in something.
      </p>{:else if open}<p class="small py-2 text-soft">Being worked out…</p>{/if}{/each}
</details>
