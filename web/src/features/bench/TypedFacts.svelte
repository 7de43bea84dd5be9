<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  /** Figures of a reason that were typed rightly: as facts they stay right. */
  let { facts, onfacts }: { facts: Schemas['TypedFactView'][]; onfacts: (facts: Schemas['TypedFactView'][]) => void } =
    $props();
</script>

{#if facts.length}
  <div class="small mt-1.5 flex items-baseline gap-3 text-soft">
    <details>
      <summary class="cursor-pointer"
        >{facts.length === 1
          ? 'One typed figure can become a fact'
          : `${facts.length} typed figures can become facts`}</summary
      >
      <ul aria-label="Figures that can become facts">
        {#each facts as fact (fact.start)}<li class="py-0.5">
            <button
              class="btn-quiet small"
              aria-label="Make {fact.written} the fact {fact.fact}"
              onclick={() => onfacts([fact])}>{fact.written} → {fact.fact}</button
            >
          </li>{/each}
      </ul>
    </details>
    <button class="btn-quiet small" onclick={() => onfacts(facts)}
      ><span class="key">k</span> make {facts.length === 1 ? 'it a fact' : 'all facts'}</button
    >
  </div>
{/if}
