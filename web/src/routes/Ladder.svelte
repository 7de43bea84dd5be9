<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { tick } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, taken } from '$lib/api/client';
  import { Format } from '$lib/format';
  import { keys } from '$lib/keys.svelte';
  import { listen } from '$lib/live';
  import { beside } from '$features/ladder/beside';
  import { LadderEdits } from '$features/ladder/ladder.svelte';
  import Rung from '$features/ladder/Rung.svelte';
  import Steps from '$features/ladder/Steps.svelte';
  import Summaries from '$features/ladder/Summaries.svelte';
  import { standing, tone } from '$features/desk/standing';
  import Gauge from '$ui/Gauge.svelte';
  import Told from '$ui/Told.svelte';
  import { navigate, route } from './router';

  /** All builds beside each other, slots down; what is the same as on the left is a line that runs through. */
  const params = $derived(route.params as Record<string, string>);
  const queries = useQueryClient();
  let column = $state(0);
  let row = $state(0);

  const ladder = createQuery(() => ({
    queryKey: ['ladder', params.edition],
    queryFn: () => taken(api.GET('/api/editions/{edition}/ladder', { params: { path: { edition: params.edition! } } })),
  }));
  // The builds that are set side by side are in the address; with none, all are there.
  let marked = $state<string[]>([]);
  const only = $derived(
    String(searchParams.get('builds') ?? '')
      .split(',')
      .filter(Boolean),
  );
  const view = $derived.by(() => {
    const whole = ladder.data;
    return whole && only.length ? beside(whole, only) : whole;
  });
  $effect(() => {
    const id = params.edition;
    const again = () => void queries.invalidateQueries({ queryKey: ['ladder'] });
    return id ? listen(id, again, again) : undefined;
  });

  function mark(build: string): void {
    marked = marked.includes(build) ? marked.filter((b) => b !== build) : [...marked.slice(-3), build];
  }
  function sideBySide(): void {
    column = row = 0;
    if (only.length) searchParams.delete('builds');
    else if (marked.length > 1) searchParams.set('builds', marked.join(','));
  }
  const isOpen = $derived(view?.edition.state === 'IN_WORK');
  const format = $derived(new Format(view?.guide.currency ?? 'EUR', view?.guide.locale ?? 'en', view?.guide.zone));
  const bench = (build: string, line = 'first') =>
    `/guides/${params.guide}/editions/${params.edition}/builds/${build}/lines/${line}`;
  const rungs = (c: number, r: number) =>
    view?.columns[c]?.rungs.filter((rung) => rung.slot === view.slots[r]?.slot) ?? [];

  async function move(across: number, down: number): Promise<void> {
    if (!view) return;
    column = Math.min(Math.max(column + across, 0), view.columns.length - 1);
    row = Math.min(Math.max(row + down, 0), view.slots.length - 1);
    await tick();
    document.getElementById(`cell-${column}-${row}`)?.focus();
  }

  const ladderEdits = $derived(
    new LadderEdits(
      params.edition ?? '',
      () => ladder.data,
      () => ladder.refetch(),
    ),
  );
  const edits = $derived(ladderEdits.edits);

  function carry(by: number): void {
    const from = current();
    const to = view?.columns[column + by]?.card.build;
    if (from && to) void ladderEdits.carry(from, to);
  }

  const current = () => rungs(column, row)[0];
  $effect(() =>
    keys.add([
      { key: 'ArrowRight', label: 'Build to the right', run: () => void move(1, 0) },
      { key: 'ArrowLeft', label: 'Build to the left', run: () => void move(-1, 0) },
      { key: 'ArrowDown', label: 'Slot below', run: () => void move(0, 1) },
      { key: 'ArrowUp', label: 'Slot above', run: () => void move(0, -1) },
      ...(isOpen
        ? [
            {
              key: '>',
              label: 'Carry this choice to the build on the right',
              run: () => carry(1),
            },
            {
              key: '<',
              label: 'Carry this choice to the build on the left',
              run: () => carry(-1),
            },
            { key: 'u', label: 'Undo', run: () => void ladderEdits.undo() },
            { key: 'U', label: 'Redo', run: () => void ladderEdits.redo() },
          ]
        : []),
      {
        key: 'm',
        label: 'Mark this build for side by side',
        run: () => view?.columns[column] && mark(view.columns[column]!.card.build),
      },
      { key: 'v', label: 'The marked builds side by side, or all again', run: sideBySide },
      {
        key: 'o',
        label: 'Open this slot at the bench',
        run: () => {
          const build = view?.columns[column]?.card.build;
          if (build) void navigate(bench(build, current()?.line) as '/');
        },
      },
    ]),
  );
