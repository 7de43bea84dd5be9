<script lang="ts">
  import { api, taken, type Schemas } from '$lib/api/client';
  import { Format } from '$lib/format';
  import Told from '$ui/Told.svelte';
  import { feedForm, guessed, type TypedShop } from './forms';

  /** Tries an address of the shop before anything is saved: what was read there, and from where. */
  let { typed = $bindable(), columns = $bindable([]) }: { typed: TypedShop; columns: string[] } = $props();
  let own = $state('');
  let list = $state(false);
  /** What is tried: the list's own place where nothing else is said. */
  const path = $derived(own || (list ? typed.feedPath : ''));
  let busy = $state(false);
  let sentence = $state('');
  let outcome = $state<Schemas['Outcome'] | null>(null);
  const format = $derived(new Format(/^[A-Z]{3}$/.test(typed.currency) ? typed.currency : 'EUR', 'en'));

  async function tryIt(): Promise<void> {
    busy = true;
    sentence = '';
    try {
      const feed = list ? feedForm({ ...typed, hasFeed: true, feedPath: path }) : undefined;
      outcome = await taken(
        api.POST('/api/shops/trial', {
          body: {
            name: typed.name || 'the shop',
            host: typed.host,
            currency: typed.currency,
            path,
            list,
            feed: feed && feed.columns.PRICE && feed.columns.LINK ? feed : undefined,
          },
        }),
      );
      if (list && outcome.columns.length) {
        columns = outcome.columns;
        typed.columns = guessed(columns, typed.columns);
        typed.hasFeed = true;
        typed.feedPath = path;
      }
    } catch (problem) {
      outcome = null;
      sentence = (problem as Error).message;
    }
    busy = false;
  }
</script>

<fieldset class="border-t border-hairline pt-3">
  <legend class="label">Try an address</legend>
  <div class="flex items-center gap-2">
    <span class="small text-soft">{typed.host || 'shop.example'}</span>
    <input
      class="field flex-1"
      aria-label="Path of the address to try"
      placeholder="/p/one-of-its-products"
      bind:value={() => path, (text) => (own = text)}
      onkeydown={(e) => {
        if (e.key === 'Enter') {
          e.preventDefault();
          void tryIt();
        }
      }}
    />
    <label class="inline-flex items-center gap-1"><input type="checkbox" bind:checked={list} />its list</label>
    <button type="button" class="btn" disabled={busy || !typed.host || !path} onclick={tryIt}
      >{busy ? 'Reading…' : 'Try'}</button
    >
  </div>
  <Told {sentence} />
  {#if outcome}
    <div class="small mt-2 max-h-[180px] overflow-y-auto" aria-live="polite">
      {#each outcome.sentences as line (line)}<p class="text-clay">{line}</p>{/each}
      {#if outcome.lines}<p>{outcome.lines} {list ? 'lines' : 'offers'} read.</p>{/if}
      {#if list && outcome.columns.length && !outcome.lines}<p>
          Its columns: {outcome.columns.join(', ')}. They were mapped below as far as their names tell; try again to
          read its lines.
        </p>{/if}
      {#each outcome.offers as offer, i (i)}<p class="flex gap-3 border-t border-hairline py-0.5">
          <span class="font-semibold">{offer.priceMinor == null ? 'no price' : format.money(offer.priceMinor)}</span>
          <span>{offer.seller}, {offer.condition}, {offer.stock}{offer.membersOnly ? ', members only' : ''}</span>
          <span
            >{offer.shippingMinor == null
              ? 'shipping not stated'
              : `shipping ${format.money(offer.shippingMinor)}`}{offer.gtin ? `, GTIN ${offer.gtin}` : ''}</span
          >
          <span class="ml-auto text-soft">from {offer.from}</span>
        </p>{/each}
    </div>
  {/if}
</fieldset>
