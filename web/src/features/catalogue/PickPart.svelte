<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';

  /** A part of one kind, found by its name. */
  let {
    label,
    kind,
    part = $bindable(),
  }: { label: string; kind: Schemas['PartView']['kind']; part: string | undefined } = $props();
  let text = $state('');
  let name = $state('');
  const isAsked = $derived(text.trim().length > 1);
  const found = createQuery(() => ({
    queryKey: ['pick', kind, text],
    queryFn: () => taken(api.GET('/api/parts', { params: { query: { kind, q: text } } })),
    enabled: isAsked,
  }));

  function pick(picked?: Schemas['PartView']): void {
    part = picked?.id;
    name = picked?.fullName ?? '';
    text = '';
  }
</script>

{#if part}<p>
    <span class="label">{label}</span>
    {name} <button type="button" class="btn-quiet small" onclick={() => pick()}>another, or none</button>
  </p>
{:else}
  <label class="block"
    ><span class="label">{label}</span><input class="field mt-1 w-full" placeholder="a name" bind:value={text} /></label
  >
  {#each isAsked ? (found.data?.parts.slice(0, 6) ?? []) : [] as other (other.id)}<p>
      <button type="button" class="btn-quiet small text-left" onclick={() => pick(other)}>{other.fullName}</button>
    </p>{/each}
  {#if isAsked && found.isSuccess && !found.data.parts.length}<p class="small text-soft">
      No part has this name. Add it to the catalogue to give it figures.
    </p>{/if}
{/if}
