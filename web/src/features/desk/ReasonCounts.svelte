<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  /** How many reasons want the author, and the way to the first. */
  let { counts, onfirst }: { counts: Schemas['ReasonCounts']; onfirst: () => void } = $props();
  const words = $derived(
    [
      counts.stale && `${counts.stale} stale`,
      counts.wrong && `${counts.wrong} otherwise than the data`,
      counts.missing && `${counts.missing} missing`,
      counts.again && `${counts.again} to read once more`,
    ].filter(Boolean),
  );
</script>

{#if words.length}
  <p class="small mt-3 flex items-baseline justify-between gap-3">
    <span>Reasons: {words.join(', ')}</span>
    <button class="btn-quiet small" onclick={onfirst}><span class="key">r</span> go through them</button>
  </p>
{/if}
