<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { shortMinor, typedMinor } from '$lib/money';

  /** What a part is called and known by, when it came or comes out, and what its maker suggests to ask for it. */
  let { sheet, oncorrect }: { sheet: Schemas['PartSheet']; oncorrect: (body: Schemas['Correction']) => void } =
    $props();
  const releases = [
    ['ANNOUNCED', 'announced'],
    ['ON_SALE', 'on sale'],
    ['ENDING', 'ending'],
    ['GONE', 'gone'],
  ] as const;
  const currency = $derived(sheet.suggestedCurrency ?? 'EUR');
  let refused = $state('');

  function suggest(text: string): void {
    const minor = text.trim() ? typedMinor(text, currency) : 0;
    refused = minor == null ? `"${text.slice(0, 20)}" is not a sum in ${currency}.` : '';
    if (minor != null) oncorrect({ suggestedMinor: minor, suggestedCurrency: currency });
  }
  const texts = $derived([
    { label: 'Maker', value: sheet.maker, most: 80, key: 'maker' },
    { label: 'Product, of all its versions', value: sheet.identity.product, most: 160, key: 'product' },
    { label: 'Version', value: sheet.part.variant, most: 80, key: 'version' },
    { label: 'EAN/UPC', value: sheet.identity.gtin ?? '', most: 14, key: 'gtin' },
    { label: 'Maker’s number', value: sheet.identity.makerNumber ?? '', most: 80, key: 'makerNumber' },
  ] as const);
</script>

<fieldset class="mb-3">
  <legend class="label border-b border-hairline">Names, numbers and release</legend>
  <div class="grid gap-x-6 sm:grid-cols-2">
    {#each texts as { label, value, most, key } (key)}
      <label class="flex items-baseline justify-between gap-2 py-0.5"
        ><span class="small">{label}</span><input
          class="field small w-40 py-0.5"
          maxlength={most}
          {value}
          onchange={(e) => oncorrect({ [key]: e.currentTarget.value })}
        /></label
      >
    {/each}
    <label class="flex items-baseline justify-between gap-2 py-0.5"
      ><span class="small">Release</span><select
        class="field small w-40 py-0.5"
        value={sheet.part.release}
        onchange={(e) => oncorrect({ release: e.currentTarget.value as Schemas['PartView']['release'] })}
        >{#each releases as [value, label] (value)}<option {value}>{label}</option>{/each}</select
      ></label
    >
    {#if sheet.part.release === 'ANNOUNCED'}<label class="flex items-baseline justify-between gap-2 py-0.5"
        ><span class="small">Expected on</span><input
          class="field small w-40 py-0.5"
          type="date"
          value={sheet.identity.expectedOn ?? ''}
          onchange={(e) => oncorrect({ expectedOn: e.currentTarget.value })}
        /></label
      >{/if}
    <label class="flex items-baseline justify-between gap-2 py-0.5"
      ><span class="small">{sheet.part.release === 'ANNOUNCED' ? 'Expected price' : 'MSRP'}, {currency}</span><input
        class="field small w-40 py-0.5"
        inputmode="decimal"
        value={shortMinor(sheet.suggestedMinor, currency)}
        onchange={(e) => suggest(e.currentTarget.value)}
      /></label
    >
    <label class="flex items-baseline justify-between gap-2 py-0.5"
      ><span class="small">MSRP is for the region</span><input
        class="field small w-40 py-0.5"
        maxlength="80"
        value={sheet.identity.suggestedRegion ?? ''}
        onchange={(e) => oncorrect({ suggestedRegion: e.currentTarget.value })}
      /></label
    >
  </div>
  {#if refused}<p role="alert" class="small text-clay">{refused}</p>{/if}
</fieldset>
