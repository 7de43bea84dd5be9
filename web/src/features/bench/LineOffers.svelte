<script lang="ts">
  import { coolerWords } from './coolerWords';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import type { BenchState } from './bench.svelte';

  type LineOffer = Schemas['LineOffer'];

  /** Every offer of the part on a line; a figure takes one for this line, and nothing else moves. */
  let {
    open = $bindable(),
    state: bench,
    line,
    format,
  }: { open: boolean; state: BenchState; line: Schemas['LineView']; format: Format } = $props();
  const offers = createQuery(() => ({
    queryKey: ['offers', bench.edition, line.id, line.version],
    enabled: open,
    queryFn: () =>
      taken(
        api.GET('/api/editions/{edition}/lines/{line}/offers', {
          params: { path: { edition: bench.edition, line: line.id } },
        }),
      ),
  }));
  const all = $derived(offers.data ?? []);
  /** Those that can be taken, each with the figure that takes it. */
  const takeable = $derived(all.filter((o) => !o.isTaken && (!o.why.length || o.needs)).slice(0, 9));
  let asked = $state<LineOffer | null>(null);
  let why = $state('');

  function take(offer: LineOffer): void {
    if (offer.needs && !asked) {
      asked = offer;
      return;
    }
    const words = asked ? why : 'taken at the bench';
    const hold = { listing: offer.offer.listing, why: words };
    const now = line.policy ?? {};
    const policy = offer.needs
      ? { ...now, conditions: [...new Set([...(now.conditions ?? ['NEW' as const]), offer.needs])], why: words }
      : undefined;
    void bench.edit(line.id, policy ? { hold, policy } : { hold });
    asked = null;
    why = '';
    open = false;
  }

  function pressed(event: KeyboardEvent): void {
    const at = /^[1-9]$/.test(event.key) ? Number(event.key) - 1 : -1;
    const offer = takeable[at];
    if (!open || asked || !bench.isOpen || !offer) return;
    event.preventDefault();
    event.stopPropagation();
    take(offer);
  }
  const focused = (node: HTMLInputElement) => node.focus();
</script>

<svelte:window onkeydowncapture={pressed} />

<Dialog
  bind:open={
    () => open,
    (is) => {
      open = is;
      asked = null;
    }
  }
  title="Offers of {line.label}"
  wide
>
  <div class="overflow-y-auto px-6 py-4">
    {#if offers.isError}<Told sentence={(offers.error as Error).message} />{/if}
    {#if asked}
      <form
        class="space-y-3"
        onsubmit={(e) => {
          e.preventDefault();
          take(asked!);
        }}
      >
        <p>
          {asked.offer.condition} at {asked.offer.seller}, {format.money(asked.offer.priceMinor)}: this condition is not
          admitted. It can be admitted for this line; nothing else moves.
        </p>
        <label class="block"
          ><span class="label">Why it counts here</span><input
            class="field mt-1"
            required
            minlength="3"
            maxlength="500"
            bind:value={why}
            use:focused
          /></label
        >
        <div class="flex gap-2">
          <button class="btn btn-main">Take it for this line</button><button
            type="button"
            class="btn"
            onclick={() => (asked = null)}>Back</button
          >
        </div>
      </form>
    {:else if offers.isSuccess && !all.length}<p class="text-soft">No shop has been seen offering it.</p>
    {:else}
      <table class="w-full">
        <thead class="small text-soft"
          ><tr
            ><th class="w-10"><span class="sr-only">Key</span></th><th class="py-1 text-left font-normal">Seller</th><th
              class="text-left font-normal">Condition</th
            ><th class="text-right font-normal">Price</th><th class="text-right font-normal">Shipping</th><th
              class="pl-4 text-left font-normal">Stock</th
            ><th class="text-left font-normal">Seen</th></tr
          ></thead
        >
        <tbody>
          {#each all as row (row.offer.listing)}
            {@const key = takeable.indexOf(row)}
            <tr class="border-t border-hairline align-top {row.isTaken ? 'bg-tint' : ''}">
              <td class="py-1.5"
                >{#if key >= 0 && bench.isOpen}<button
                    class="btn-quiet min-h-6 min-w-6"
                    aria-label="Take the offer of {row.offer.seller}, {row.offer.condition}"
                    onclick={() => take(row)}><span class="key">{key + 1}</span></button
                  >{/if}</td
              >
              <td class="py-1.5"
                >{row.offer.seller}{#if row.isTaken}<span class="small block text-moss">counts on this line</span
                  >{/if}{#if row.why.length}<span class="small block text-slate">{row.why.join('; ')}</span>{/if}</td
              >
              <td class="py-1.5">{row.offer.condition}{coolerWords(row.offer)}</td>
              <td class="py-1.5 text-right font-semibold"
                >{format.money(row.offer.priceMinor)}{#if row.savesMinor != null}<span
                    class="small block font-normal {row.savesMinor > 0 ? 'text-moss' : 'text-clay'}"
                    >{format.money(Math.abs(row.savesMinor))} {row.savesMinor > 0 ? 'less' : 'more'} than new</span
                  >{/if}</td
              >
              <td class="py-1.5 text-right"
                >{row.offer.shippingMinor == null
                  ? 'not stated'
                  : row.offer.shippingMinor === 0
                    ? 'free'
                    : format.money(row.offer.shippingMinor)}</td
              >
              <td class="py-1.5 pl-4">{row.offer.stock}</td>
              <td class="py-1.5 text-soft">{format.date(row.offer.seenAt)}</td>
            </tr>{/each}
        </tbody>
      </table>
    {/if}
  </div>
</Dialog>
