<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A part of a form that is folded away; what it holds is said in a sentence. */
  let { title, sentence, children }: { title: string; sentence: string; children: Snippet } = $props();
</script>

<details class="mt-4 border-t border-hairline pt-3">
  <summary class="cursor-pointer"
    ><span class="font-semibold">{title}</span> <span class="text-soft">{sentence}</span></summary
  >
  {@render children()}
</details>
