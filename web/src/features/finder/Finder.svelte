<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, taken, type Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Dialog from '$ui/Dialog.svelte';
  import Mark from '$ui/Mark.svelte';
  import Against from './Against.svelte';
  import CandidateRow from './CandidateRow.svelte';
  import KeptSentences from './KeptSentences.svelte';
  import { nothing, read, write, type Sentence } from './sentence';
  import SideBySide from './SideBySide.svelte';
  import SentenceBar from './SentenceBar.svelte';

  /** Finds a part for a slot; every candidate is grouped by what it would do to this build. The sentence is in the address. */
  type Candidate = Schemas['Candidate'];
  let {
    open = $bindable(),
    edition,
    line,
    plural,
    card,
    currency,
    format,
    ontake,
    onoption,
    onset,
    oncompare,
    onprice,
  }: {
    open: boolean;
    edition: string;
    line: Schemas['LineView'];
    plural: string;
    card: Schemas['BuildCard'];
    currency: string;
    format: Format;
    /** Takes a part; needed are the other parts that go onto the list with it. */
    ontake: (part: string, needed: Schemas['Needed'][]) => void;
    onoption: (purpose: 'ALTERNATIVE' | 'UPGRADE', part: string) => void;
    onset: (part: string) => void;
    oncompare: (parts: string[]) => void;
    /** Types a price of a part; the finder stays open beneath. */
    onprice: (part: string) => void;
  } = $props();

  const groups: { group: Candidate['group']; label: string; verdict: Schemas['FindingView']['verdict'] }[] = [
    { group: 'STAYS', label: 'Stay in the band', verdict: 'FITS' },
    { group: 'FORCES', label: 'Leave the band, or force something else', verdict: 'CAUTION' },
    { group: 'CANNOT_BE_TOLD', label: 'Cannot be told', verdict: 'NOT_KNOWN' },
    { group: 'CLASHES', label: 'Do not go together', verdict: 'CLASH' },
  ];
  let sentence = $state<Sentence>(nothing());
  let at = $state(0);
  let full = $state<Candidate['group'] | undefined>();
  const written = $derived(write(sentence));

  // The address brings a sentence along when the finder opens, and follows it while it is open.
  let wasOpen = false;
  $effect(() => {
    if (open && !wasOpen) {
      const brought = String(searchParams.get('find') ?? '');
      sentence = brought.length > 1 ? read(brought) : nothing();
      at = 0;
      full = undefined;
      marked = [];
    }
    wasOpen = open;
  });
  // A sentence that waits in the address while the finder is still closed is whoever opens it's to take.
  let isInAddress = false;
  $effect(() => {
    if (open) searchParams.set('find', written || '.', { replace: true });
    else if (isInAddress) searchParams.delete('find', undefined, { replace: true });
    isInAddress = open;
  });
  $effect(() => {
    void written;
    at = 0;
  });

  const found = createQuery(() => ({
    queryKey: ['candidates', edition, line.id, line.version, written, full],
    queryFn: () =>
      taken(
        api.GET('/api/editions/{edition}/lines/{line}/candidates', {
          params: { path: { edition, line: line.id }, query: { sentence: written, full } },
        }),
      ),
    enabled: open,
    // What was found for other words may stand a moment longer, what was found for another slot never.
    placeholderData: (before: Schemas['Found'] | undefined, query) =>
      query?.queryKey[2] === line.id ? before : undefined,
  }));
  const all = $derived(found.data?.groups.flatMap((g) => g.rows) ?? []);
  const chosen = $derived(all[at]);

  // Enter before the answer is there takes the first of it when it comes, never something found for other words.
  let isTaking = $state<'no' | 'with what it needs' | 'alone'>('no');
  const isFresh = $derived(found.isSuccess && !found.isPlaceholderData);
  $effect(() => {
    if (!open) isTaking = 'no';
    else if (isTaking !== 'no' && isFresh) {
      const alone = isTaking === 'alone';
      isTaking = 'no';
      if (chosen) take(chosen, alone);
    }
  });

  function act(event: KeyboardEvent): void {
    const candidate = isFresh ? chosen : undefined;
    if (event.key === 'Enter' && !isFresh) isTaking = event.shiftKey ? 'alone' : 'with what it needs';
    if (event.key === 'ArrowDown') at = Math.min(at + 1, all.length - 1);
    else if (event.key === 'ArrowUp') at = Math.max(at - 1, 0);
    else if (event.key === 'Enter' && candidate) take(candidate, event.shiftKey);
    else if (event.altKey && event.code === 'KeyA' && candidate) option('ALTERNATIVE', candidate);
    else if (event.altKey && event.code === 'KeyG' && candidate) option('UPGRADE', candidate);
    else if (event.altKey && event.code === 'KeyS' && candidate) gather(candidate);
    else if (event.altKey && event.code === 'KeyC' && candidate) mark(candidate);
    else if (event.altKey && event.code === 'KeyP' && candidate) onprice(candidate.part);
    else if (event.altKey && event.code === 'KeyV' && marked.length > 1) comparing = true;
    else return;
    event.preventDefault();
    document.getElementById(`candidate-${at}`)?.scrollIntoView({ block: 'nearest' });
  }

  /** What the row shows is what is taken: the part with what it needs, unless it is to stand alone. */
  function take(candidate: Candidate, alone = false): void {
    open = false;
    ontake(candidate.part, alone ? [] : candidate.forced.map((f) => ({ slot: f.slot, part: f.part })));
  }

  function option(purpose: 'ALTERNATIVE' | 'UPGRADE', candidate: Candidate): void {
    open = false;
    onoption(purpose, candidate.part);
  }

  // Up to four, the oldest mark goes first.
  let marked = $state<Candidate[]>([]);
  let comparing = $state(false);
  function mark(candidate: Candidate): void {
    marked = marked.some((m) => m.part === candidate.part)
      ? marked.filter((m) => m.part !== candidate.part)
      : [...marked.slice(-3), candidate];
  }

  function gather(candidate: Candidate): void {
    open = false;
    onset(candidate.part);
  }
