<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';

  /** A labelled line of text, with a hint below it if there is one. */
  let {
    label,
    value = $bindable(''),
    hint = '',
    ...rest
  }: { label: string; value: string; hint?: string } & HTMLInputAttributes = $props();
  const id = $props.id();
</script>

<div>
  <label for={id} class="label mb-1 block">{label}</label>
  <input {id} class="field" bind:value aria-describedby={hint ? `${id}-hint` : undefined} {...rest} />
  {#if hint}<p id="{id}-hint" class="small mt-1 text-soft">{hint}</p>{/if}
</div>
