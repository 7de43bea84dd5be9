<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';

  /** The editions through time, each leading to its page; the one in work is marked. */
  let { editions, current, format }: { editions: Schemas['EditionTab'][]; current?: string; format: Format } = $props();
</script>

{#snippet tab(edition: Schemas['EditionTab'])}
  <span class="block font-semibold">{edition.number}</span><span class="small block text-soft"
    >{format.monthShort(edition.period)}</span
  >
{/snippet}

<ol class="flex max-w-full gap-0.5 overflow-x-auto" aria-label="Editions">
  {#each editions.slice(-14) as edition (edition.id)}
    <li
      class="w-11 border-b-2 pb-1 text-center {edition.id === current ? 'border-moss bg-tint' : 'border-field'}"
      aria-current={edition.id === current ? 'true' : undefined}
    >
      {#if edition.address}<a
          class="block no-underline hover:bg-tint"
          href={edition.address}
          target="_blank"
          rel="noreferrer"
          title="Edition {edition.number} as readers see it">{@render tab(edition)}</a
        >{:else}{@render tab(edition)}{/if}
    </li>
  {/each}
</ol>
