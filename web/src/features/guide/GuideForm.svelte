<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { smallest } from '$lib/money';
  import TextField from '$ui/TextField.svelte';
  import Regions from './Regions.svelte';
  import UsualValues from './UsualValues.svelte';

  /** The settings of a guide: region, currency, shops and which offers count. */
  let { form = $bindable(), fixedCurrency = false }: { form: Schemas['GuideForm']; fixedCurrency?: boolean } = $props();
  const shops = createQuery(() => ({ queryKey: ['shops'], queryFn: () => taken(api.GET('/api/shops', {})) }));
  const conditions = [
    ['NEW', 'new'],
    ['OPENED', 'opened'],
    ['REFURBISHED', 'refurbished'],
    ['USED', 'used'],
  ] as const;
  const stocks = [
    ['IN_STOCK', 'in stock'],
    ['LIMITED', 'few left'],
    ['BACK_ORDER', 'on back order'],
    ['PRE_ORDER', 'pre-order'],
    ['NOT_STATED', 'not stated'],
  ] as const;
  const sellers = [
    ['SHOP', 'sold by the shop itself'],
    ['MARKET', 'sold by others on a market place'],
  ] as const;
  const regions = $derived(
    [...new Set([...(shops.data ?? []).map((s) => s.region), ...form.policy.regions])].filter(Boolean).sort(),
  );
  const energy = (part: Partial<Schemas['EnergyForm']>) =>
    (form.energy = { ...(form.energy ?? { gamingHours: 3, idleHours: 3, tariffHundredths: 3000 }), ...part });
  const typed = (value: number, unit: number) => (unit === 1 ? value : Math.round(value * unit));
  const figures = $derived([
    { name: 'gamingHours', label: 'Hours of play a day', unit: 1, step: 0.5 },
    { name: 'idleHours', label: 'Hours of idling a day', unit: 1, step: 0.5 },
    { name: 'tariffHundredths', label: `A kilowatt-hour, in ${smallest(form.currency)}`, unit: 100, step: 0.1 },
  ] as const);
  const plan = $state<{ often: Schemas['RoundPlan']['often']; at: string; scope: Schemas['RoundPlan']['scope'] }>({
    often: 'BY_HAND',
    at: '05:30',
    scope: 'ALL',
  });
  $effect.pre(() => {
    const now = form.rounds;
    if (now) Object.assign(plan, { often: now.often, at: String(now.at).slice(0, 5), scope: now.scope });
  });
  const planned = () => (form.rounds = { ...plan });
  const toggled = <T,>(list: T[], item: T) => (list.includes(item) ? list.filter((i) => i !== item) : [...list, item]);
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
  {:else}<p class="text-soft">No shop is set up yet. <a class="underline" href="/shops">Add one first.</a></p>{/each}
</fieldset>
<fieldset class="mt-4">
  <legend class="label mb-1">Price policy: an offer counts when it is</legend>
  <div class="flex flex-wrap gap-x-4 gap-y-1">
    {#each conditions as [value, label] (value)}<label class="inline-flex items-center gap-2"
        ><input
          type="checkbox"
          checked={form.policy.conditions.includes(value)}
          onchange={() => (form.policy.conditions = toggled(form.policy.conditions, value))}
        />{label}</label
      >{/each}
  </div>
  <div class="flex flex-wrap gap-x-4 gap-y-1">
    {#each stocks as [value, label] (value)}<label class="inline-flex items-center gap-2"
        ><input
          type="checkbox"
          checked={form.policy.stock.includes(value)}
          onchange={() => (form.policy.stock = toggled(form.policy.stock, value))}
        />{label}</label
      >{/each}
    <label class="inline-flex items-center gap-2"
      ><input type="checkbox" bind:checked={form.policy.membersOnly} />members only, too</label
    >
  </div>
  <div class="flex flex-wrap gap-x-4 gap-y-1">
    {#each sellers as [value, label] (value)}<label class="inline-flex items-center gap-2"
        ><input
          type="checkbox"
          checked={form.policy.sellers.includes(value)}
          onchange={() => (form.policy.sellers = toggled(form.policy.sellers, value))}
        />{label}</label
      >{/each}
  </div>
  {#if regions.length}
    <div class="flex flex-wrap gap-x-4 gap-y-1" role="group" aria-label="Sold from">
      {#each regions as region (region)}<label class="inline-flex items-center gap-2"
          ><input
            type="checkbox"
            checked={form.policy.regions.includes(region)}
            onchange={() => (form.policy.regions = toggled(form.policy.regions, region))}
          />sold from {region}</label
        >{/each}
      <span class="small text-soft">none ticked: from anywhere</span>
    </div>
  {/if}
  <div class="mt-2 grid grid-cols-3 items-end gap-4">
    <label class="label"
      >Minimum return period for used goods (days; 0 = any)<input
        class="field mt-1"
        type="number"
        min="0"
        max="365"
        bind:value={form.policy.usedReturnDays}
      /></label
    >
    <label class="label"
      >Seen at most so many days ago<input
        class="field mt-1"
        type="number"
        min="1"
        max="90"
        bind:value={form.policy.greatestAgeDays}
      /></label
    >
    <label class="label"
      >Too old for publishing after days<input
        class="field mt-1"
        type="number"
        min="1"
        max="90"
        bind:value={form.oldAfterDays}
      /></label
    >
  </div>
</fieldset>
<fieldset class="mt-4">
  <legend class="label mb-1">What a year of a build costs in energy</legend>
  <div class="grid grid-cols-3 gap-4">
    {#each figures as { name, label, unit, step } (name)}<label class="label"
        >{label}<input
          class="field mt-1"
          type="number"
          min="0"
          {step}
          value={form.energy ? form.energy[name] / unit : ''}
          onchange={(e) => energy({ [name]: typed(e.currentTarget.valueAsNumber || 0, unit) })}
        /></label
      >{/each}
  </div>
</fieldset>
<Regions bind:form />
<UsualValues bind:form />
<fieldset class="mt-4">
  <legend class="label mb-1">Prices are refreshed</legend>
  <div class="flex flex-wrap items-center gap-3">
    <select class="field w-auto" aria-label="How often prices are refreshed" bind:value={plan.often} onchange={planned}>
      <option value="BY_HAND">by hand only</option><option value="DAILY">every day</option><option value="WEEKLY"
        >every Thursday</option
      >
    </select>
    {#if plan.often !== 'BY_HAND'}<label class="inline-flex items-center gap-2"
        >at <input class="field w-auto" type="time" bind:value={plan.at} onchange={planned} /></label
      ><select class="field w-auto" aria-label="What is read" bind:value={plan.scope} onchange={planned}>
        <option value="ALL">lists and pages</option><option value="FEEDS">the shops' lists only</option>
      </select>{/if}
  </div>
</fieldset>
<label class="label mt-4 block"
  >Disclosure, on every page<textarea class="field mt-1" rows="2" maxlength="2000" bind:value={form.disclosure}
  ></textarea></label
>
