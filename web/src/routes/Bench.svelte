<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import { Format } from '$lib/format';
  import { keys } from '$lib/keys.svelte';
  import { listen } from '$lib/live';
  import { BenchState } from '$features/bench/bench.svelte';
  import BenchDialogs from '$features/bench/BenchDialogs.svelte';
  import BuildTabs from '$features/bench/BuildTabs.svelte';
  import { OpenDialogs } from '$features/bench/dialogs.svelte';
  import { withBundle } from '$features/bench/extras.svelte';
  import { followable } from '$features/bench/followable';
  import { reasonKeys } from '$features/bench/reasonKeys';
  import { matterOf } from '$features/bench/reasons.svelte';
  import LineDesk from '$features/bench/LineDesk.svelte';
  import Spine from '$features/bench/Spine.svelte';
  import Advice from '$features/bench/Advice.svelte';
  import Tally from '$features/bench/Tally.svelte';
  import Told from '$ui/Told.svelte';
  import { api, taken, type Schemas } from '$lib/api/client';
  import BenchPanes, { type Pane } from '$features/bench/BenchPanes.svelte';
  import { navigate, route } from './router';

  const params = $derived(route.params as Record<string, string>);
  const queries = useQueryClient();
  // As words, so that going to another line of the same build keeps the bench as it is.
  const edition = $derived(params.edition ?? '');
  const build = $derived(params.build ?? '');
  const bench = $derived(new BenchState(edition, build));
  let heading: string | undefined;
  const dialogs = new OpenDialogs();
  /** What of the bench a telephone shows; wider screens show all three. */
  let pane = $state<Pane>('slots');
  const shownAt = (of: Pane) => (pane === of ? '' : 'hidden lg:block');

  $effect(() => {
    const [state, open] = [bench, openId];
    untrack(() => state.openAt(open));
  });
  $effect(() => {
    if (edition && build) void bench.load();
    return () => void queries.invalidateQueries({ queryKey: ['desk'] });
  });
  // What is edited here moves the round's queue, which is not to be seen as it was before.
  $effect(() => {
    if (bench.bench) untrack(() => queries.removeQueries({ queryKey: ['movers'] }));
  });
  // Others' changes arrive as they are made.
  $effect(() => {
    if (!edition) return;
    const state = bench;
    return listen(
      edition,
      (change) => state.hear(change),
      () => void (state.waiting === 0 && state.load()),
    );
  });

  const kinds = createQuery(() => ({
    queryKey: ['kinds'],
    queryFn: () => taken(api.GET('/api/kinds', {})),
    staleTime: Infinity,
  }));
  const view = $derived(bench.bench);
  const format = $derived(new Format(view?.guide.currency ?? 'EUR', view?.guide.locale ?? 'en', view?.guide.zone));
  const line = $derived(view?.lines.find((l) => l.id === params.line) ?? view?.lines[0]);
  const openId = $derived(params.line && params.line !== 'first' ? params.line : line?.id);
  const plural = $derived(kinds.data?.find((k) => k.kind === line?.kind)?.plural ?? line?.slotLabel ?? '');
  const lastMonth = $derived(view?.lastPeriod ? format.month(view.lastPeriod) : '');
  const path = (build: string, id = 'first') =>
    `/guides/${params.guide}/editions/${params.edition}/builds/${build}/lines/${id}`;
  const here = (id: string) => path(params.build!, id);

  function along(step: number): void {
    if (!view || !line) return;
    const ordered = [...view.lines.filter((l) => l.counted), ...view.lines.filter((l) => !l.counted)];
    // Keys can come faster than addresses change: go on from where the last one leads.
    const from = ordered.findIndex((l) => l.id === (heading ?? line.id));
    const next = ordered[from + step];
    if (!next) return;
    heading = next.id;
    // A step along the spine takes its neighbour's place, so that Back leads out of the build and not through it.
    void navigate(here(next.id) as '/', { replace: true }).finally(() => heading === next.id && (heading = undefined));
  }

  function across(step: number): void {
    const cards = view?.cards ?? [];
    const next = cards[cards.findIndex((c) => c.build === params.build) + step];
    if (next) void navigate(path(next.build) as '/');
  }

  const isLead = (card: Schemas['BuildCard']) => view?.cards.find((c) => c.tier === card.tier)?.build === card.build;
  // A line that stands by itself can follow the same kind of line of any other build; a variant's comes back to its lead.
  let wantsOthers = $state(false);
  const ladder = createQuery(() => ({
    queryKey: ['ladder', edition],
    queryFn: () => taken(api.GET('/api/editions/{edition}/ladder', { params: { path: { edition } } })),
    enabled: bench.isOpen && !!view && (wantsOthers || !isLead(view.card)),
  }));
  const others = $derived(followable(ladder.data, line, view?.card, isLead));

  const fitting = async () =>
    (
      await api.GET('/api/editions/{edition}/builds/{build}/fitting', {
        params: { path: { edition, build } },
      })
    ).data ?? [];
  const year = async (gaming: number, idle: number) =>
    (
      await api.GET('/api/editions/{edition}/builds/{build}/year', {
        params: { path: { edition, build }, query: { gaming, idle } },
      })
    ).data;

  /** Goes to the reason behind this one in the queue of those that want the author; from the last to the first. */
  async function nextReason(): Promise<void> {
    const { data: wanted = [] } = await api.GET('/api/editions/{edition}/reasons', { params: { path: { edition } } });
    const next = wanted[wanted.findIndex((w) => w.line === line?.id) + 1] ?? wanted[0];
    if (next?.build) void navigate(path(next.build, next.line) as '/');
    else bench.say('Every reason stands.');
  }

  let desk = $state<LineDesk>();

  async function add(slot: Schemas['SlotView']['slot']): Promise<void> {
    const id = await bench.add(slot);
    if (id) void navigate(here(id) as '/');
  }

  $effect(() => {
    const open = bench.isOpen;
    return keys.add([
      { key: 'ArrowDown', label: 'Next slot', run: () => along(1) },
      { key: 'ArrowUp', label: 'Slot before', run: () => along(-1) },
      { key: 'ArrowRight', label: 'Next build', run: () => across(1) },
      { key: 'ArrowLeft', label: 'Build before', run: () => across(-1) },
      { key: 'h', label: 'History of this build', run: () => (dialogs.history = true) },
      { key: 't', label: 'The fit: the parts in their case, to scale', run: () => (dialogs.fit = true) },
      { key: 'o', label: 'All offers of this part', run: () => (dialogs.offers = true) },
      {
        key: 'l',
        label: 'The ladder: all builds side by side',
        run: () => void navigate(`/guides/${params.guide}/editions/${params.edition}/ladder` as '/'),
      },
      ...(open
        ? [
            { key: '/', label: 'Find a part for this slot', run: () => dialogs.find() },
            { key: 'e', label: 'Choose something that is no part', run: () => (dialogs.other = true) },
            { key: 'a', label: 'Add an alternative', run: () => dialogs.find('ALTERNATIVE') },
            { key: 'g', label: 'Add an upgrade', run: () => dialogs.find('UPGRADE') },
            ...(line ? reasonKeys(bench, line) : []),
            { key: 'q', label: 'The next reason to look at', run: () => void nextReason() },
            { key: 'w', label: 'Write the reason', run: () => desk?.write() },
            { key: 'b', label: 'Name, note and place of this build', run: () => (dialogs.whole = true) },
            { key: 'x', label: 'Discounts, surcharges and package prices', run: () => (dialogs.extras = true) },
            { key: 'n', label: 'Make a variant of this build', run: () => (dialogs.variant = true) },
            { key: 'u', label: 'Undo', run: () => void bench.undo() },
            { key: 'U', label: 'Redo', run: () => void bench.redo() },
          ]
        : []),
    ]);
  });
