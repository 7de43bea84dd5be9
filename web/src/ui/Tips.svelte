<script lang="ts">
  import { Tooltip } from 'bits-ui';
  import type { Snippet } from 'svelte';

  /** Around everything in which figures have tips. */
  let { children }: { children: Snippet } = $props();
</script>

<Tooltip.Provider>{@render children()}</Tooltip.Provider>
