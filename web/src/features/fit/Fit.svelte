<script lang="ts">
  import { createQuery, keepPreviousData } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import Mark from '$ui/Mark.svelte';

  /** How the parts of a build go into its case: drawn to scale, and the same in words; with another part on a line, if one is given. */
  let {
    edition,
    build,
    stamp,
    line,
    part,
    compact = false,
  }: {
    edition: string;
    build: string;
    /** Changes when the build does. */
    stamp: unknown;
    line?: string;
    part?: string;
    /** The drawing over the words, without the sizes. */
    compact?: boolean;
  } = $props();
  const fit = createQuery(() => ({
    queryKey: ['fit', edition, build, stamp, line, part],
    queryFn: () =>
      taken(
        api.GET('/api/editions/{edition}/builds/{build}/fit', {
          params: { path: { edition, build }, query: part ? { line, part } : {} },
        }),
      ),
    placeholderData: keepPreviousData,
  }));
</script>

{#if fit.isError}<p role="alert" class="text-clay">{(fit.error as Error).message}</p>{/if}
{#if fit.data}
  {@const view = fit.data}
  {#if !view.words.length && !view.svg}<p class="text-soft">
      No case is chosen, so there is nothing to look into.
    </p>{/if}
  <div class={compact ? '' : 'grid gap-6 lg:grid-cols-[minmax(0,1fr)_300px]'}>
    <!-- Made by the server, every text in it escaped. -->
    <!-- eslint-disable-next-line svelte/no-at-html-tags -->
    <div class="min-w-0">{@html view.svg}</div>
    <div>
      <ul aria-label="The fit in words" class={compact ? 'small mt-2 space-y-1' : 'space-y-2'}>
        {#each view.words as sentence (sentence.subject + sentence.said)}
          <li class="flex gap-2">
            <span class="pt-0.5"><Mark verdict={sentence.verdict} /></span><span
              ><b class="font-semibold">{sentence.subject}</b> {sentence.said}</span
            >
          </li>
        {/each}
      </ul>
      {#if !compact && view.sizes.length}<details class="small mt-3">
          <summary class="cursor-pointer text-soft">Every size that is drawn</summary>
          <ul class="mt-1 space-y-1">
            {#each view.sizes as size (size.subject + size.said)}<li><b>{size.subject}</b> {size.said}</li>{/each}
          </ul>
        </details>{/if}
    </div>
  </div>
{/if}
