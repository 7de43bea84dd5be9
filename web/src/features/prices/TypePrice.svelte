<script lang="ts">
  import { useShops } from '$features/shops/queries';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import { emptyPrice, priceForm } from './typed';

  /** A price that the author has seen, with its day and source; it counts at once. */
  let { part, onsaved }: { part: string; onsaved?: () => void } = $props();
  const queries = useQueryClient();
  const shops = useShops();
  let typed = $state(emptyPrice());
  let sentence = $state('');
  let done = $state('');
  let kept = $state<{ part: string; number: number }>();
  const shop = $derived((shops.data ?? []).find((s) => s.id === typed.shop) ?? shops.data?.[0]);
  const conditions: { value: Schemas['TypedPrice']['condition']; label: string }[] = [
    { value: 'NEW', label: 'new' },
    { value: 'OPENED', label: 'opened' },
    { value: 'REFURBISHED', label: 'refurbished' },
    { value: 'USED', label: 'used' },
  ];
  const stocks: { value: Schemas['TypedPrice']['stock']; label: string }[] = [
    { value: 'IN_STOCK', label: 'in stock' },
    { value: 'LIMITED', label: 'few left' },
    { value: 'BACK_ORDER', label: 'on back order' },
    { value: 'PRE_ORDER', label: 'pre-order' },
    { value: 'NOT_STATED', label: 'not stated' },
  ];

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    // Until it is known how this one is called, nothing can be taken back: it would be the one before.
    const before = kept;
    kept = undefined;
    try {
      const body = priceForm(typed, shop!);
      const { number } = await taken(api.POST('/api/parts/{part}/prices', { params: { path: { part } }, body }));
      kept = { part, number };
      typed = { ...emptyPrice(), shop: typed.shop };
      await told('Kept; it counts now.');
    } catch (problem) {
      kept = before;
      failed(problem);
    }
  }

  async function takeBack(last: { part: string; number: number }): Promise<void> {
    try {
      await taken(api.DELETE('/api/parts/{part}/prices/{number}', { params: { path: last } }));
      kept = undefined;
      await told('Taken back; what counted before it counts again.');
    } catch (problem) {
      failed(problem);
    }
  }

  async function told(words: string): Promise<void> {
    sentence = '';
    done = words;
    await queries.invalidateQueries();
    onsaved?.();
  }

  function failed(problem: unknown): void {
    sentence = (problem as Error).message;
    done = '';
  }
</script>

{#if shops.data && !shops.data.length}<p class="text-soft">
    No shop is set up yet. <a class="underline" href="/shops">Add one first.</a>
  </p>{:else if shop}
  <form class="space-y-3" onsubmit={save}>
    <div class="grid grid-cols-3 gap-3">
      <Choose
        label="Shop"
        bind:value={() => shop!.id!, (id) => (typed.shop = id)}
        options={(shops.data ?? []).map((s) => ({ value: s.id!, label: s.name }))}
      />
      <TextField label="Seller" bind:value={typed.seller} maxlength={100} hint="Empty: the shop itself" />
      <TextField label="Seen on" type="date" bind:value={typed.seenOn} hint="Empty: today" />
      <TextField label="Price of one, {shop.currency}" bind:value={typed.price} inputmode="decimal" required />
      <TextField label="Shipping alone" bind:value={typed.shipping} inputmode="decimal" hint="Empty: not stated" />
      <TextField
        label="To be claimed back"
        bind:value={typed.claim}
        inputmode="decimal"
        hint="Told beside the price, never taken off"
      />
      <Choose label="It is" bind:value={typed.condition} options={conditions} />
      <Choose label="Stock" bind:value={typed.stock} options={stocks} />
      <label class="inline-flex items-center gap-2 self-end pb-2"
        ><input type="checkbox" bind:checked={typed.membersOnly} />members only</label
      >
    </div>
    <TextField label="Where you have it from" bind:value={typed.source} required minlength={3} maxlength={300} />
    <TextField label="Link, if there is one" type="url" bind:value={typed.link} placeholder="https://{shop.host}/…" />
    <Told {sentence} /><Told sentence={done} tone="moss" />
    {#if sentence.includes('you are sure')}<label class="inline-flex items-center gap-2"
        ><input type="checkbox" bind:checked={typed.sure} />I am sure of this price</label
      >{/if}
    <div class="flex gap-2">
      <button class="btn btn-main">Keep the price</button>
      {#if kept?.part === part}<button type="button" class="btn" onclick={() => void takeBack(kept!)}
          >Take the last one back</button
        >{/if}
    </div>
  </form>
{/if}
