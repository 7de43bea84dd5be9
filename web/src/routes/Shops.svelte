<script lang="ts">
  import { useSites } from '$features/shops/queries';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import FeedFields from '$features/shops/FeedFields.svelte';
  import { emptyShop, shopForm, typedShop } from '$features/shops/forms';
  import RateSource from '$features/shops/RateSource.svelte';
  import TryAddress from '$features/shops/TryAddress.svelte';
  import { writtenMinor } from '$lib/money';
  import Dialog from '$ui/Dialog.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  const queries = useQueryClient();
  const shops = useSites();
  let open = $state(false);
  let changing = $state<Schemas['Shop'] | null>(null);
  let typed = $state(emptyShop());
  let columns = $state<string[]>([]);
  let sentence = $state('');
  const sum = (minor: number | null | undefined, currency: string) =>
    minor == null ? 'not known' : `${writtenMinor(minor, currency)} ${currency}`;

  function show(shop: Schemas['Shop'] | null): void {
    changing = shop;
    typed = shop ? typedShop(shop) : emptyShop();
    columns = [];
    sentence = '';
    open = true;
  }

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      const body = shopForm(typed);
      if (changing)
        await taken(
          api.PUT('/api/shops/{id}', {
            params: { path: { id: changing.id! }, header: { 'If-Match': `"${changing.version}"` } },
            body,
          }),
        );
      else await taken(api.POST('/api/shops', { body }));
      await queries.invalidateQueries({ queryKey: ['shops'] });
      open = false;
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }

  /** What it does not allow, to be said behind how it is asked. */
  const allowed = (shop: Schemas['Shop']) =>
    [
      shop.mayFreeze && shop.shownDays == null ? '' : '; not to be frozen',
      shop.mayStore === false ? '; not to be kept' : '',
    ].join('');
</script>

<svelte:head><title>Shops · Lowfield</title></svelte:head>

<main class="mx-auto max-w-[1100px] px-4 py-4 sm:px-6">
  <div class="flex items-center justify-between border-b border-ink pb-2">
    <h1 class="text-[17px]">Shops</h1>
    <button class="btn btn-main" onclick={() => show(null)}>Add a shop</button>
  </div>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div class="overflow-x-auto" role="region" aria-label="Shops" tabindex="0">
    <table class="w-full min-w-[720px]">
      <thead
        ><tr class="label text-left"
          ><th class="py-2 font-medium">Shop</th><th class="font-medium">Host</th><th class="font-medium">Region</th><th
            class="font-medium">Asked by</th
          ><th class="text-right font-medium">Tax inside</th><th class="text-right font-medium">Shipping</th><th
            class="text-right font-medium">Free from</th
          ><th class="text-right font-medium">Pages</th><td></td></tr
        ></thead
      >
      <tbody>
        {#each shops.data ?? [] as shop (shop.id)}
          <tr class="border-t border-hairline"
            ><td class="py-2 font-semibold">{shop.name}</td><td class="text-soft">{shop.host}</td><td class="text-soft"
              >{shop.region}, {shop.zone}</td
            ><td class="text-soft"
              >{shop.hasPrices === false ? 'links, for figures only' : shop.feed ? 'list and pages' : 'pages'}, one in {shop.paceMs}
              ms{allowed(shop)}</td
            >{#if shop.hasPrices === false}<td colspan="3"></td>{:else}<td class="text-right"
                >{shop.taxPermille / 10}%</td
              ><td class="text-right">{sum(shop.shippingMinor, shop.currency)}</td><td class="text-right"
                >{shop.freeFromMinor == null ? 'never' : sum(shop.freeFromMinor, shop.currency)}</td
              >{/if}<td class="text-right">{shop.pages}</td><td class="pl-3 text-right"
              ><button class="btn-quiet" aria-label="Change {shop.name}" onclick={() => show(shop)}>Change</button></td
            ></tr
          >
        {:else}{#if shops.isSuccess}<tr
              ><td colspan="9" class="py-4 text-soft"
                >No shop yet. Add the first one you buy at; then name its pages in the catalogue.</td
              ></tr
            >{/if}{/each}
      </tbody>
    </table>
  </div>
  <RateSource />
  <Dialog bind:open title={changing ? changing.name : typed.hasPrices ? 'A new shop' : 'A new maker’s site'} wide>
    <form class="space-y-3 overflow-y-auto px-6 py-4" onsubmit={save}>
      <div class="grid gap-3 sm:grid-cols-3">
        <TextField label="Name" bind:value={typed.name} required maxlength={80} />
        <TextField
          label="Host"
          bind:value={typed.host}
          required
          placeholder="shop.example"
          disabled={changing !== null}
        />
        {#if typed.hasPrices}
          <TextField label="Currency" bind:value={typed.currency} required maxlength={3} disabled={changing !== null} />
          <TextField label="Region" bind:value={typed.region} maxlength={80} />
          <TextField label="Time zone" bind:value={typed.zone} required />
          <TextField label="Tax inside its prices, %" bind:value={typed.tax} inputmode="decimal" />
          <TextField
            label="Shipping alone"
            bind:value={typed.shipping}
            inputmode="decimal"
            hint="Empty: as its pages say"
          />
          <TextField label="Ships free from" bind:value={typed.free} inputmode="decimal" hint="Empty: never" />
          <TextField
            label="Takes used goods back for days"
            bind:value={typed.returns}
            inputmode="numeric"
            hint="Empty: it does not say"
          />
          <TextField
            label="Its prices may be shown for days"
            bind:value={typed.shown}
            inputmode="numeric"
            hint="Empty: without end. With a limit none is frozen"
          />
        {/if}
        <TextField
          label="Milliseconds between two pages"
          bind:value={typed.pace}
          inputmode="numeric"
          hint="Empty: a second; its robots.txt can ask for more"
        />
      </div>
      <div class="flex flex-wrap gap-x-6 gap-y-1">
        <label class="inline-flex items-center gap-2"
          ><input
            type="checkbox"
            disabled={changing !== null}
            bind:checked={() => !typed.hasPrices, (isMaker) => (typed.hasPrices = !isMaker)}
          />a maker’s site: read for figures, it has no prices</label
        >
        {#if typed.hasPrices}<label class="inline-flex items-center gap-2"
            ><input type="checkbox" bind:checked={typed.mayStore} />its prices may be kept, for charts and comparison</label
          >
          <label class="inline-flex items-center gap-2"
            ><input type="checkbox" bind:checked={typed.mayFreeze} />its prices may stand in published editions</label
          >
          <label class="inline-flex items-center gap-2"
            ><input type="checkbox" bind:checked={typed.earnsCommission} />we earn a commission there; readers are told</label
          >
          <label class="inline-flex items-center gap-2"
            ><input type="checkbox" bind:checked={typed.hasFeed} />it has a list of all its prices</label
          >{/if}
      </div>
      {#if typed.hasPrices}<TryAddress bind:typed bind:columns />{/if}
      {#if typed.hasFeed && typed.hasPrices}<FeedFields bind:typed {columns} />{/if}
      <Told {sentence} />
      <button class="btn btn-main">{changing ? 'Save' : typed.hasPrices ? 'Add the shop' : 'Add the site'}</button>
    </form>
  </Dialog>
</main>
