<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import { keys } from '$lib/keys.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import { navigate } from '../../routes/router';
  import MoverRow from './MoverRow.svelte';
  import { choices, DECIDED, laidOut, placeOf, words } from './movers';
  import { moversKey, useMovers } from './queries';

  /** What moved, in order of weight, decided by keys; what is decided leaves the queue and can be taken back. */
  type Decision = Schemas['Choice']['decision'];
  let { slug, edition, format, since }: { slug: string; edition: string; format: Format; since: string } = $props();

  const queries = useQueryClient();
  const queue = useMovers(() => edition);
  let at = $state(0);
  let sentence = $state('');
  let asked = $state<Decision | null>(null);
  let why = $state('');
  let busy = false;

  let opened = $state<string[]>([]);
  const open = $derived(laidOut(queue.data?.open ?? [], opened));
  const decided = $derived(queue.data?.decided ?? []);
  const curves = $derived(new Map(queue.data?.curves.map((c) => [c.part, c.days])));
  const current = $derived(open[Math.min(at, open.length - 1)]);

  function move(by: number): void {
    at = Math.max(0, Math.min(open.length - 1, Math.min(at, open.length - 1) + by));
    sentence = '';
  }

  async function settle(work: () => Promise<Schemas['Queue']>): Promise<void> {
    if (busy) return;
    busy = true;
    try {
      queries.setQueryData(moversKey(edition), await work());
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
      await queue.refetch();
    }
    busy = false;
    void queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'movers' && q.queryKey[0] !== 'history' });
  }

  function decide(decision: Decision): void {
    if (!current) return;
    if (!choices(current).includes(decision)) {
      sentence = `${words(current).label}: this can be ${choices(current)
        .map((c) => DECIDED[c])
        .join(' or ')}${placeOf(current, slug, edition) ? ', or swapped on the bench' : ''}.`;
      return;
    }
    if (decision === 'HOLD') {
      asked = decision;
      return;
    }
    void send(current, decision, '');
  }

  const send = (mover: Schemas['Mover'], decision: Decision, reason: string) =>
    settle(() =>
      taken(
        api.PUT('/api/editions/{edition}/movers/{key}/decision', {
          params: { path: { edition, key: mover.key } },
          body: { fingerprint: mover.fingerprint, decision, why: reason },
        }),
      ),
    );

  function hold(event: SubmitEvent): void {
    event.preventDefault();
    if (current) void send(current, asked!, why);
    asked = null;
    why = '';
  }

  const takeBack = (mover: Schemas['Mover']) =>
    settle(() =>
      taken(
        api.DELETE('/api/editions/{edition}/movers/{key}/decision', {
          params: { path: { edition, key: mover.key }, query: { fingerprint: mover.fingerprint } },
        }),
      ),
    );

  function lookInside(): void {
    if (current?.form !== 'SHOP') return;
    const { key } = current;
    opened = opened.includes(key) ? opened.filter((k) => k !== key) : [...opened, key];
  }

  function swap(): void {
    const place = current && placeOf(current, slug, edition);
    if (place) void navigate(place as '/', { search: { find: 'by=SAME_FOR_LESS' } });
    else if (current) sentence = 'There is no one choice to swap here; keep it, or go to the bench.';
  }

  $effect(() =>
    keys.add([
      { key: 'ArrowDown', label: 'Next thing that moved', run: () => move(1) },
      { key: 'ArrowUp', label: 'The one before', run: () => move(-1) },
      { key: 'k', label: 'Keep it as it is', run: () => decide('KEEP') },
      { key: 's', label: 'Swap it: the finder, cheaper equivalents first', run: swap },
      { key: 'h', label: 'Pin the choice to its offer', run: () => decide('HOLD') },
      { key: 'x', label: 'Set the price aside', run: () => decide('SET_ASIDE') },
      { key: 'o', label: 'The prices of a shop one by one', run: lookInside },
      { key: 'u', label: 'Take the last decision back', run: () => decided[0] && void takeBack(decided[0]) },
    ]),
  );
