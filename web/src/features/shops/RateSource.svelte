<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  /** Where exchange rates come from, what came last, and asking for today's. */
  const queries = useQueryClient();
  const rates = createQuery(() => ({ queryKey: ['rates'], queryFn: () => taken(api.GET('/api/rates', {})) }));
  const view = $derived(rates.data);
  let typed = $state<string>();
  let sentence = $state('');
  let told = $state('');
  let isAsking = $state(false);

  async function done(work: Promise<Schemas['RatesView']>): Promise<Schemas['RatesView'] | undefined> {
    sentence = '';
    told = '';
    try {
      const now = await work;
      queries.setQueryData(['rates'], now);
      sentence = now.sentence ?? '';
      return now;
    } catch (problem) {
      sentence = (problem as Error).message;
      return undefined;
    }
  }

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const now = await done(
      taken(
        api.PUT('/api/rates', {
          params: { header: { 'If-Match': `"${view!.version}"` } },
          body: { address: typed ?? '' },
        }),
      ),
    );
    if (now) typed = undefined;
    else await queries.invalidateQueries({ queryKey: ['rates'] });
  }

  async function ask(): Promise<void> {
    isAsking = true;
    const now = await done(taken(api.POST('/api/rates/refresh', {})));
    if (now && !now.sentence) told = `Rates of ${now.day} in ${now.currencies} currencies.`;
    isAsking = false;
  }
</script>

<section class="mt-8 max-w-2xl" aria-labelledby="rates">
  <h2 id="rates" class="border-b border-hairline pb-1 font-semibold">Exchange rates</h2>
  <p class="small mt-1 text-soft">
    Read with each round, for readers of other regions. {view?.day
      ? `Last: ${view.day}, ${view.currencies} currencies.`
      : rates.isSuccess
        ? 'None has come yet.'
        : ''}
  </p>
  {#if view}
    <form class="mt-2 flex flex-wrap items-end gap-3" onsubmit={save}>
      <div class="min-w-72 grow">
        <TextField
          label="Address of the day’s file"
          bind:value={() => typed ?? view.address, (text) => (typed = text)}
          maxlength={500}
          hint={view.isUsual ? 'The one it was started with' : 'Empty: the one it was started with'}
        />
      </div>
      <button class="btn" disabled={typed === undefined || typed === view.address}>Save</button>
      <button type="button" class="btn" disabled={isAsking} onclick={() => void ask()}
        >{isAsking ? 'Asking…' : 'Ask now'}</button
      >
    </form>
  {/if}
  <Told {sentence} /><Told sentence={told} tone="moss" />
</section>
