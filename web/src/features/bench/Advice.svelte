<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import type { Format } from '$lib/format';

  /** What a reader with more money, or less, would change, out of the options that are offered. */
  let { edition, build, stamp, format }: { edition: string; build: string; stamp: unknown; format: Format } = $props();
  const advice = createQuery(() => ({
    queryKey: ['advice', edition, build, stamp],
    queryFn: () =>
      taken(api.GET('/api/editions/{edition}/builds/{build}/advice', { params: { path: { edition, build } } })),
  }));
</script>

{#if advice.data?.length}
  <section aria-label="With more money, or less" class="border-t border-hairline pt-3">
    <p class="font-semibold">With more money, or less</p>
    <dl class="small mt-1 space-y-1.5">
      {#each advice.data as row (row.limitMinor)}
        <div>
          <dt class="text-soft">
            {row.limitMinor < 0 ? 'to save' : 'with'}
            {format.money(Math.abs(row.limitMinor))}{row.limitMinor < 0 ? '' : ' more'}
          </dt>
          <dd>{row.changes.join('; ')} ({format.signed(row.differenceMinor, 'the same')})</dd>
          {#if row.gains.length}<dd>{row.gains.join(', ')}</dd>{/if}
          {#if row.losses.length}<dd class="text-soft">gives up: {row.losses.join(', ')}</dd>{/if}
        </div>
      {/each}
    </dl>
  </section>
{/if}