</script>

<div class="mt-6 flex items-baseline justify-between border-b border-ink pb-1">
  <h2 class="text-[17px]">{since ? `What moved since ${since}` : 'What wants a decision'}</h2>
  <span class="small text-soft" aria-live="polite"
    >{[
      queue.data?.open.length ? `${queue.data.open.length} to decide, heaviest first` : '',
      decided.length ? `${decided.length} decided` : '',
    ]
      .filter(Boolean)
      .join(' · ')}</span
  >
</div>
<Told {sentence} />
{#if open.length}
  <div
    role="listbox"
    aria-label="What moved"
    tabindex="0"
    aria-activedescendant={current ? `mover-${open.indexOf(current)}` : undefined}
    class="focus-visible:outline-2 focus-visible:outline-moss"
  >
    {#each open as mover, i (mover.key + mover.fingerprint)}
      <MoverRow
        {mover}
        id="mover-{i}"
        days={curves.get(mover.part ?? '')}
        {format}
        isAt={mover === current}
        isInside={!queue.data?.open.includes(mover)}
        onfocus={() => (at = i)}
      />
    {/each}
  </div>
  <div
    class="sticky bottom-0 flex flex-wrap items-center gap-x-3 gap-y-2 border-t border-hairline bg-chalk py-2"
    aria-label="Decide"
  >
    {#if current}
      <button class="btn" onclick={() => decide('KEEP')}
        >{current.form === 'SHOP'
          ? 'All are right'
          : current.form === 'SET_ASIDE'
            ? 'The price is right'
            : 'Keep'}</button
      ><span class="key">k</span>
      {#if current.places.length && !current.inside.length}<button class="btn" onclick={swap}>Swap</button><span
          class="key">s</span
        >{/if}
      {#if choices(current).includes('HOLD')}<button class="btn" onclick={() => decide('HOLD')}>Pin</button><span
          class="key">h</span
        >{/if}
      {#if choices(current).includes('SET_ASIDE')}<button class="btn" onclick={() => decide('SET_ASIDE')}
          >Ignore price</button
        ><span class="key">x</span>{/if}
      {#if current.form === 'SHOP'}<button class="btn" aria-expanded={opened.includes(current.key)} onclick={lookInside}
          >One by one</button
        ><span class="key">o</span>{/if}
      <span class="small ml-auto text-soft max-sm:hidden">arrows move along</span>
    {/if}
  </div>
{:else if queue.isSuccess}<p class="py-2 text-soft">
    {decided.length ? 'Everything that moved is decided.' : 'Nothing moved that wants a decision.'}
  </p>{/if}
{#if decided.length}
  <details class="mt-4">
    <summary class="cursor-pointer font-semibold">Decided ({decided.length}) <span class="key">u</span></summary>
    {#each decided as mover (mover.key + mover.fingerprint)}
      <div class="grid items-center gap-3 sm:grid-cols-[1fr_220px_auto] border-b border-hairline py-1">
        <span>{mover.title} <span class="text-soft">{mover.detail}</span></span>
        <span class="small text-soft"
          >{DECIDED[mover.decided!.decision]} by {mover.decided!.by}, {format.date(mover.decided!.at)}{mover.decided!
            .why
            ? `: ${mover.decided!.why}`
            : ''}</span
        >
        <button class="btn" onclick={() => takeBack(mover)}>Take back</button>
      </div>
    {/each}
  </details>
{/if}

<Dialog
  bind:open={
    () => asked !== null,
    (is) => {
      if (!is) asked = null;
    }
  }
  title="Pin {current?.title ?? ''} to its offer"
>
  <form class="space-y-3 px-6 py-4" onsubmit={hold}>
    <label class="block"
      ><span class="label">Why this offer and no other</span><input
        class="field mt-1 w-full"
        bind:value={why}
        required
        maxlength="500"
      /></label
    >
    <button class="btn btn-main">Pin</button>
  </form>
</Dialog>
