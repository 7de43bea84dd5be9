<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import { again, emptyFact, factForm, FORMS, scored } from './facts';

  /** What is known of a part beside its maker's figures: reviews, own hands, what was said of it. */
  let { part }: { part: string } = $props();
  const queries = useQueryClient();
  let typed = $state(emptyFact());
  let isAdding = $state(false);
  let sentence = $state('');
  let out = $state<Schemas['FactView']>();
  const known = createQuery(() => ({
    queryKey: ['facts', part],
    queryFn: () => taken(api.GET('/api/parts/{id}/facts', { params: { path: { id: part } } })),
  }));

  async function done(work: Promise<unknown>): Promise<boolean> {
    try {
      await work;
      sentence = '';
      return true;
    } catch (problem) {
      sentence = (problem as Error).message;
      return false;
    } finally {
      await queries.invalidateQueries({ queryKey: ['facts', part] });
      await queries.invalidateQueries({ queryKey: ['compared'] });
    }
  }

  const send = async (fact: () => Schemas['SoftFactForm']) =>
    taken(api.POST('/api/parts/{id}/facts', { params: { path: { id: part } }, body: fact() }));

  async function keep(): Promise<void> {
    if (!(await done(send(() => factForm(typed))))) return;
    isAdding = false;
    typed = emptyFact();
  }

  async function takeOut(fact: Schemas['FactView']): Promise<void> {
    if (await done(taken(api.DELETE('/api/facts/{fact}', { params: { path: { fact: fact.id } } })))) out = fact;
  }

  async function putBack(fact: Schemas['FactView']): Promise<void> {
    if (await done(send(() => again(fact)))) out = undefined;
  }
</script>

<section aria-label="Known of it">
  <p class="label">Known of it</p>
  {#if known.data?.reviews}<p class="small">{known.data.reviews}</p>{/if}
  {#each known.data?.facts ?? [] as fact (fact.id)}
    <div class="border-b border-hairline py-1">
      <p class="small flex justify-between gap-2">
        <span>{scored(fact)}</span><button
          class="btn-quiet small"
          aria-label="Take out: {scored(fact)}, {fact.on}"
          onclick={() => void takeOut(fact)}>Out</button
        >
      </p>
      {#if fact.words}<p class="small">{fact.words}</p>{/if}
      <p class="small text-soft">{[fact.source || fact.by, fact.on].join(', ')}</p>
    </div>
  {:else}{#if known.isSuccess}<p class="small text-soft">Nothing but the figures.</p>{/if}{/each}
  {#if out}<p class="small mt-1" role="status">
      Taken out: {scored(out)}.
      <button class="btn-quiet small" {@attach (button) => button.focus()} onclick={() => void putBack(out!)}
        >Put it back</button
      >
    </p>{/if}
  {#if isAdding}
    <form
      class="mt-2 space-y-2"
      onsubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <Choose label="What is known" bind:value={typed.form} options={FORMS} />
      {#if typed.form === 'REVIEW'}<div class="grid grid-cols-3 gap-2">
          <TextField label="Score" bind:value={typed.score} inputmode="decimal" required />
          <TextField label="out of" bind:value={typed.outOf} inputmode="numeric" required />
          <TextField label="reviews" bind:value={typed.count} inputmode="numeric" required />
        </div>{/if}
      <TextField label="In words" bind:value={typed.words} maxlength={500} required={typed.form === 'OTHER'} />
      <TextField
        label="Source"
        bind:value={typed.source}
        maxlength={200}
        required={typed.form === 'REVIEW' || typed.form === 'OTHER'}
      />
      <TextField label="Day" type="date" bind:value={typed.on} hint="Empty: today" />
      <Told {sentence} />
      <div class="flex gap-2">
        <button class="btn btn-main">Keep it</button><button
          class="btn"
          type="button"
          onclick={() => ((isAdding = false), (sentence = ''))}>Leave it</button
        >
      </div>
    </form>
  {:else}<Told {sentence} /><button class="btn-quiet small mt-1" onclick={() => (isAdding = true)}>Add something</button
    >{/if}
</section>
