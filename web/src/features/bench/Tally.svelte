<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { Format } from '$lib/format';
  import { band, standing, tone } from '$features/desk/standing';
  import Gauge from '$ui/Gauge.svelte';
  import Mark from '$ui/Mark.svelte';
  import { type Row, rows, shelves } from './findings';
  import FindingRow from './FindingRow.svelte';
  import Fitting from './Fitting.svelte';
  import Loads from './Loads.svelte';

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
  }: {
    card: Schemas['BuildCard'];
    tally: Schemas['Tally'];
    lastMonth: string;
    format: Format;
    href: (line: string) => string;
    onfill?: (gap: Schemas['GapView']) => void;
    onanswer?: (fingerprint: string, words: string) => void;
    energy?: Schemas['EnergyForm'];
    fitting: () => Promise<Schemas['FindingView'][]>;
    year: (gaming: number, idle: number) => Promise<Schemas['Year'] | undefined>;
  } = $props();
  const scale = $derived(Math.max(tally.supplyRating ?? 0, tally.neededRating ?? 0, 1));
  const shelf = $derived(shelves(tally.findings));
  const counted = (many: number, one: string, more: string) => `${many} ${many === 1 ? one : more}`;
</script>

{#snippet told({ finding, rules }: Row)}
  <FindingRow
    {finding}
    {rules}
    {href}
    {onfill}
    onanswer={onanswer ? (words) => onanswer(finding.fingerprint, words) : undefined}
  />
{/snippet}

<div class="space-y-4 p-4" aria-live="polite">
  <section aria-label="Total">
    <div class="flex justify-between gap-2"><h2>{card.tierName}, {band(card.form.band, format)}</h2></div>
    <p class="flex items-baseline justify-between">
      <span
        class="{card.gauge.total.span ? 'text-[19px]' : 'text-[32px] leading-10'} font-bold tracking-tight"
        data-testid="total">{format.sum(card.gauge.total)}</span
      ><span class={tone(card.gauge.standing)}>{standing(card.gauge.standing, format)}</span>
    </p>
    <Gauge
      gauge={card.gauge}
      {format}
      label="{format.sum(card.gauge.total)}, {standing(card.gauge.standing, format)}"
    />
    {#if card.gauge.standing.said}<p class="small text-slate">{card.gauge.standing.said}</p>{/if}
    {#each card.gauge.total.blame as why (why)}<p class="small text-slate">{why}</p>{/each}
    <dl class="mt-2 space-y-1 text-soft">
      {#if card.gauge.lastMinor != null}<div class="flex justify-between">
          <dt>{lastMonth}</dt>
          <dd class="text-ink">{format.money(card.gauge.lastMinor)}</dd>
        </div>{/if}
      {#if tally.charges.length}<div class="flex justify-between">
          <dt>Goods</dt>
          <dd class="text-ink">{format.sum(tally.goods)}</dd>
        </div>{/if}
      {#each tally.charges as charge (charge.seller)}<div class="flex justify-between">
          <dt>Shipping, {charge.seller}</dt>
          <dd class="text-ink">{charge.amount.minor === 0 ? 'free' : format.money(charge.amount.minor)}</dd>
        </div>{/each}
      {#if card.gauge.bookable.minor !== card.gauge.total.minor}<div class="flex justify-between gap-3">
          <dt>To be had today by anyone</dt>
          <dd class="text-ink" title={card.gauge.bookable.blame.join('; ')}>
            {format.money(card.gauge.bookable.minor)}
          </dd>
        </div>{/if}
      {#each tally.tills as till (till.region)}<div class="flex justify-between gap-3" title={till.rate ?? undefined}>
          <dt>{till.region}, at the till{till.holdsItsName ? '' : ', over its name'}</dt>
          <dd class="shrink-0 whitespace-nowrap {till.holdsItsName ? 'text-ink' : 'text-clay'}">
            {till.convertedMinor == null
              ? `${format.money(till.minor)} ${format.currency}`
              : `${new Format(till.currency, format.language).money(till.convertedMinor)} ${till.currency}`}
          </dd>
        </div>{/each}
      {#each tally.bundles as bundle (bundle.seller + bundle.parts.join())}<div class="flex justify-between gap-3">
          <dt>
            Together at <a href={bundle.link} rel="noreferrer noopener" target="_blank">{bundle.seller}</a>, seen
            {format.date(bundle.seenAt)}: {bundle.parts.join(' and ')}
          </dt>
          <dd class="shrink-0 text-ink" title="{format.money(bundle.priceMinor)} for both; no total has it in it">
            {format.money(bundle.savesMinor)} less
          </dd>
        </div>{/each}
      {#if tally.uncounted.minor !== 0}<div class="flex justify-between">
          <dt>Not counted, beside it</dt>
          <dd class="text-ink">{format.money(tally.uncounted.minor)}</dd>
        </div>{/if}
    </dl>
  </section>
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
  <section aria-label="Draw" class="border-t border-hairline pt-3">
    <p class="mb-2 flex justify-between">
      <span class="font-semibold">Draw</span><span class="small text-soft"
        >{tally.supplyRating ? `of ${tally.supplyRating} W` : ''}</span
      >
    </p>
    {#if tally.peakWatts != null}
      <svg
        viewBox="0 0 270 12"
        class="block w-full"
        role="img"
        aria-label="{tally.peakWatts} W sustained peak, {tally.supplyRating ?? 'no'} W PSU"
      >
        <rect width="270" height="8" y="2" class="fill-hairline" /><rect
          width={(tally.peakWatts / scale) * 270}
          height="8"
          y="2"
          class="fill-field"
        />{#if tally.headroomWatts != null}<line
            x1={(tally.headroomWatts / scale) * 270}
            x2={(tally.headroomWatts / scale) * 270}
            y1="0"
            y2="12"
            class="stroke-ink"
          />{/if}
      </svg>
      <details class="mt-1">
        <summary class="cursor-pointer"
          >Sustained peak: {tally.peakWatts} W. Choose a PSU of {tally.neededRating} W or more.</summary
        >
        <ul class="mt-1 text-soft">
          {#each tally.shares as share, i (i)}<li class="flex justify-between">
              <span>{share.what}</span><span>{share.watts} W</span>
            </li>{/each}
        </ul>
      </details>
      <Loads draw={tally.draw} peakWatts={tally.peakWatts} {energy} {format} {year} />
    {:else}<p class="flex gap-2">
        <span class="pt-0.5"><Mark verdict="NOT_KNOWN" /></span>Not known: {tally.missing.join(', ')}
      </p>{/if}
  </section>
</div>
