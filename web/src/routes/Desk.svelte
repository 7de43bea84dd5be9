<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, taken } from '$lib/api/client';
  import { Format, monthAfter } from '$lib/format';
  import { keys } from '$lib/keys.svelte';
  import { listen } from '$lib/live';
  import EditionStrip from '$features/desk/EditionStrip.svelte';
  import TierRow from '$features/desk/TierRow.svelte';
  import TierEditor from '$features/guide/TierEditor.svelte';
  import MissingFigures from '$features/desk/MissingFigures.svelte';
  import Words from '$features/words/Words.svelte';
  import ReasonCounts from '$features/desk/ReasonCounts.svelte';
  import Out from '$features/desk/Out.svelte';
  import Updates from '$features/desk/Updates.svelte';
  import Wanted from '$features/desk/Wanted.svelte';
  import FirstEdition from '$features/guide/FirstEdition.svelte';
  import { useDesk } from '$features/guide/queries';
  import Told from '$ui/Told.svelte';
  import { navigate, route } from './router';

  const slug = $derived((route.params as Record<string, string>).guide!);
  const desk = useDesk(() => slug);
  const queries = useQueryClient();
  let sentence = $state('');
  let editing = $state<string | null>(null);
  let filling = $state(false);
  let writing = $state(false);
  let about = $state('');
  /** The month of the next edition: the one after the last, unless another is chosen. */
  let typedMonth = $state('');
  const month = $derived(typedMonth || monthAfter(desk.data?.editions.at(-1)?.period));

  const format = $derived(
    new Format(desk.data?.guide.currency ?? 'EUR', desk.data?.guide.locale ?? 'en', desk.data?.guide.zone),
  );
  const edition = $derived(desk.data?.edition);
  const inWork = $derived(edition?.state === 'IN_WORK');

  // A row of the queue, or of the checks before publishing, leads to a text by its address.
  $effect(() => {
    const text = searchParams.get('text');
    if (!text || !inWork) return;
    about = String(text);
    writing = true;
    searchParams.delete('text', undefined, { replace: true });
  });

  async function next(): Promise<void> {
    try {
      const period = `${month}-01`;
      await taken(api.POST('/api/guides/{slug}/editions', { params: { path: { slug } }, body: { period } }));
      typedMonth = '';
      sentence = '';
      await queries.invalidateQueries({ queryKey: ['desk', slug] });
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }

  $effect(() => {
    const id = edition?.id;
    const again = () => void queries.invalidateQueries({ queryKey: ['desk', slug] });
    return id && inWork ? listen(id, again, again) : undefined;
  });

  async function note(text: string): Promise<void> {
    try {
      await taken(
        api.PUT('/api/editions/{edition}/note', {
          params: { path: { edition: edition!.id }, header: { 'If-Match': `"${edition!.version}"` } },
          body: { note: text },
        }),
      );
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries({ queryKey: ['desk', slug] });
  }

  /** Goes to the bench with a tier that was just made, where its first difference is chosen. */
  function open(tier: string): void {
    const build = desk.data?.cards.find((c) => c.tier === tier)?.build;
    if (build) void navigate(`/guides/${slug}/editions/${edition!.id}/builds/${build}/lines/first` as '/');
  }

  async function firstReason(): Promise<void> {
    const path = { edition: edition!.id };
    const { data: wanted = [] } = await api.GET('/api/editions/{edition}/reasons', { params: { path } });
    const first = wanted.find((w) => w.build);
    if (first)
      void navigate(`/guides/${slug}/editions/${edition!.id}/builds/${first.build}/lines/${first.line}` as '/');
    else sentence = 'Every reason stands.';
  }

  $effect(() =>
    keys.add([
      {
        key: 'b',
        label: 'Open the first build at the bench',
        run: () =>
          desk.data?.cards[0] &&
          void navigate(
            `/guides/${slug}/editions/${edition!.id}/builds/${desk.data.cards[0].build}/lines/first` as '/',
          ),
      },
      {
        key: 'l',
        label: 'The ladder: all builds side by side',
        run: () => edition && void navigate(`/guides/${slug}/editions/${edition.id}/ladder` as '/'),
      },
      ...(inWork
        ? [
            { key: 't', label: 'Add a tier', run: () => (editing = 'new') },
            { key: 'w', label: 'Introductions and verdicts', run: () => (writing = true) },
            { key: 'r', label: 'Go through the reasons to look at', run: () => void firstReason() },
            { key: 'f', label: 'Missing figures, the most decisive first', run: () => (filling = true) },
          ]
        : []),
      { key: ',', label: 'Settings of the guide', run: () => void navigate(`/guides/${slug}/settings` as '/') },
    ]),
  );
</script>

<svelte:head><title>{desk.data?.guide.name ?? 'Desk'} · Lowfield</title></svelte:head>

<main class="mx-auto max-w-[1280px] px-4 py-4 sm:px-6">
  <Updates />
  {#if desk.isError}<Told sentence={(desk.error as Error).message} />{/if}
  {#if desk.data}
    {@const view = desk.data}
    <div class="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
      <div class="flex min-w-0 flex-wrap items-center gap-x-6 gap-y-2">
        <div>
          <h1 class="text-[17px] leading-6">{view.guide.name}</h1>
          <p class="small text-soft">{view.guide.schedule}</p>
        </div>
        <EditionStrip editions={view.editions} current={edition?.id} {format} />
      </div>
      <div class="text-right">
        {#if edition}
          <p class="font-semibold">
            {inWork
              ? `Edition ${edition.number} is in work`
              : `Edition ${edition.number} is published`}{#if edition.pressOn && inWork}<span
                class="font-normal text-soft">, to press on {format.day(edition.pressOn)}</span
              >{/if}
          </p>
          {#if !inWork}<p class="mt-1 flex items-center justify-end gap-2">
              <label class="small text-soft"
                >of <input
                  class="field w-36 py-1"
                  type="month"
                  value={month}
                  oninput={(e) => (typedMonth = e.currentTarget.value)}
                /></label
              ><button class="btn btn-main" onclick={next}>Open the next edition</button>
            </p>{/if}
        {/if}
        {#if edition}<a class="small mr-3 text-soft" href="/guides/{slug}/editions/{edition.id}/ladder">Ladder</a
          >{/if}<a class="small text-soft" href="/guides/{slug}/settings">Settings</a>
      </div>
    </div>
    <Told {sentence} />

    {#if !edition}
      <div class="mt-6">
        <FirstEdition {slug} currency={view.guide.currency} asksTax={view.guide.salesTaxPermille > 0} />
      </div>
    {:else}
      <div class="mt-4 grid gap-x-8 lg:grid-cols-[minmax(0,1fr)_380px]">
        <div>
          <div
            class="grid grid-cols-[160px_minmax(0,1fr)_110px_88px_32px] items-end gap-x-4 border-b border-ink pb-1 max-sm:hidden"
          >
            <span class="label">Tier</span><span class="label"
              >Band, <span class="text-moss">this total</span>, ┊ last edition</span
            ><span class="label text-right">Total</span><span class="label text-right"
              >{view.lastPeriod ? `Since ${format.month(view.lastPeriod)}` : 'No edition before'}</span
            ><span></span>
          </div>
          {#each view.cards as card, i (card.build)}
            <TierRow
              {card}
              {format}
              isLead={view.cards[i - 1]?.tier !== card.tier}
              href="/guides/{slug}/editions/{edition.id}/builds/{card.build}/lines/first"
              onedit={inWork && view.cards[i - 1]?.tier !== card.tier ? () => (editing = card.tier) : undefined}
            />
          {/each}
          {#if inWork}<button class="btn-quiet mt-2" onclick={() => (editing = 'new')}>Add a tier</button>{/if}
        </div>
        <div class="min-w-0">
          {#if inWork}<Wanted wanted={view.wanted} {slug} edition={edition.id} />
            <ReasonCounts counts={view.reasons} onfirst={() => void firstReason()} />
            <button class="btn-quiet small mt-1" onclick={() => (writing = true)}
              ><span class="key">w</span> Introductions and verdicts</button
            >
            <button class="btn-quiet small mt-1" onclick={() => (filling = true)}
              >Missing figures, the most decisive first</button
            >
            {#if desk.data.out.length}<Out
                rows={desk.data.out}
                number={desk.data.editions.find((e) => e.state === 'PUBLISHED')?.number}
              />{/if}{/if}
          {#if inWork}<label class="mt-6 block"
              ><span class="label">Note for yourself on this edition, never published</span><input
                class="w-full border-b border-hairline bg-transparent py-1 focus:border-moss"
                placeholder="look at this next time"
                maxlength="2000"
                value={edition.note}
                onchange={(event) => void note(event.currentTarget.value)}
              /></label
            >{/if}
        </div>
      </div>
      {#if inWork}<Words bind:open={writing} bind:about edition={edition.id} />{/if}
      <MissingFigures
        bind:open={filling}
        edition={edition.id}
        onfilled={() => void queries.invalidateQueries({ queryKey: ['desk', slug] })}
      />
      <TierEditor
        {slug}
        edition={edition.id}
        asksTax={view.guide.salesTaxPermille > 0}
        currency={view.guide.currency}
        bind:editing
        cards={view.cards}
        onmade={(tier) => open(tier)}
        editions={view.editions}
      />
    {/if}
  {/if}
</main>
