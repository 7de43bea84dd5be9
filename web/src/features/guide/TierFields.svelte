<script lang="ts">
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import type { TypedTier } from './forms';

  /** One tier: its name, band, promise and what its total counts. */
  let { tier = $bindable(), number }: { tier: TypedTier; number?: number } = $props();
</script>

<fieldset class="grid grid-cols-4 gap-x-4 gap-y-3">
  {#if number}<legend class="mb-2 font-semibold">Tier {number}</legend>{/if}
  <TextField label="Tier name" bind:value={tier.name} required maxlength={60} />
  <Choose
    label="Band"
    bind:value={tier.type}
    options={[
      { value: 'FROM_TO', label: 'from – to' },
      { value: 'POINT', label: 'point ± tolerance' },
      { value: 'NONE', label: 'none' },
    ]}
  />
  {#if tier.type === 'FROM_TO'}
    <TextField label="From" bind:value={tier.from} inputmode="decimal" required />
    <TextField label="To" bind:value={tier.to} inputmode="decimal" required />
  {:else if tier.type === 'POINT'}
    <TextField label="Price point" bind:value={tier.point} inputmode="decimal" required />
    <TextField label="Tolerance, %" bind:value={tier.tolerance} inputmode="decimal" required />
  {:else}<span></span><span></span>{/if}
  <div class="col-span-2"><TextField label="Promise to the reader" bind:value={tier.promise} maxlength={500} /></div>
  <div class="col-span-2"><TextField label="Who it is for" bind:value={tier.audience} maxlength={500} /></div>
  <label class="col-span-4 inline-flex items-center gap-2"
    ><input type="checkbox" bind:checked={tier.countsShipping} />The total counts shipping</label
  >
</fieldset>
