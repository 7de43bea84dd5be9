<script lang="ts" generics="T extends string">
  /** A labelled choice of one among several words. */
  let {
    label,
    value = $bindable(),
    options,
  }: { label: string; value: T; options: { value: T; label: string }[] } = $props();
  const id = $props.id();
</script>

<div>
  <label for={id} class="label mb-1 block">{label}</label>
  <select {id} class="field" bind:value>
    {#each options as option (option.value)}<option value={option.value}>{option.label}</option>{/each}
  </select>
</div>
