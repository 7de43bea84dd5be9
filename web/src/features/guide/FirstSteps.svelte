<script lang="ts">
  import { useShops } from '$features/shops/queries';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import { steps } from './steps';

  /** What a new desk wants first, in order; each can be come back to. */
  const shops = useShops();
  const kinds = createQuery(() => ({
    queryKey: ['kinds'],
    queryFn: () => taken(api.GET('/api/kinds', {})),
    staleTime: Infinity,
  }));
  const parts = createQuery(() => ({
    queryKey: ['parts', 'many'],
    enabled: kinds.isSuccess,
    queryFn: async () => {
      const pages = await Promise.all(
        (kinds.data ?? []).map(({ kind }) => taken(api.GET('/api/parts', { params: { query: { kind, q: '' } } }))),
      );
      return pages.reduce((sum, page) => sum + page.all, 0);
    },
  }));
  const all = $derived(steps(shops.data?.length ?? 0, parts.data ?? 0));
</script>

<section aria-labelledby="first-steps" class="py-6">
  <h2 id="first-steps" class="text-[17px]">No guide yet</h2>
  <p class="text-soft">Four steps to a first complete tier. Each can be left and come back to.</p>
  <ol class="mt-4 space-y-3">
    {#each all as step, i (step.title)}
      <li class="grid grid-cols-[24px_minmax(0,1fr)_auto] items-baseline gap-3 border-b border-hairline pb-3">
        <span class="text-soft">{i + 1}</span>
        <span
          ><span class="font-semibold">{step.title}</span>
          <span class="block text-soft">{step.done || step.what}</span></span
        >
        {#if step.path}<a class="btn no-underline {step.isNext ? 'btn-main' : ''}" href={step.path}>{step.act}</a>{/if}
      </li>
    {/each}
  </ol>
</section>
