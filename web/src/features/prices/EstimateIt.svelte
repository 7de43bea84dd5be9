<script lang="ts">
  import { createQuery, keepPreviousData, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import { basisForm, emptyBasis, typedBasis } from './basis';

  /** From what the price of an announced part is estimated until somebody sells it. */
  let {
    part,
    kind,
    currency,
    onsaved,
  }: { part: string; kind: Schemas['PartView']['kind']; currency: string; onsaved?: () => void } = $props();
  const queries = useQueryClient();
  const types: { value: Schemas['EstimateForm']['type']; label: string }[] = [
    { value: 'TIMES', label: 'another part, times a factor' },
    { value: 'STEP', label: 'another part, plus a step' },
    { value: 'SUGGESTED', label: 'MSRP, as its kind costs now' },
  ];
  const stored = createQuery(() => ({
    queryKey: ['estimate', part],
    queryFn: async () => (await taken(api.GET('/api/parts/{part}/estimate', { params: { path: { part } } }))) ?? null,
  }));
  let typed = $state(emptyBasis());
  $effect(() => {
    if (stored.data) typed = typedBasis(stored.data, currency);
  });
  let words = $state('');
  const others = createQuery(() => ({
    queryKey: ['parts', kind, words],
    queryFn: () => taken(api.GET('/api/parts', { params: { query: { kind, q: words } } })),
    placeholderData: keepPreviousData,
  }));
  const choices = $derived([
    { value: '', label: 'choose one' },
    ...(others.data?.parts ?? []).filter((p) => p.id !== part).map((p) => ({ value: p.id, label: p.fullName })),
  ]);
  let sentence = $state('');
  let done = $state('');

  async function settle(work: () => Promise<unknown>, told: string): Promise<void> {
    try {
      await work();
      sentence = '';
      done = told;
      await queries.invalidateQueries();
      onsaved?.();
    } catch (problem) {
      sentence = (problem as Error).message;
      done = '';
    }
  }
  const save = (event: SubmitEvent) => {
    event.preventDefault();
    void settle(
      async () =>
        taken(api.PUT('/api/parts/{part}/estimate', { params: { path: { part } }, body: basisForm(typed, currency) })),
      'Kept. It is marked as an estimate wherever it counts, until the part is sold.',
    );
  };
  const withdraw = () =>
    settle(async () => {
      await taken(api.DELETE('/api/parts/{part}/estimate', { params: { path: { part } } }));
      typed = emptyBasis();
    }, 'Taken away.');
</script>

<form class="space-y-3" onsubmit={save}>
  <Choose label="It follows from" bind:value={typed.type} options={types} />
  {#if typed.type !== 'SUGGESTED'}
    <div class="grid grid-cols-[1fr_2fr_1fr] gap-3">
      <TextField label="Find the part" bind:value={words} />
      <Choose label="The part" bind:value={typed.comparable} options={choices} />
      {#if typed.type === 'TIMES'}<TextField label="Factor" bind:value={typed.factor} inputmode="decimal" />
      {:else}<TextField label="Step, {currency}" bind:value={typed.step} inputmode="decimal" />{/if}
    </div>
  {/if}
  <TextField label="Give or take, %" bind:value={typed.spread} inputmode="decimal" />
  <Told {sentence} /><Told sentence={done} tone="moss" />
  <div class="flex gap-3">
    <button class="btn btn-main">Keep the estimate</button>
    {#if stored.data}<button type="button" class="btn" onclick={withdraw}>Take it away</button>{/if}
  </div>
</form>
