<script lang="ts">
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import { FIELDS, type TypedShop } from './forms';

  /** Where a shop's list lies, how it is written, and which of its columns say what. */
  let { typed = $bindable(), columns }: { typed: TypedShop; columns: string[] } = $props();
</script>

<div class="grid grid-cols-3 gap-4">
  <TextField label="Where its list lies" bind:value={typed.feedPath} placeholder="/lists/all.csv" />
  <Choose
    label="Written as"
    bind:value={typed.feedFormat}
    options={[
      { value: 'COMMA', label: 'text, commas between' },
      { value: 'SEMICOLON', label: 'text, semicolons between' },
      { value: 'TAB', label: 'text, tabs between' },
      { value: 'JSON', label: 'JSON' },
      { value: 'XML', label: 'XML' },
    ]}
  />
  {#if typed.feedFormat === 'JSON'}<TextField
      label="Path to its items"
      bind:value={typed.feedItems}
      placeholder="items"
      hint="Empty: the file is the list"
    />{:else if typed.feedFormat === 'XML'}<TextField
      label="Element that is repeated"
      bind:value={typed.feedItems}
      placeholder="item"
      required
    />{/if}
</div>
<div class="mt-2 grid grid-cols-4 gap-x-4 gap-y-1">
  {#each FIELDS as { field, label } (field)}
    <label class="label"
      >{label}<input
        class="field mt-0.5"
        list="columns-of-the-list"
        maxlength="100"
        value={typed.columns[field] ?? ''}
        onchange={(e) => (typed.columns = { ...typed.columns, [field]: e.currentTarget.value })}
      /></label
    >
  {/each}
</div>
<datalist id="columns-of-the-list"
  >{#each columns as column (column)}<option value={column}></option>{/each}</datalist
>
