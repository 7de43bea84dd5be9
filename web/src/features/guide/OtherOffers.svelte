<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { differing } from './offers';

  type Override = Schemas['OverrideForm'];

  /** Which other offers count here than the guide's price policy says: the fields that differ, and why. */
  let {
    policy,
    disabled = false,
    onsave,
  }: { policy?: Override | null | undefined; disabled?: boolean; onsave: (policy: Override) => void } = $props();
  const conditions = [
    ['NEW', 'new'],
    ['OPENED', 'open box'],
    ['REFURBISHED', 'refurbished'],
    ['USED', 'used'],
  ] as const;
  const stocks = [
    ['IN_STOCK', 'in stock'],
    ['LIMITED', 'few left'],
    ['BACK_ORDER', 'back order'],
    ['PRE_ORDER', 'pre-order'],
  ] as const;
  const sellers = [
    ['SHOP', 'shops'],
    ['MARKET', 'marketplace sellers'],
  ] as const;
  // What is typed stays until another line or build is looked at.
  let form = $state<Override>({});
  let shown = '';
  $effect(() => {
    const now = JSON.stringify(policy ?? {});
    if (now !== shown) form = JSON.parse((shown = now)) as Override;
  });
  const many = $derived(differing(policy ?? {}));
  const isChanged = $derived(JSON.stringify(form) !== shown);

  function toggle<T>(list: T[] | null | undefined, value: T): T[] {
    return list?.includes(value) ? list.filter((v) => v !== value) : [...(list ?? []), value];
  }
</script>

<details class="small">
  <summary class="cursor-pointer text-moss"
    >{many
      ? `Other offers count here (${many === 1 ? '1 field differs' : `${many} fields differ`})`
      : 'Offers as in the guide'}</summary
  >
  <fieldset {disabled} class="mt-1 space-y-2 border-l-2 border-hairline pl-3">
    <legend class="sr-only">Other offers that count here</legend>
    {#snippet field(name: keyof Override, label: string, initial: unknown)}
      <label class="inline-flex items-center gap-2 font-medium"
        ><input
          type="checkbox"
          checked={form[name] != null}
          onchange={(e) => (form = { ...form, [name]: e.currentTarget.checked ? initial : undefined })}
        />{label}</label
      >
    {/snippet}
    {#snippet choices(name: 'conditions' | 'stock' | 'sellers', all: readonly (readonly [string, string])[])}
      <div class="flex flex-wrap gap-x-3 pl-6" role="group" aria-label={name}>
        {#each all as [value, label] (value)}<label class="inline-flex items-center gap-1.5"
            ><input
              type="checkbox"
              checked={(form[name] as string[]).includes(value)}
              onchange={() => (form = { ...form, [name]: toggle(form[name] as string[], value) })}
            />{label}</label
          >{/each}
      </div>
    {/snippet}
    <div>
      {@render field('conditions', 'Condition', ['NEW'])}
      {#if form.conditions}{@render choices('conditions', conditions)}{/if}
    </div>
    <div>
      {@render field('stock', 'Stock', ['IN_STOCK', 'LIMITED'])}
      {#if form.stock}{@render choices('stock', stocks)}{/if}
    </div>
    <div>
      {@render field('sellers', 'Seller', ['SHOP', 'MARKET'])}
      {#if form.sellers}{@render choices('sellers', sellers)}{/if}
    </div>
    <div>
      {@render field('membersOnly', "Members' prices", true)}
      {#if form.membersOnly != null}<label class="ml-6 inline-flex items-center gap-1.5"
          ><input type="checkbox" bind:checked={form.membersOnly} />count</label
        >{/if}
    </div>
    <div>
      {@render field('greatestAgeDays', 'Greatest age of a price', 7)}
      {#if form.greatestAgeDays != null}<label class="ml-2"
          ><input
            class="field inline w-16"
            type="number"
            min="1"
            max="90"
            aria-label="Greatest age in days"
            bind:value={form.greatestAgeDays}
          /> days</label
        >{/if}
    </div>
    <div>
      {@render field('usedReturnDays', 'Minimum return period for used goods', 14)}
      {#if form.usedReturnDays != null}<label class="ml-2"
          ><input
            class="field inline w-16"
            type="number"
            min="0"
            max="365"
            aria-label="Return period in days"
            bind:value={form.usedReturnDays}
          /> days</label
        >{/if}
    </div>
    <label class="block"
      ><span class="label">Why</span><input
        class="field mt-0.5"
        maxlength="500"
        placeholder="this build is the cheap one"
        bind:value={form.why}
      /></label
    >
    <div class="flex gap-2">
      <button
        type="button"
        class="btn"
        disabled={!isChanged || (differing(form) > 0 && (form.why ?? '').trim().length < 3)}
        onclick={() => onsave($state.snapshot(form))}>Save</button
      >
      {#if many}<button type="button" class="btn" onclick={() => onsave({})}>As in the guide</button>{/if}
    </div>
  </fieldset>
</details>
