<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Mark from '$ui/Mark.svelte';

  /** What has become of the edition that readers see: tiers that left their bands since, parts that are gone. */
  let { rows, number }: { rows: Schemas['Wanted'][]; number?: number } = $props();
</script>

<div class="mt-6 flex items-baseline justify-between border-b border-ink pb-1">
  <h2 class="text-[17px]">Since edition {number} came out</h2>
</div>
{#each rows as row (row.where + row.what)}
  <p class="grid grid-cols-[100px_minmax(0,1fr)] items-center gap-4 border-b border-hairline py-1.5">
    <span class="small flex items-center gap-2"><Mark verdict={row.sign} />{row.where}</span><span>{row.what}</span>
  </p>
{/each}
