<script lang="ts">
  import { useShops } from '$features/shops/queries';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import EstimateIt from './EstimateIt.svelte';
  import TypePrice from './TypePrice.svelte';

  /** What a person says that a part costs: a price seen, or an estimate while it is only announced. */
  let {
    part = $bindable(),
    currency,
    onsaved,
  }: { part: string | null; currency?: string; onsaved?: () => void } = $props();
  const shops = useShops();
  const sheet = createQuery(() => ({
    queryKey: ['part', part],
    queryFn: () => taken(api.GET('/api/parts/{id}', { params: { path: { id: part! } } })),
    enabled: part !== null,
  }));
  const view = $derived(sheet.data?.part);
</script>

<Dialog
  bind:open={
    () => part !== null,
    (open) => {
      if (!open) part = null;
    }
  }
  title="What {view?.fullName ?? 'it'} costs"
  wide
>
  {#if view}<div class="space-y-4 overflow-y-auto px-6 py-4">
      <h2>A price you have seen</h2>
      <TypePrice part={view.id} {onsaved} />
      {#if view.release === 'ANNOUNCED'}<h2 class="border-t border-hairline pt-3">An estimate, until it is sold</h2>
        <EstimateIt
          part={view.id}
          kind={view.kind}
          {onsaved}
          currency={currency ?? shops.data?.[0]?.currency ?? 'EUR'}
        />{/if}
    </div>{/if}
</Dialog>
