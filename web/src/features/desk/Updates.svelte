<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import Told from '$ui/Told.svelte';

  /** What an update changed in the data, told once. */
  const queries = useQueryClient();
  const updates = createQuery(() => ({
    queryKey: ['updates'],
    staleTime: Infinity,
    queryFn: () => taken(api.GET('/api/updates', {})),
  }));
  const VIEWS = {
    DESK: { path: '', label: 'Show desk' },
    PRESS: { path: '/press', label: 'Show press' },
    SETTINGS: { path: '/settings', label: 'Show settings' },
  };
  const all = $derived(updates.data ?? []);
  let sentence = $state('');

  async function read(): Promise<void> {
    try {
      await taken(api.POST('/api/updates/read', { body: { ids: all.map((n) => n.id) } }));
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries({ queryKey: ['updates'] });
  }
</script>

<Told {sentence} />
{#if all.length}
  <section aria-label="Changed by the update" class="mb-3 border-l-2 border-straw pl-3">
    <p class="font-semibold">Changed by the update</p>
    <ul class="small">
      {#each all as notice (notice.id)}<li>
          {notice.sentence}
          {#if notice.guide}<a class="underline" href="/guides/{notice.guide}{VIEWS[notice.view!].path}"
              >{VIEWS[notice.view!].label}</a
            >{/if}
          {#if notice.part}<a class="underline" href="/catalogue?part={notice.part}">Show part</a>{/if}
        </li>{/each}
    </ul>
    <button class="btn-quiet small" onclick={() => void read()}>Dismiss</button>
  </section>
{/if}