</script>

<Dialog bind:open title="For {card.tierName}, instead of {line.label}" wide quiet>
  <SentenceBar
    bind:sentence
    {plural}
    words={found.data?.words ?? []}
    {currency}
    active={chosen ? `candidate-${at}` : undefined}
    onkey={act}
  />
  <KeptSentences kind={line.kind} {written} onpick={(kept) => (sentence = read(kept))} />
  <div class="grid min-h-0 flex-1 grid-cols-[1fr_300px]">
    <div class="min-h-[300px] overflow-y-auto">
      <div id="candidates" role="listbox" aria-label="Candidates" aria-busy={!isFresh} tabindex="-1">
        {#each groups as { group, label, verdict } (group)}
          {@const view = found.data?.groups.find((g) => g.group === group)}
          {#if view?.count}
            <div role="group" aria-label={label}>
              <p
                aria-hidden="true"
                class="flex items-center gap-2 border-b border-hairline px-6 pt-3 pb-1 font-semibold"
              >
                <Mark {verdict} />{label}<span class="small font-normal text-soft">{view.count}</span>
              </p>
              {#each view.rows as candidate (candidate.part)}
                {@const i = all.indexOf(candidate)}
                <CandidateRow
                  {candidate}
                  index={i}
                  isCurrent={i === at}
                  isMarked={marked.some((m) => m.part === candidate.part)}
                  saysLosses={written.includes('by=SAME_FOR_LESS')}
                  {format}
                  onpick={() => (at = i)}
                  ontake={() => take(candidate)}
                  onkey={act}
                />
              {/each}
            </div>
          {/if}
        {/each}
      </div>
      {#each groups as { group, label } (group)}
        {@const view = found.data?.groups.find((g) => g.group === group)}
        {#if view && view.rows.length < view.count && full !== group}<p class="px-6 py-1">
            <button class="btn-quiet small" onclick={() => (full = group)}
              >Show all {view.count} that {label.charAt(0).toLowerCase()}{label.slice(1)}</button
            >
          </p>{/if}
      {/each}
      {#if found.isSuccess && !all.length}<p class="px-6 py-4 text-soft">
          Nothing of this kind matches this search. Remove a filter, or add the part in the <a
            class="underline"
            href="/catalogue">catalogue</a
          >.
        </p>{/if}
      {#if found.data?.leftOutNotKnown}<p class="small px-6 py-2 text-slate">
          {found.data.leftOutNotKnown} more might answer it, but a figure that is asked for is not known of them.
        </p>{/if}
      {#if found.isError}<p role="alert" class="px-6 py-4 text-clay">{(found.error as Error).message}</p>{/if}
    </div>
    <!-- A pane that scrolls can be reached by keys. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div class="overflow-y-auto border-l border-hairline p-5" role="group" aria-label="Against the choice" tabindex="0">
      {#if chosen}<Against candidate={chosen} {card} {format} {edition} {line} />{/if}
    </div>
  </div>
  <div class="small flex gap-3 border-t border-hairline px-6 py-2 text-soft">
    <button class="btn-quiet small" disabled={!chosen} onclick={() => take(chosen!)}
      ><span class="key">↵</span> take it{chosen?.forced.length ? ' with what it needs' : ''}</button
    >
    {#if chosen?.forced.length}<button class="btn-quiet small" onclick={() => take(chosen, true)}
        ><span class="key">⇧ ↵</span> alone</button
      >{/if}
    <button class="btn-quiet small" disabled={!chosen} onclick={() => option('ALTERNATIVE', chosen!)}
      ><span class="key">Alt A</span> alternative</button
    >
    <button class="btn-quiet small" disabled={!chosen} onclick={() => option('UPGRADE', chosen!)}
      ><span class="key">Alt G</span> upgrade</button
    >
    <button class="btn-quiet small" disabled={!chosen} onclick={() => gather(chosen!)}
      ><span class="key">Alt S</span> into “any of these”</button
    >
    <button class="btn-quiet small" disabled={!chosen} onclick={() => mark(chosen!)}
      ><span class="key">Alt C</span> mark</button
    >
    <button class="btn-quiet small" disabled={!chosen} onclick={() => onprice(chosen!.part)}
      ><span class="key">Alt P</span> type a price</button
    >
    {#if marked.length > 1}<button class="btn-quiet small" onclick={() => (comparing = true)}
        ><span class="key">Alt V</span> {marked.length} side by side</button
      >{/if}
    <span class="ml-auto">{found.data?.all ?? 0} found</span><span><span class="key">Esc</span> back</span>
  </div>
</Dialog>
<SideBySide
  bind:open={comparing}
  candidates={marked}
  {format}
  onput={(parts) => {
    comparing = false;
    open = false;
    oncompare(parts);
  }}
  ontake={(candidate) => {
    comparing = false;
    take(candidate);
  }}
/>
