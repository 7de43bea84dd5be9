<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { Format } from '$lib/format';
  import { keys } from '$lib/keys.svelte';
  import { useDesk } from '$features/guide/queries';
  import Feeds from '$features/round/Feeds.svelte';
  import Triage from '$features/round/Triage.svelte';
  import Told from '$ui/Told.svelte';
  import { route } from './router';

  const slug = $derived((route.params as Record<string, string>).guide!);
  const queries = useQueryClient();
  const desk = useDesk(() => slug);
  const latest = createQuery(() => ({
    queryKey: ['round', slug],
    queryFn: async () =>
      (await taken(api.GET('/api/guides/{slug}/rounds/latest', { params: { path: { slug } } }))) ?? null,
  }));
  let live = $state<Schemas['Progress'] | null>(null);
  let sentence = $state('');

  const round = $derived(live ?? latest.data ?? null);
  const isPaused = $derived(round?.state === 'PAUSED');
  const isRunning = $derived(!!round && !round.endedAt);
  const runningId = $derived(isRunning ? round?.id : undefined);
  const done = $derived(round ? round.read + round.failed : 0);
  const format = $derived(
    new Format(desk.data?.guide.currency ?? 'EUR', desk.data?.guide.locale ?? 'en', desk.data?.guide.zone),
  );

  async function start(): Promise<void> {
    sentence = '';
    try {
      live = await taken(api.POST('/api/guides/{slug}/rounds', { params: { path: { slug } } }));
    } catch (problem) {
      sentence = (problem as Error).message;
      live = null;
      await latest.refetch();
    }
  }

  async function cancel(): Promise<void> {
    await taken(api.DELETE('/api/rounds/{id}', { params: { path: { id: round!.id } } }));
  }

  async function pause(paused: boolean): Promise<void> {
    live = await taken(api.PUT('/api/rounds/{id}/paused', { params: { path: { id: round!.id } }, body: { paused } }));
  }

  $effect(() => {
    if (!runningId) return;
    const events = new EventSource(`/api/rounds/${runningId}/events`);
    events.onmessage = (event) => {
      live = JSON.parse(event.data) as Schemas['Progress'];
      if (live.endedAt) {
        events.close();
        void queries.invalidateQueries();
      }
    };
    return () => events.close();
  });

  $effect(() => keys.add([{ key: 'r', label: 'Refresh all prices', run: () => void start() }]));
</script>

<svelte:head><title>Round · Lowfield</title></svelte:head>

<main class="mx-auto max-w-[1100px] px-4 py-4 sm:px-6">
  <div class="flex flex-wrap items-center justify-between gap-2 border-b border-ink pb-2">
    <div>
      <h1 class="text-[17px]">Round</h1>
      <p class="text-soft" aria-live="polite">
        {#if !round}No round has run yet. It reads the lists of the guide's shops, and the pages of the parts in use.
        {:else if isRunning}{isPaused ? 'Paused at ' : ''}{done} of {round.pages} pages{round.failed
            ? `, ${round.failed} without a price`
            : ''}{done === round.pages && !isPaused ? '; prices are being judged' : ''}
        {:else}{round.state === 'DONE' ? 'Last run' : round.state === 'CANCELLED' ? 'Cancelled' : 'Broken off'}
          {format.date(round.startedAt)}: {round.read} pages read, {round.failed} without a price, {round.accepted} prices
          accepted, {round.setAside} suspicious{/if}
      </p>
    </div>
    <div class="flex items-center gap-2">
      {#if isRunning}<button class="btn" onclick={() => pause(!isPaused)}>{isPaused ? 'Go on' : 'Pause'}</button><button
          class="btn"
          onclick={cancel}>Cancel</button
        >{:else}<button class="btn btn-main" onclick={start}>Refresh all prices</button><span class="key">r</span>{/if}
    </div>
  </div>
  {#if isRunning && round}<progress
      class="mt-2 h-1.5 w-full accent-moss"
      max={round.pages}
      value={done}
      aria-label="Pages fetched"
    ></progress>{/if}
  <Told {sentence} />
  {#if round?.feeds.length}<Feeds feeds={round.feeds} />{/if}
  {#if desk.data?.edition}<Triage
      {slug}
      edition={desk.data.edition.id}
      {format}
      since={desk.data.lastPeriod ? format.month(desk.data.lastPeriod) : ''}
    />{/if}
  {#if round?.failures.length}
    <details class="mt-6" open={round.failures.length < 12}>
      <summary class="cursor-pointer text-[17px] font-semibold"
        >What shops did not tell ({round.failures.length})</summary
      >
      <ul class="mt-1">
        {#each round.failures as failure, i (i)}<li class="border-b border-hairline py-1">
            <span class="font-medium">{failure.shop}</span> <span class="text-soft">{failure.sentence}</span>
          </li>{/each}
      </ul>
    </details>
  {/if}
</main>
