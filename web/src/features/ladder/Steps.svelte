<script lang="ts">
  import Mark from '$ui/Mark.svelte';

  /** What each step between tiers costs and buys, and what says too little. */
  let { steps, warnings }: { steps: string[]; warnings: string[] } = $props();
</script>

{#if steps.length}
  <section class="mt-6 max-w-[900px]" aria-labelledby="steps">
    <h2 id="steps" class="border-b border-hairline pb-1 font-semibold">Step by step</h2>
    {#if warnings.length}<ul class="mt-2 space-y-1" aria-label="What to look at">
        {#each warnings as warning (warning)}<li class="flex gap-2"><Mark verdict="CAUTION" />{warning}</li>{/each}
      </ul>{/if}
    <ol class="mt-2 space-y-1">
      {#each steps as step (step)}<li>{step}</li>{/each}
    </ol>
  </section>
{/if}
