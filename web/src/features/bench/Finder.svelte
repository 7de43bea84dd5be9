<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import { standing, tone } from '$features/desk/standing';
  import Dialog from '$ui/Dialog.svelte';
  import Gauge from '$ui/Gauge.svelte';
  import Mark from '$ui/Mark.svelte';

  /** Finds a part for a slot; every candidate is grouped by what it would do to this build. */
  type Candidate = Schemas['Candidate'];
  let {
    open = $bindable(),
    edition,
    line,
    card,
    format,
    ontake,
    onoption,
  }: {
    open: boolean;
    edition: string;
    line: Schemas['LineView'];
    card: Schemas['BuildCard'];
    format: Format;
    ontake: (part: string) => void;
    onoption: (purpose: 'ALTERNATIVE' | 'UPGRADE', part: string) => void;
  } = $props();

  const groups: { group: Candidate['group']; label: string; verdict: Schemas['FindingView']['verdict'] }[] = [
    { group: 'STAYS', label: 'Stay in the band', verdict: 'FITS' },
    { group: 'FORCES', label: 'Take the tier out of its band, or want a word', verdict: 'CAUTION' },
    { group: 'CANNOT_BE_TOLD', label: 'Cannot be told', verdict: 'NOT_KNOWN' },
    { group: 'CLASHES', label: 'Do not go together', verdict: 'CLASH' },
  ];
  let text = $state('');
  let at = $state(0);
  const found = createQuery(() => ({
    queryKey: ['candidates', edition, line.id, line.version, text],
    queryFn: () =>
      taken(
        api.GET('/api/editions/{edition}/lines/{line}/candidates', {
          params: { path: { edition, line: line.id }, query: { q: text } },
        }),
      ),
    enabled: open,
    // What was found for other words may stand a moment longer, what was found for another slot never.
    placeholderData: (before: Schemas['Found'] | undefined, query) =>
      query?.queryKey[2] === line.id ? before : undefined,
  }));
  const all = $derived(found.data?.candidates ?? []);
  const chosen = $derived(all[at]);

  // Enter before the answer is there takes the first of it when it comes, never something found for other words.
  let isTaking = $state(false);
  const isFresh = $derived(found.isSuccess && !found.isPlaceholderData);
  $effect(() => {
    if (!open) isTaking = false;
    else if (isTaking && isFresh) {
      isTaking = false;
      if (chosen) take(chosen);
    }
  });

  function act(event: KeyboardEvent): void {
    const candidate = isFresh ? chosen : undefined;
    if (event.key === 'Enter' && !isFresh) isTaking = true;
    if (event.key === 'ArrowDown') at = Math.min(at + 1, all.length - 1);
    else if (event.key === 'ArrowUp') at = Math.max(at - 1, 0);
    else if (event.key === 'Enter' && candidate) take(candidate);
    else if (event.altKey && event.code === 'KeyA' && candidate) option('ALTERNATIVE', candidate);
    else if (event.altKey && event.code === 'KeyG' && candidate) option('UPGRADE', candidate);
    else return;
    event.preventDefault();
    document.getElementById(`candidate-${at}`)?.scrollIntoView({ block: 'nearest' });
  }

  function take(candidate: Candidate): void {
    open = false;
    ontake(candidate.part);
  }

  function option(purpose: 'ALTERNATIVE' | 'UPGRADE', candidate: Candidate): void {
    open = false;
    onoption(purpose, candidate.part);
  }

  const why = (c: Candidate) => c.trouble[0]?.evidence ?? (c.price.minor == null ? (c.price.blame[0] ?? '') : '');
</script>

