<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import { typedMinor } from '$lib/format';
  import Dialog from '$ui/Dialog.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  const queries = useQueryClient();
  const shops = createQuery(() => ({ queryKey: ['shops'], queryFn: () => taken(api.GET('/api/shops', {})) }));
  const empty = () => ({
    name: '',
    host: '',
    currency: 'EUR',
    region: '',
    zone: 'CET',
    tax: '20',
    free: '',
    shipping: '',
  });
  let adding = $state(false);
  let typed = $state(empty());
  let sentence = $state('');
  const sum = (minor: number | null | undefined, currency: string) =>
    minor == null ? 'not known' : `${(minor / 100).toFixed(2)} ${currency}`;

  function optional(what: string, text: string): number | undefined {
    const minor = typedMinor(text);
    if (text.trim() && minor == null)
      throw new Error(`The ${what} "${text.slice(0, 20)}" is not a sum; write it like 79 or 4.90.`);
    return minor ?? undefined;
  }

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      const { name, host, currency, region, zone, tax } = typed;
      const body = {
        name,
        host,
        currency,
        region,
        zone,
        taxPermille: Math.round(Number(tax.replace(',', '.')) * 10) || 0,
        freeFromMinor: optional('threshold', typed.free),
        shippingMinor: optional('shipping', typed.shipping),
        mayFreeze: true,
        pages: 0,
      };
      await taken(api.POST('/api/shops', { body }));
      await queries.invalidateQueries({ queryKey: ['shops'] });
      adding = false;
      typed = empty();
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }
</script>

<svelte:head><title>Shops · Lowfield</title></svelte:head>

<main class="mx-auto max-w-[1000px] px-6 py-4">
  <div class="flex items-center justify-between border-b border-ink pb-2">
    <h1 class="text-[17px]">Shops</h1>
    <button class="btn btn-main" onclick={() => (adding = true)}>Add a shop</button>
  </div>
  <table class="w-full">
    <thead
      ><tr class="label text-left"
        ><th class="py-2 font-medium">Shop</th><th class="font-medium">Host</th><th class="font-medium">Region</th><th
          class="text-right font-medium">Tax inside</th
        ><th class="text-right font-medium">Shipping</th><th class="text-right font-medium">Free from</th><th
          class="text-right font-medium">Pages</th
        ></tr
      ></thead
    >
    <tbody>
      {#each shops.data ?? [] as shop (shop.id)}
        <tr class="border-t border-hairline"
          ><td class="py-2 font-semibold">{shop.name}</td><td class="text-soft">{shop.host}</td><td class="text-soft"
            >{shop.region}, {shop.zone}</td
          ><td class="text-right">{shop.taxPermille / 10}%</td><td class="text-right"
            >{sum(shop.shippingMinor, shop.currency)}</td
          ><td class="text-right">{shop.freeFromMinor == null ? 'never' : sum(shop.freeFromMinor, shop.currency)}</td
          ><td class="text-right">{shop.pages}</td></tr
        >
      {:else}{#if shops.isSuccess}<tr
            ><td colspan="7" class="py-4 text-soft"
              >No shop yet. Add the first one you buy at; then name its pages in the catalogue.</td
            ></tr
          >{/if}{/each}
    </tbody>
  </table>
  <Dialog bind:open={adding} title="A new shop">
    <form class="grid grid-cols-2 gap-4 overflow-y-auto px-6 py-4" onsubmit={add}>
      <TextField label="Name" bind:value={typed.name} required maxlength={80} />
      <TextField label="Host" bind:value={typed.host} required placeholder="shop.example" />
      <TextField label="Currency" bind:value={typed.currency} required maxlength={3} />
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
      <div class="col-span-2 space-y-3"><Told {sentence} /><button class="btn btn-main">Add the shop</button></div>
    </form>
  </Dialog>
</main>
