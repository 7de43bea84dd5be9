<script lang="ts">
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import OtherOffers from './OtherOffers.svelte';
  import { wishForm, type TypedTier } from './forms';
  import WishFields from './WishFields.svelte';

  /** One tier: its name, band, promise and what its total counts. */
  let {
    tier = $bindable(),
    number,
    asksTax = false,
  }: {
    tier: TypedTier;
    number?: number;
    /** Whether the guide's prices come without sales tax. */
    asksTax?: boolean;
  } = $props();
  const asks = $derived(Object.keys(wishForm({ ...tier.wishes, mostNoise: '' })).length > 0);
</script>

<fieldset class="grid gap-x-4 sm:grid-cols-4 gap-y-3">
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
  {:else}<span class="sm:col-span-2"></span>{/if}
  <div class="sm:col-span-2"><TextField label="Promise to the reader" bind:value={tier.promise} maxlength={500} /></div>
  <div class="sm:col-span-2"><TextField label="Who it is for" bind:value={tier.audience} maxlength={500} /></div>
  <label class="sm:col-span-2 inline-flex items-center gap-2"
    ><input type="checkbox" bind:checked={tier.countsShipping} />The total counts shipping</label
  >
  <label class="sm:col-span-2 inline-flex items-center gap-2"
    ><input type="checkbox" bind:checked={tier.showsBuilds} />Readers see its builds side by side</label
  >
  {#if asksTax || tier.countsTax}<label class="sm:col-span-4 inline-flex items-center gap-2"
      ><input type="checkbox" bind:checked={tier.countsTax} />The band is about the total with sales tax</label
    >{/if}
  <details class="sm:col-span-4" open={asks}>
    <summary class="cursor-pointer font-semibold">What it asks of its builds</summary>
    <WishFields bind:wishes={tier.wishes} />
  </details>
  <div class="sm:col-span-4">
    <OtherOffers policy={tier.policy} onsave={(policy) => (tier.policy = policy)} />
  </div>
</fieldset>
