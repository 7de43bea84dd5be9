<script lang="ts">
  import { createQuery, keepPreviousData } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import TextField from '$ui/TextField.svelte';
  import type { PriceEntry, PricedLine } from './typed.svelte';

  /** What a price would do on the line before it is saved, and where it may be let count if a rule excludes it. */
  let {
    part,
    entry,
    line,
    currency,
    format,
  }: { part: string; entry: PriceEntry; line: PricedLine; currency: string; format: Format } = $props();
  const draft = $derived(entry.draft(currency));
  const trial = createQuery(() => ({
    queryKey: ['price-trial', part, line, draft],
    enabled: draft !== null,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () =>
      taken(
        api.POST('/api/editions/{edition}/lines/{line}/prices/trials', {
          params: { path: { ...line } },
          body: { part, price: draft! },
        }),
      ),
  }));
  const outcome = $derived(draft && trial.data);
  const isExcluded = $derived(!!outcome && outcome.why.length > 0);
  const places = [
    ['LINE', 'Count it on this line'],
    ['TIER', 'Count it in this tier'],
    ['GUIDE', 'Count it in this guide'],
    ['', 'Save it without counting it'],
  ] as const;
  $effect(() => {
    if (outcome && !isExcluded && entry.admitAt) entry.admitAt = '';
  });
</script>

{#if outcome}
  <div class="space-y-2 border-l-2 pl-3 {isExcluded ? 'border-straw' : 'border-moss'}" aria-live="polite">
    {#if isExcluded}
      <p>{outcome.why.join(' ')}</p>
      {#if outcome.canBeAdmitted}
        <fieldset class="flex flex-wrap gap-x-4 gap-y-1">
          <legend class="sr-only">Where it counts</legend>
          {#each places as [value, label] (value)}<label class="inline-flex items-center gap-2"
              ><input type="radio" name="admit" {value} bind:group={entry.admitAt} />{label}</label
            >{/each}
        </fieldset>
      {/if}
    {:else if outcome.isPinned}
      <p>
        The line is pinned to {outcome.nowSeller ?? 'an offer that no longer counts'}. Pin it to this offer to use it.
      </p>
    {:else if outcome.isPrice}
      <p>
        Counts here{outcome.nowMinor == null
          ? ': no other price counts.'
          : `: ${format.money(outcome.nowMinor)} at ${outcome.nowSeller} counts now.`}
      </p>
    {:else}
      <p>
        Counts here, but {outcome.nowSeller} is cheaper at {format.money(outcome.nowMinor ?? 0)}. Pin it to use it
        anyway.
      </p>
    {/if}
    {#if !outcome.isShippingKnown}<p class="text-soft">
        Shipping unknown: a total that includes shipping will be unknown too.
      </p>{/if}
    {#if !isExcluded || entry.admitAt}<label class="inline-flex items-center gap-2"
        ><input type="checkbox" bind:checked={entry.pin} />Pin the line to this offer</label
      >{/if}
    {#if entry.admitAt || entry.pin}<TextField
        label="Reason"
        bind:value={entry.why}
        required
        minlength={3}
        maxlength={500}
      />{/if}
  </div>
{/if}
