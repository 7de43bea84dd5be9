<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { keys } from '$lib/keys.svelte';
  import Mark from '$ui/Mark.svelte';
  import { navigate } from '../../routes/router';

  /** The queue of what needs a decision; each row goes straight to its place. */
  let { wanted, slug, edition }: { wanted: Schemas['Wanted'][]; slug: string; edition: string } = $props();

  function place(row: Schemas['Wanted']): string {
    if (row.text) return `/guides/${slug}?text=${row.text}`;
    if (!row.build) return `/guides/${slug}/round`;
    return `/guides/${slug}/editions/${edition}/builds/${row.build}/lines/${row.line ?? 'first'}`;
  }

  $effect(() => {
    const first = wanted[0];
    return keys.add(
      first
        ? [
            {
              key: 'Enter',
              label: 'Go to the first item to decide',
              run: () => void navigate(place(first) as '/'),
            },
          ]
        : [],
    );
  });
</script>

<div class="flex items-baseline max-lg:mt-6 justify-between border-b border-ink pb-1">
  <h2 class="text-[17px]">To decide</h2>
  <span class="small text-soft">{wanted.length ? `${wanted.length}, heaviest first` : ''}</span>
</div>
{#each wanted as row, i (i)}
  <a
    href={place(row)}
    class="grid grid-cols-[12px_minmax(0,1fr)_auto] gap-x-3 border-b border-hairline py-1.5 no-underline hover:bg-tint"
  >
    <span class="pt-1.5"><Mark verdict={row.sign} /></span>
    <span
      ><span class="block font-semibold first-letter:uppercase">{row.what}</span><span
        class="small line-clamp-2 block text-soft">{[row.where, row.detail].filter(Boolean).join(': ')}</span
      ></span
    >
    <span class="font-medium text-moss">{row.action}</span>
  </a>
{:else}<p class="py-4 text-soft">Nothing to decide. Refresh prices in the round, or go to press.</p>{/each}
