<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Mark from '$ui/Mark.svelte';

  /** What became of each shop's list. */
  let { feeds }: { feeds: Schemas['Feed'][] } = $props();
</script>

<ul class="mt-2 flex flex-wrap gap-x-6 gap-y-1" aria-label="The shops' lists">
  {#each feeds as feed (feed.shop)}<li class="small flex items-center gap-2 text-soft">
      <Mark
        verdict={feed.state === 'READ'
          ? feed.sentence
            ? 'CAUTION'
            : 'FITS'
          : feed.state === 'FAILED'
            ? 'CLASH'
            : 'NOT_KNOWN'}
      />
      <span
        ><span class="font-medium text-ink">{feed.shop}</span>
        {feed.state === 'WAITING'
          ? 'list not read yet'
          : feed.state === 'READ'
            ? `${feed.matched} of ${feed.rows} lines are known parts${feed.sentence ? `; ${feed.sentence}` : ''}`
            : feed.sentence}</span
      >
    </li>{/each}
</ul>
