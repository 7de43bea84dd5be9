<script lang="ts">
  import { Tooltip } from 'bits-ui';
  import type { Snippet } from 'svelte';

  /** A figure with a few words about it, told when it is pointed at or has the focus. */
  let { words, class: look = '', children }: { words: string; class?: string; children: Snippet } = $props();
</script>

{#if words}
  <Tooltip.Root delayDuration={300}>
    <Tooltip.Trigger class="min-h-6 cursor-help text-right decoration-dotted underline-offset-4 hover:underline {look}">
      {@render children()}
    </Tooltip.Trigger>
    <Tooltip.Portal>
      <Tooltip.Content
        class="small z-50 max-w-72 rounded-sm border border-ink bg-sheet px-2 py-1 text-ink"
        sideOffset={4}>{words}</Tooltip.Content
      >
    </Tooltip.Portal>
  </Tooltip.Root>
{:else}{@render children()}{/if}
