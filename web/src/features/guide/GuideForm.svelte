<script lang="ts">
  import { useShops } from '$features/shops/queries';
  import type { Schemas } from '$lib/api/client';
  import { toggled } from '$lib/toggled';
  import Fold from '$ui/Fold.svelte';
  import SearchList from '$ui/SearchList.svelte';
  import TextField from '$ui/TextField.svelte';
  import Appears from './Appears.svelte';
  import EnergyFields from './EnergyFields.svelte';
  import { currencies, languages, zones } from './places';
  import PolicyFields from './PolicyFields.svelte';
  import Regions from './Regions.svelte';
  import RoundPlanFields from './RoundPlanFields.svelte';
  import { energySentence, policySentence, regionsSentence, roundsSentence } from './summaries';
  import UsualValues from './UsualValues.svelte';

  /** The settings of a guide: region, currency, shops and which offers count. */
  let { form = $bindable(), fixedCurrency = false }: { form: Schemas['GuideForm']; fixedCurrency?: boolean } = $props();
  const shops = useShops();
</script>

<div class="grid gap-4 sm:grid-cols-2">
  <TextField label="Name" bind:value={form.name} required maxlength={100} />
  <TextField label="Region" bind:value={form.region} required maxlength={80} />
  <SearchList
    label="Home currency"
    bind:value={form.currency}
    options={currencies()}
    disabled={fixedCurrency}
    hint={fixedCurrency ? 'Stays, as the archive is in it' : ''}
  />
  <Appears bind:schedule={form.schedule} />
  <SearchList label="Time zone" bind:value={form.zone} options={zones()} />
  <SearchList label="Language" bind:value={form.locale} options={languages()} />
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
<Fold title="Which offers count" sentence={policySentence(form)}
  ><PolicyFields bind:form shops={shops.data ?? []} /></Fold
>
<Fold title="Tax and readers elsewhere" sentence={regionsSentence(form)}>
  <label class="mt-4 flex items-center gap-2"
    >Sales tax that shops add to their prices<input
      class="field w-24 text-right"
      type="number"
      min="0"
      max="50"
      step="0.1"
      value={(form.salesTaxPermille ?? 0) / 10}
      onchange={(e) => (form.salesTaxPermille = Math.round((e.currentTarget.valueAsNumber || 0) * 10))}
    />%; 0 where prices include it</label
  >
  <Regions bind:form />
</Fold>
<Fold title="Energy" sentence={energySentence(form)}><EnergyFields bind:form /></Fold>
<Fold title="Refreshing prices" sentence={roundsSentence(form)}><RoundPlanFields bind:form /></Fold>
<UsualValues bind:form />
<label class="mt-4 flex items-center gap-2"
  ><input
    type="checkbox"
    checked={form.printsHandling ?? false}
    onchange={(e) => (form.printsHandling = e.currentTarget.checked)}
  />Print own experience with parts (built with, owned, tested)</label
>
<label class="label mt-4 block"
  >Disclosure, on every page<textarea class="field mt-1" rows="2" maxlength="2000" bind:value={form.disclosure}
  ></textarea></label
>
