<script lang="ts" module>
  export type Pane = 'slots' | 'slot' | 'tally';
</script>

<script lang="ts">
  /** On a telephone: which part of the bench is shown. */
  let { pane = $bindable(), slot, total }: { pane: Pane; slot: string; total: string } = $props();
  const panes = $derived([
    ['slots', 'Slots'],
    ['slot', slot],
    ['tally', total],
  ] as const);
</script>

<div role="group" aria-label="Part of the bench" class="grid grid-cols-3 border-b border-hairline lg:hidden">
  {#each panes as [name, label] (name)}
    <button
      class="min-h-11 truncate px-2 {pane === name ? 'border-b-2 border-moss font-semibold' : 'text-soft'}"
      aria-pressed={pane === name}
      onclick={() => (pane = name)}>{label}</button
    >
  {/each}
</div>
