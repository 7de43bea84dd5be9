<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import { standing } from '$features/desk/standing';
  import Mark from '$ui/Mark.svelte';
  import { type Row, rows, shelves } from './findings';
  import FindingRow from './FindingRow.svelte';
  import Fitting from './Fitting.svelte';
  import TallyDraw from './TallyDraw.svelte';
  import TallyTotal from './TallyTotal.svelte';

  /** What the build comes to: total and band, the checks, what it draws. */
  let {
    card,
    tally,
    lastMonth,
    format,
    href,
    onfill,
    onanswer,
    energy,
    fitting,
    year,
    onextras,
    onbundle,
  }: {
    card: Schemas['BuildCard'];
    tally: Schemas['Tally'];
    lastMonth: string;
    format: Format;
    href: (line: string) => string;
    onfill?: (gap: Schemas['GapView']) => void;
    onanswer?: (fingerprint: string, words: string, everywhere?: boolean) => void;
    energy?: Schemas['EnergyForm'];
    fitting: () => Promise<Schemas['FindingView'][]>;
    year: (gaming: number, idle: number) => Promise<Schemas['Year'] | undefined>;
    /** Opens what stands beside the lines. */
    onextras?: () => void;
    onbundle?: (bundle: Schemas['BundleView']) => void;
  } = $props();
  const shelf = $derived(shelves(tally.findings));
  const counted = (many: number, one: string, more: string) => `${many} ${many === 1 ? one : more}`;
</script>

{#snippet told({ finding, rules }: Row)}
  <FindingRow
    {finding}
    {rules}
    {href}
    {onfill}
    onanswer={onanswer ? (words, everywhere) => onanswer(finding.fingerprint, words, everywhere) : undefined}
  />
{/snippet}

<p class="sr-only" role="status">
  {format.sum(card.gauge.total)}, {standing(card.gauge.standing, format)}; {counted(
    shelf.open.length,
    'open check',
    'open checks',
  )}
</p>
<div class="space-y-4 p-4">
  <TallyTotal {card} {tally} {lastMonth} {format} {onextras} {onbundle} />
  <section aria-label="Checks" class="border-t border-hairline pt-3">
    <p class="mb-1 flex justify-between">
      <span class="font-semibold">Checks</span><span class="small text-soft"
        >{tally.checks - tally.undecided} of {tally.checks} decided</span
      >
    </p>
    <ul class="space-y-1">
      {#each rows(shelf.open) as row, i (row.finding.fingerprint + i)}{@render told(row)}{/each}
      {#if shelf.notes.length}<li>
          <details>
            <summary class="cursor-pointer text-soft"
              ><Mark verdict="NOTE" /> {counted(shelf.notes.length, 'note', 'notes')}</summary
            >
            <ul class="mt-1 space-y-1 pl-5">
              {#each rows(shelf.notes) as row, i (i)}{@render told(row)}{/each}
            </ul>
          </details>
        </li>{/if}
      {#if shelf.advisory.length}<li>
          <details>
            <summary class="cursor-pointer text-soft"
              ><Mark verdict="NOT_KNOWN" />
              {counted(shelf.advisory.length, 'check that advises is', 'checks that advise are')} not decided</summary
            >
            <ul class="mt-1 space-y-1 pl-5">
              {#each rows(shelf.advisory) as row, i (i)}{@render told(row)}{/each}
            </ul>
          </details>
        </li>{/if}
      <li>
        <Fitting {tally} {fitting} />
      </li>
    </ul>
  </section>
  <TallyDraw {tally} {energy} {format} {year} />
</div>
