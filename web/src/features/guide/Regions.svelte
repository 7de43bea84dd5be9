<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  /** Regions of readers whose till and currency are told beside the guide's own. */
  let { form = $bindable() }: { form: Schemas['GuideForm'] } = $props();
  const regions = $derived(form.readerRegions ?? []);

  function change(at: number, part: Partial<Schemas['ReaderRegion']>): void {
    form.readerRegions = regions.map((r, i) => (i === at ? { ...r, ...part } : r));
  }
</script>

<fieldset class="mt-4">
  <legend class="label mb-1">Readers elsewhere, who also see the price with their local tax and currency</legend>
  {#each regions as region, i (i)}
    <div class="mb-1 flex items-center gap-2">
      <input
        class="field"
        aria-label="Region {i + 1}"
        maxlength="80"
        value={region.name}
        onchange={(e) => change(i, { name: e.currentTarget.value })}
      />
      <input
        class="field w-20"
        aria-label="Its currency"
        maxlength="3"
        value={region.currency}
        onchange={(e) => change(i, { currency: e.currentTarget.value.toUpperCase() })}
      />
      <label class="inline-flex items-center gap-1 whitespace-nowrap"
        ><input
          class="field w-20 text-right"
          type="number"
          min="0"
          max="50"
          step="0.1"
          aria-label="Its tax in percent"
          value={region.taxPermille / 10}
          onchange={(e) => change(i, { taxPermille: Math.round((e.currentTarget.valueAsNumber || 0) * 10) })}
        />% tax</label
      >
      <button
        type="button"
        class="btn-quiet whitespace-nowrap"
        onclick={() => (form.readerRegions = regions.filter((_, k) => k !== i))}>Take out</button
      >
    </div>
  {/each}
  <button
    type="button"
    class="btn"
    disabled={regions.length >= 6}
    onclick={() => (form.readerRegions = [...regions, { name: '', currency: 'SEK', taxPermille: 250 }])}
    >Add a region</button
  >
</fieldset>