</script>

<svelte:head><title>Ladder · Lowfield</title></svelte:head>

<main class="px-6 py-4">
  <div class="flex items-baseline gap-4">
    <h1 class="text-[17px]">{only.length ? 'Builds side by side' : 'Ladder'}</h1>
    {#if view}<p class="small text-soft">
        <a class="no-underline hover:underline" href="/guides/{params.guide}">{view.guide.name}</a>, edition {view
          .edition.number}. A line runs through where a choice is the same as on its left.{isOpen
          ? ' Drag a choice across, or carry it with < and >.'
          : ''}
      </p>
      <p class="small ml-auto flex items-center gap-2">
        {#if only.length}<button class="btn-quiet small" onclick={sideBySide}
            ><span class="key">v</span> all builds</button
          >{:else if marked.length > 1}<button class="btn-quiet small" onclick={sideBySide}
            ><span class="key">v</span> {marked.length} side by side</button
          >{:else}<span class="text-soft">Mark up to four to see them side by side.</span>{/if}
      </p>{/if}
  </div>
  <Told sentence={edits.isAway ? 'The server is away; asking again…' : edits.sentence} /><Told
    sentence={edits.told}
    tone="moss"
  />
  {#if ladder.isError}<Told sentence={(ladder.error as Error).message} />{/if}
  {#if view}
    <div class="mt-2 overflow-x-auto">
      <table class="w-full min-w-[900px] table-fixed border-collapse">
        <thead>
          <tr class="align-top">
            <th class="w-28"><span class="sr-only">Slot</span></th>
            {#each view.columns as c, i (c.card.build)}<th class="px-2 pb-2 text-left font-normal">
                <a class="font-semibold no-underline hover:underline" href={bench(c.card.build)}>{c.card.tierName}</a>
                <span class="small block truncate text-soft">{c.card.buildName}</span>
                <span class="block text-[17px] font-semibold">{format.sum(c.card.gauge.total)}</span>
                <span class="small block {tone(c.card.gauge.standing)}">{standing(c.card.gauge.standing, format)}</span>
                <Gauge
                  gauge={c.card.gauge}
                  {format}
                  ends={false}
                  label="{c.card.tierName}, {c.card.buildName}: {standing(c.card.gauge.standing, format)}"
                />
                <span class="small block text-soft"
                  >{i === 0
                    ? ''
                    : `${c.stepMinor == null ? 'step not known' : `${format.signed(c.stepMinor, 'no')} step`}, ${c.changed} differ`}</span
                >
                {#if !only.length}<label class="small flex items-center gap-1.5 text-soft"
                    ><input
                      type="checkbox"
                      checked={marked.includes(c.card.build)}
                      onchange={() => mark(c.card.build)}
                      aria-label="Mark {c.card.tierName}, {c.card.buildName} for side by side"
                    />mark</label
                  >{/if}
              </th>{/each}
          </tr>
        </thead>
        <tbody>
          {#each view.slots as slot, r (slot.slot)}
            <tr class="border-t border-hairline">
              <th scope="row" class="label py-1 pr-2 text-left align-top font-normal">{slot.label}</th>
              {#each view.columns as c, i (c.card.build)}
                <Rung
                  rungs={rungs(i, r)}
                  id="cell-{i}-{r}"
                  isCurrent={i === column && r === row}
                  canDrag={isOpen}
                  {format}
                  onfocus={() => ((column = i), (row = r))}
                  onopen={() => void navigate(bench(c.card.build, rungs(i, r)[0]?.line) as '/')}
                  ondrop={(line) => {
                    const from = view.columns.flatMap((x) => x.rungs).find((x) => x.line === line);
                    if (from && from.slot === slot.slot) void ladderEdits.carry(from, view.columns[i]!.card.build);
                  }}
                />
              {/each}
            </tr>
          {/each}
        </tbody>
        {#if only.length}<Summaries columns={view.columns} {format} />{/if}
      </table>
    </div>
    {#if !only.length}<Steps steps={view.steps} warnings={view.warnings} />{/if}
  {/if}
</main>
