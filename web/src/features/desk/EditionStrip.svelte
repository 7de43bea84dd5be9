<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';

  /** The editions through time; the one in work is marked. */
  let { editions, current, format }: { editions: Schemas['EditionTab'][]; current?: string; format: Format } = $props();
</script>

<ol class="flex gap-0.5" aria-label="Editions">
  {#each editions.slice(-14) as tab (tab.id)}
    <li
      class="w-11 border-b-2 pb-1 text-center {tab.id === current ? 'border-moss bg-tint' : 'border-field'}"
      aria-current={tab.id === current ? 'true' : undefined}
    >
      <span class="block font-semibold">{tab.number}</span><span class="small block text-soft"
        >{format.monthShort(tab.period)}</span
      >
    </li>
  {/each}
</ol>
