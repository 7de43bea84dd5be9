<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Mark from '$ui/Mark.svelte';

  /** What fits, told in full once it is opened. */
  let { tally, fitting }: { tally: Schemas['Tally']; fitting: () => Promise<Schemas['FindingView'][]> } = $props();
  let open = $state(false);
  let told = $state<Schemas['FindingView'][]>([]);
  $effect(() => {
    void tally;
    if (open) void fitting().then((findings) => (told = findings));
  });
</script>

<details bind:open>
  <summary class="cursor-pointer text-soft"><Mark verdict="FITS" /> {tally.fitting} fit</summary>
  <ul class="mt-1 space-y-1 pl-5 text-soft">
    {#each told as finding, i (i)}<li>{finding.evidence} <span class="sr-only">{finding.rule}</span></li>{/each}
  </ul>
</details>
