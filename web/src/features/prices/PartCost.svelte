<script lang="ts">
  import { useGuides } from '$features/guide/queries';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import EstimateIt from './EstimateIt.svelte';
  import TypePrice from './TypePrice.svelte';
  import type { PricedLine } from './typed.svelte';

  /** What a person says that a part costs: a price seen, or an estimate while it is only announced. */
  let {
    part = $bindable(),
    guide,
    line,
    onsaved,
  }: {
    part: string | null;
    /** The slug of the guide that it is typed for; absent where the author is at none. */
    guide?: string;
    line?: PricedLine;
    onsaved?: () => void;
  } = $props();
  const guides = useGuides();
  const own = $derived((guides.data ?? []).filter((g) => !guide || g.slug === guide));
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
  title="Price of {view?.fullName ?? 'the part'}"
  wide
>
  {#if view && own.length}<div class="space-y-4 overflow-y-auto px-6 py-4">
      <TypePrice part={view.id} kind={view.kind} guides={own} {line} {onsaved} />
      {#if view.release === 'ANNOUNCED'}<h2 class="border-t border-hairline pt-3">Estimate until it is on sale</h2>
        <EstimateIt part={view.id} kind={view.kind} {onsaved} currency={own[0]!.currency} />{/if}
    </div>{:else if guides.isSuccess && !own.length}<p class="px-6 py-4 text-soft">
      No guide yet. <a class="underline" href="/guides">Create one first.</a>
    </p>{/if}
</Dialog>
