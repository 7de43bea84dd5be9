<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { toggled } from '$lib/toggled';
  import TextField from '$ui/TextField.svelte';
  import EnergyFields from './EnergyFields.svelte';
  import PolicyFields from './PolicyFields.svelte';
  import Regions from './Regions.svelte';
  import RoundPlanFields from './RoundPlanFields.svelte';
  import UsualValues from './UsualValues.svelte';

  /** The settings of a guide: region, currency, shops and which offers count. */
  let { form = $bindable(), fixedCurrency = false }: { form: Schemas['GuideForm']; fixedCurrency?: boolean } = $props();
  const shops = createQuery(() => ({ queryKey: ['shops'], queryFn: () => taken(api.GET('/api/shops', {})) }));
</script>

<div class="grid grid-cols-2 gap-4">
  <TextField label="Name" bind:value={form.name} required maxlength={100} />
  <TextField label="Appears" bind:value={form.schedule} placeholder="monthly, first Thursday" maxlength={120} />
  <TextField label="Region" bind:value={form.region} required maxlength={80} />
  <TextField label="Time zone" bind:value={form.zone} required hint="Such as CET or UTC" />
  <TextField
    label="Home currency"
    bind:value={form.currency}
    required
    maxlength={3}
    disabled={fixedCurrency}
    hint={fixedCurrency ? 'Stays, as the archive is in it' : 'Three letters, such as EUR'}
  />
  <TextField label="Language" bind:value={form.locale} required hint="A language tag such as en" />
</div>
<fieldset class="mt-4">
  <legend class="label mb-1">Shops</legend>
  {#each shops.data ?? [] as shop (shop.id)}
    <label class="mr-4 inline-flex items-center gap-2"
      ><input
        type="checkbox"
        checked={form.shops.includes(shop.id!)}
        onchange={() => (form.shops = toggled(form.shops, shop.id!))}
      />{shop.name}</label
    >
  {:else}<p class="text-soft">
      No shop is set up yet; prices can be typed by hand. <a class="underline" href="/shops">Add a shop</a> to have them refreshed.
    </p>{/each}
</fieldset>
<PolicyFields bind:form shops={shops.data ?? []} />
<EnergyFields bind:form />
<Regions bind:form />
<UsualValues bind:form />
<RoundPlanFields bind:form />
<label class="label mt-4 block"
  >Disclosure, on every page<textarea class="field mt-1" rows="2" maxlength="2000" bind:value={form.disclosure}
  ></textarea></label
>
