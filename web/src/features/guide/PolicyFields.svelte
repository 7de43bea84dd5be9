<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { toggled } from '$lib/toggled';

  /** Which offers count for a guide. */
  let { form = $bindable(), shops }: { form: Schemas['GuideForm']; shops: { region: string }[] } = $props();
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
    ['MARKET', 'sold by marketplace sellers'],
  ] as const;
  const regions = $derived(
    [...new Set([...shops.map((s) => s.region), ...form.policy.regions])].filter(Boolean).sort(),
  );
</script>

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
