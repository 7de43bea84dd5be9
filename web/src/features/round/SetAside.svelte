<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Mark from '$ui/Mark.svelte';
  import Told from '$ui/Told.svelte';

  /** Prices that wait for a person: right, or wrong. */
  let { slug, format }: { slug: string; format: Format } = $props();
  const queries = useQueryClient();
  const waiting = createQuery(() => ({
    queryKey: ['set-aside', slug],
    queryFn: () => taken(api.GET('/api/guides/{slug}/set-aside', { params: { path: { slug } } })),
  }));
  let why = $state<Record<number, string>>({});
  let sentence = $state('');

  async function decide(id: number, right: boolean): Promise<void> {
    try {
      await taken(api.PUT('/api/set-aside/{id}', { params: { path: { id } }, body: { right, why: why[id] ?? '' } }));
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries();
  }
</script>

<h2 class="mt-6 border-b border-ink pb-1 text-[17px]">Set aside</h2>
<Told {sentence} />
{#each waiting.data ?? [] as price (price.id)}
  <div class="grid grid-cols-[1fr_110px_220px_auto] items-center gap-4 border-b border-hairline py-2">
    <div>
      <p class="flex items-center gap-2 font-semibold"><Mark verdict="CAUTION" />{price.part}</p>
      <p class="text-soft">
        {price.seller === price.shop ? price.shop : `${price.seller} at ${price.shop}`}: {price.why}
      </p>
    </div>
    <p class="text-right text-[17px] font-semibold">{format.money(price.priceMinor)}</p>
    <input
      class="field"
      aria-label="Why, for the record"
      placeholder="why, for the record"
      maxlength="1000"
      bind:value={why[price.id]}
    />
    <div class="flex gap-2">
      <button class="btn" onclick={() => decide(price.id, true)}>It is right</button><button
        class="btn"
        onclick={() => decide(price.id, false)}>It is wrong</button
      >
    </div>
  </div>
{:else}<p class="py-2 text-soft">No price waits for you.</p>{/each}
