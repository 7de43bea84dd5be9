<script lang="ts">
  import { useShops } from '$features/shops/queries';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import type { Schemas } from '$lib/api/client';
  import { Format } from '$lib/format';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import PriceEffect from './PriceEffect.svelte';
  import { ALL_GUIDES, isFarOff, keep, PriceEntry, takeBack, type PricedGuide, type PricedLine } from './typed.svelte';

  /** Any price that the author has seen, of anybody; it counts at once, where the price policy lets it. */
  let {
    part,
    kind,
    guides,
    line,
    onsaved,
  }: {
    part: string;
    kind: Schemas['PartView']['kind'];
    guides: PricedGuide[];
    line?: PricedLine;
    onsaved?: () => void;
  } = $props();
  const queries = useQueryClient();
  const shops = useShops();
  const entry = untrack(() => new PriceEntry(guides[0]?.id ?? ALL_GUIDES));
  const guide = $derived(guides.find((g) => g.id === entry.guide));
  const sellers = $derived((shops.data ?? []).filter((s) => s.hasPrices !== false));
  const shop = $derived(sellers.find((s) => s.id === entry.seller));
  const currency = $derived(shop?.currency ?? guide?.currency ?? guides[0]?.currency ?? 'EUR');
  const format = $derived(new Format(currency, 'en'));
  let sentence = $state('');
  let done = $state('');
  let doubted = $state('');
  let kept = $state<{ part: string; number: number }>();
  const conditions: { value: Schemas['TypedPrice']['condition']; label: string }[] = [
    { value: 'NEW', label: 'new' },
    { value: 'OPENED', label: 'open box' },
    { value: 'REFURBISHED', label: 'refurbished' },
    { value: 'USED', label: 'used' },
  ];
  const stocks: { value: Schemas['TypedPrice']['stock']; label: string }[] = [
    { value: 'IN_STOCK', label: 'in stock' },
    { value: 'LIMITED', label: 'few left' },
    { value: 'BACK_ORDER', label: 'back order' },
    { value: 'PRE_ORDER', label: 'pre-order' },
    { value: 'NOT_STATED', label: 'unknown' },
  ];
  const who = $derived([
    { value: 'NOBODY', label: 'no particular seller' },
    { value: 'PERSON', label: 'private seller' },
    { value: 'OTHER_SHOP', label: 'another shop' },
    ...sellers.map((s) => ({ value: s.id!, label: s.name })),
  ]);
  const first = (node: HTMLElement) => node.querySelector('input')?.focus();

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    // Until it is known how this one is called, nothing can be taken back: it would be the one before.
    const before = kept;
    kept = undefined;
    try {
      // The same price once more is meant.
      entry.sure = doubted !== '' && doubted === entry.price;
      const number = await keep(part, entry, currency, line);
      kept = { part, number };
      entry.cleared();
      doubted = '';
      await told('Price saved.');
    } catch (problem) {
      kept = before;
      doubted = isFarOff(problem) ? entry.price : '';
      sentence = (problem as Error).message.replace(
        /; say that you are sure if it is right\.$/,
        '. Save again if it is right.',
      );
      done = '';
    }
  }

  async function undo(last: { part: string; number: number }): Promise<void> {
    try {
      await takeBack(last.part, last.number);
      kept = undefined;
      await told('Price removed. What counted before counts again.');
    } catch (problem) {
      sentence = (problem as Error).message;
      done = '';
    }
  }

  async function told(words: string): Promise<void> {
    sentence = '';
    done = words;
    await queries.invalidateQueries();
    onsaved?.();
  }
</script>

<form class="space-y-3" onsubmit={save}>
  <div class="grid grid-cols-2 gap-3 sm:grid-cols-3">
    <div use:first>
      <TextField label="Price of one ({currency})" bind:value={entry.price} inputmode="decimal" required />
    </div>
    <Choose label="Condition" bind:value={entry.condition} options={conditions} />
    <Choose label="Seller" bind:value={entry.seller} options={who} />
    {#if entry.isNamed}<TextField
        label={entry.seller === 'PERSON' ? 'Name of the person' : 'Name of the shop'}
        bind:value={entry.name}
        maxlength={100}
        required
        hint={entry.seller === 'PERSON' ? 'Readers see "private seller"' : ''}
      />{/if}
    <TextField label="Link or source" bind:value={entry.source} maxlength={500} hint="Optional" />
    <TextField label="Shipping ({currency})" bind:value={entry.shipping} inputmode="decimal" hint="Empty: unknown" />
    {#if kind === 'PROCESSOR'}<Choose
        label="Boxed cooler"
        bind:value={entry.boxedCooler}
        options={[
          { value: 'UNKNOWN', label: 'not stated' },
          { value: 'WITH', label: 'included' },
          { value: 'WITHOUT', label: 'not included' },
        ]}
      />{/if}
  </div>
  <details class="small">
    <summary class="cursor-pointer text-moss">Date, stock, rebate, guides</summary>
    <div class="mt-2 grid grid-cols-2 gap-3 sm:grid-cols-3">
      <TextField label="Seen on" type="date" bind:value={entry.seenOn} hint="Empty: today" />
      <Choose label="Stock" bind:value={entry.stock} options={stocks} />
      <TextField
        label="Mail-in rebate ({currency})"
        bind:value={entry.rebate}
        inputmode="decimal"
        hint="Shown beside the price, never subtracted"
      />
      <Choose
        label="Counts for"
        bind:value={entry.guide}
        options={[
          ...guides.map((g) => ({ value: g.id, label: g.name })),
          { value: ALL_GUIDES, label: 'all guides of the desk' },
        ]}
      />
      <label class="inline-flex items-center gap-2 self-end pb-2"
        ><input type="checkbox" bind:checked={entry.membersOnly} />members only</label
      >
    </div>
  </details>
  {#if line}<PriceEffect {part} {entry} {line} {currency} {format} />{/if}
  <Told {sentence} /><Told sentence={done} tone="moss" />
  <div class="flex gap-2">
    <button class="btn btn-main">Save price</button>
    {#if kept?.part === part}<button type="button" class="btn" onclick={() => void undo(kept!)}>Undo</button>{/if}
  </div>
</form>
