<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Told from '$ui/Told.svelte';

  /** Two parts of the catalogue that are one: this one is merged into another, and leads there from then on. */
  let { part, version, onmerged }: { part: Schemas['PartView']; version: number; onmerged: (into: string) => void } =
    $props();
  const queries = useQueryClient();
  let text = $state('');
  let into = $state<Schemas['PartView'] | null>(null);
  let sentence = $state('');
  const found = createQuery(() => ({
    queryKey: ['same', part.kind, text],
    queryFn: () => taken(api.GET('/api/parts', { params: { query: { kind: part.kind, q: text } } })),
    enabled: text.trim().length > 1,
  }));
  const others = $derived(text.trim().length > 1 ? (found.data?.parts ?? []).filter((p) => p.id !== part.id) : []);

  async function merge(): Promise<void> {
    const stays = into!;
    try {
      await taken(
        api.POST('/api/parts/{id}/merge', {
          params: { path: { id: part.id }, header: { 'If-Match': `"${version}"` } },
          body: { into: stays.id },
        }),
      );
      into = null;
      text = sentence = '';
      onmerged(stays.id);
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries();
  }
</script>

<details>
  <summary class="label cursor-pointer">Twice in the catalogue?</summary>
  <label class="mt-1 block"
    ><span class="small text-soft">It is the same thing as</span><input
      class="field"
      placeholder="a name"
      bind:value={text}
      oninput={() => (into = null)}
    /></label
  >
  {#if into}
    <p class="small mt-1">
      {part.fullName} goes into {into.fullName}: its shop pages and choices go along, and its own figures are left
      behind. This cannot be undone.
    </p>
    <p class="mt-1 flex gap-2">
      <button class="btn small" onclick={() => void merge()}>Merge them</button>
      <button class="btn-quiet small" onclick={() => (into = null)}>Not this one</button>
    </p>
  {:else}
    {#each others.slice(0, 6) as other (other.id)}<p>
        <button class="btn-quiet small text-left" onclick={() => (into = other)}>{other.fullName}</button>
      </p>{/each}
    {#if text.trim().length > 1 && found.isSuccess && !others.length}<p class="small text-soft">
        No other part has this name.
      </p>{/if}
  {/if}
  <Told {sentence} />
</details>