<Dialog bind:open title="For {card.tierName}, instead of {line.label}" wide quiet>
  <div class="border-b border-ink px-6 pb-3">
    <label class="font-serif text-[22px] leading-8"
      >{line.slotLabel} called
      <input
        class="w-80 border-b-2 border-moss/50 bg-transparent px-1 focus:border-moss focus:outline-none"
        aria-label="Name or figures"
        role="combobox"
        aria-expanded="true"
        aria-controls="candidates"
        aria-activedescendant="candidate-{at}"
        autocomplete="off"
        bind:value={text}
        oninput={() => (at = 0)}
        onkeydown={act}
      />
    </label>
  </div>
  <div class="grid min-h-0 flex-1 grid-cols-[1fr_300px]">
    <div id="candidates" role="listbox" aria-label="Candidates" tabindex="-1" class="min-h-[300px] overflow-y-auto">
      {#each groups as { group, label, verdict } (group)}
        {@const members = all.filter((c) => c.group === group)}
        {#if members.length}
          <div role="group" aria-label={label}>
            <p aria-hidden="true" class="flex items-center gap-2 border-b border-hairline px-6 pt-3 pb-1 font-semibold">
              <Mark {verdict} />{label}
            </p>
            {#each members as candidate (candidate.part)}
              {@const i = all.indexOf(candidate)}
              <div
                id="candidate-{i}"
                role="option"
                tabindex="-1"
                aria-selected={i === at}
                class="grid cursor-pointer grid-cols-[1fr_90px_90px] items-center gap-3 border-b border-l-3 border-b-hairline px-6 py-1.5 {i ===
                at
                  ? 'border-l-moss bg-tint'
                  : 'border-l-transparent'}"
                onclick={() => (at = i)}
                ondblclick={() => take(candidate)}
                onkeydown={act}
              >
                <span class="min-w-0"
                  ><span class="font-medium">{candidate.name}</span>
                  <span class="small text-soft">{candidate.chosen ? 'the choice · ' : ''}{candidate.summary}</span
                  >{#if why(candidate)}<span class="small block text-soft">{why(candidate)}</span>{/if}</span
                >
                <span class="text-right font-semibold">{format.money(candidate.price.minor)}</span>
                <span class="text-right {tone(candidate.standing)}">{format.money(candidate.total.minor)}</span>
              </div>
            {/each}
          </div>
        {/if}
      {/each}
      {#if found.isSuccess && !all.length}<p class="px-6 py-4 text-soft">
          Nothing of this kind has these words. Take some away, or add the part in the <a
            class="underline"
            href="/catalogue">catalogue</a
          >.
        </p>{/if}
      {#if found.isError}<p role="alert" class="px-6 py-4 text-clay">{(found.error as Error).message}</p>{/if}
    </div>
    <div class="overflow-y-auto border-l border-hairline p-5" aria-live="polite">
      {#if chosen}
        <p class="label">Against the choice</p>
        <p class="text-[17px] leading-6 font-semibold">{chosen.name}</p>
        <p class="mt-1 font-serif text-[17px] leading-6">
          {chosen.chosen
            ? 'This is the choice.'
            : chosen.differenceMinor == null
              ? 'What it would cost here is not known.'
              : chosen.differenceMinor === 0
                ? 'The same total.'
                : `${format.money(Math.abs(chosen.differenceMinor))} ${chosen.differenceMinor > 0 ? 'more' : 'less'} in all.`}{chosen.offer
            ? ` At ${chosen.offer.seller}, ${chosen.offer.stock}.`
            : ''}
        </p>
        {#each chosen.trouble as trouble (trouble.check + trouble.evidence)}<p class="mt-1 flex gap-2">
            <span class="pt-0.5"><Mark verdict={trouble.verdict} /></span>{trouble.evidence}
          </p>{/each}
        {#each chosen.price.blame as blame (blame)}<p class="small mt-1 text-slate">{blame}</p>{/each}
        <p class="label mt-4">{card.tierName} then</p>
        <Gauge
          gauge={{ ...card.gauge, total: chosen.total, standing: chosen.standing, lastMinor: card.gauge.total.minor }}
          {format}
          label="{card.tierName} then: {format.money(chosen.total.minor)}"
        />
        <p class={tone(chosen.standing)}>{format.money(chosen.total.minor)}, {standing(chosen.standing, format)}</p>
      {/if}
    </div>
  </div>
  <div class="small flex gap-3 border-t border-hairline px-6 py-2 text-soft">
    <button class="btn-quiet small" disabled={!chosen} onclick={() => take(chosen!)}
      ><span class="key">↵</span> take it</button
    >
    <button class="btn-quiet small" disabled={!chosen} onclick={() => option('ALTERNATIVE', chosen!)}
      ><span class="key">Alt A</span> alternative</button
    >
    <button class="btn-quiet small" disabled={!chosen} onclick={() => option('UPGRADE', chosen!)}
      ><span class="key">Alt G</span> upgrade</button
    >
    <span class="ml-auto"><span class="key">Esc</span> back</span>
  </div>
</Dialog>