</script>

<svelte:window onfocusout={() => setTimeout(() => bench.catchUp())} />
<svelte:head><title>{view?.card.tierName ?? 'Bench'} · Lowfield</title></svelte:head>

{#if !view}
  <main class="p-6">
    {#if bench.sentence}<Told sentence={bench.sentence} />{:else}<p class="text-soft">
        {bench.isAway ? 'The server is away; asking again…' : 'Laying out the build…'}
      </p>{/if}
  </main>
{:else}
  <BuildTabs {view} {format} {path} {isLead} />
  <BenchPanes bind:pane slot={line?.slotLabel ?? 'Slot'} total={format.sum(view.card.gauge.total)} />
  <main class="grid grid-cols-1 lg:h-[calc(100vh-104px)] lg:grid-cols-[300px_minmax(0,1fr)_304px]">
    <section aria-label="Slots" class="{shownAt('slots')} overflow-y-auto border-r border-hairline bg-sheet">
      <p class="flex justify-between gap-2 px-5 py-2">
        <span class="truncate font-semibold" title={view.card.note}
          >{isLead(view.card) ? view.card.tierName : view.card.buildName}</span
        ><span class="small flex shrink-0 gap-2"
          ><button class="btn-quiet small" onclick={() => (dialogs.fit = true)}>fit</button><button
            class="btn-quiet small"
            onclick={() => (dialogs.history = true)}>history</button
          >{#if bench.isOpen}<button class="btn-quiet small" onclick={() => (dialogs.variant = true)}>variant</button
            ><button class="btn-quiet small" onclick={() => (dialogs.whole = true)}>build</button>{/if}</span
        >
      </p>
      <Spine
        lines={view.lines}
        matter={(l) => matterOf(l, bench.reasons.of(l.id))}
        current={line?.id}
        total={view.card.gauge.total.minor ?? view.tally.goods.minor ?? 0}
        {format}
        href={here}
        addable={view.addable}
        onadd={bench.isOpen ? add : undefined}
        onopen={() => (pane = 'slot')}
      />
    </section>
    <section aria-label="The slot" class="{shownAt('slot')} min-w-0 overflow-y-auto px-4 py-3 sm:px-7">
      <Told sentence={bench.sentence} /><Told sentence={bench.told} tone="moss" />
      {#if line}<LineDesk
          bind:this={desk}
          onnext={() => along(1)}
          state={bench}
          {line}
          {format}
          {lastMonth}
          href={path}
          {others}
          onothers={() => (wantsOthers = true)}
          onfind={(as) => dialogs.find(as)}
          onother={() => (dialogs.other = true)}
          onoffers={() => (dialogs.offers = true)}
          oncost={() => (dialogs.costing = line!.part ?? null)}
        />{/if}
    </section>
    <aside aria-label="Tally" class="{shownAt('tally')} overflow-y-auto border-l border-hairline bg-sheet">
      <Tally
        card={view.card}
        tally={view.tally}
        {lastMonth}
        {format}
        href={here}
        onfill={(g) => (dialogs.gap = g)}
        onanswer={bench.isOpen
          ? (fingerprint, words, everywhere) => void bench.answer(fingerprint, words, everywhere)
          : undefined}
        energy={view.guide.energy ?? undefined}
        {fitting}
        {year}
        onextras={bench.isOpen ? () => (dialogs.extras = true) : undefined}
        onbundle={bench.isOpen ? (bundle) => void bench.whole.extras(withBundle(view.tally.extras, bundle)) : undefined}
      />
      <div class="px-4 pb-4"><Advice {edition} {build} stamp={view.lines.map((l) => l.version).join()} {format} /></div>
    </aside>
  </main>
  <BenchDialogs
    state={bench}
    {dialogs}
    {view}
    {line}
    {plural}
    {format}
    onbuild={(build) => void navigate(path(build) as '/')}
  />
{/if}
