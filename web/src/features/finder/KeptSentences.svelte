<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Told from '$ui/Told.svelte';

  /** Sentences kept by name: picked again, kept, let go. */
  let {
    kind,
    written,
    onpick,
  }: { kind: Schemas['LineView']['kind']; written: string; onpick: (sentence: string) => void } = $props();
  const queries = useQueryClient();
  let naming = $state(false);
  let sentence = $state('');
  const kept = createQuery(() => ({
    queryKey: ['kept', kind],
    queryFn: () => taken(api.GET('/api/kinds/{kind}/sentences', { params: { path: { kind } } })),
  }));
  const here = $derived(kept.data?.find((k) => k.sentence === written));

  async function doing(work: () => Promise<unknown>): Promise<void> {
    try {
      await work();
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries({ queryKey: ['kept', kind] });
  }

  function keep(name: string): void {
    naming = false;
    if (name.trim())
      void doing(() =>
        taken(
          api.POST('/api/kinds/{kind}/sentences', { params: { path: { kind } }, body: { name, sentence: written } }),
        ),
      );
  }
  const letGo = (id: string) =>
    void doing(() => taken(api.DELETE('/api/sentences/{id}', { params: { path: { id } } })));
  const focused = (node: HTMLInputElement) => node.focus();
</script>

{#if kept.data?.length || written}
  <div class="small flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-hairline px-6 py-1.5 text-soft">
    {#if kept.data?.length}<span>Kept:</span>
      {#each kept.data as k (k.id)}<button
          class="btn-quiet small"
          aria-pressed={k.sentence === written}
          onclick={() => onpick(k.sentence)}>{k.name}</button
        >{/each}{/if}
    <span class="ml-auto flex items-center gap-2">
      {#if here}<button class="btn-quiet small" onclick={() => letGo(here.id)}>Let "{here.name}" go</button>
      {:else if naming}<label class="flex items-center gap-2"
          >Name<input
            class="field small w-44 py-0.5"
            maxlength="80"
            use:focused
            onkeydown={(e) => {
              if (e.key === 'Enter') keep(e.currentTarget.value);
              if (e.key === 'Escape') {
                e.stopPropagation();
                naming = false;
              }
            }}
          /></label
        >
      {:else if written}<button class="btn-quiet small" onclick={() => (naming = true)}>Save this search</button>{/if}
    </span>
    <Told {sentence} />
  </div>
{/if}
