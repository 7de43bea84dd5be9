<script lang="ts">
  import Tip from '$ui/Tip.svelte';
  import type { Schemas } from '$lib/api/client';
  import { Format } from '$lib/format';
  import { band, standing, tone } from '$features/desk/standing';
  import Gauge from '$ui/Gauge.svelte';

  /** What the build comes to, against its band, and what it is made of. */
  let {
    card,
    tally,
    lastMonth,
    format,
    onextras,
    onbundle,
  }: {
    card: Schemas['BuildCard'];
    tally: Schemas['Tally'];
    lastMonth: string;
    format: Format;
    onextras?: () => void;
    onbundle?: (bundle: Schemas['BundleView']) => void;
  } = $props();
</script>

<section aria-label="Total">
  <div class="flex justify-between gap-2"><h2>{card.tierName}, {band(card.form.band, format)}</h2></div>
  <p class="flex items-baseline justify-between">
    <span
      class="{card.gauge.total.span ? 'text-[19px]' : 'text-[32px] leading-10'} font-bold tracking-tight"
      data-testid="total">{format.sum(card.gauge.total)}</span
    ><span class={tone(card.gauge.standing)}>{standing(card.gauge.standing, format)}</span>
  </p>
  <Gauge gauge={card.gauge} {format} label="{format.sum(card.gauge.total)}, {standing(card.gauge.standing, format)}" />
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
    {#each tally.packages as pack (pack.id)}<div class="flex justify-between gap-3">
        <dt>{pack.name}, {pack.lines.length} parts{pack.seller ? ` at ${pack.seller}` : ''}</dt>
        <dd class="shrink-0 {pack.ended ? 'text-straw' : 'text-ink'}">
          <Tip words={pack.ended || 'in the goods'}>{pack.ended ? 'does not count' : format.money(pack.priceMinor)}</Tip
          >
        </dd>
      </div>{/each}
    {#each tally.extras.adjustments as each (each.id)}<div class="flex justify-between gap-3">
        <dt>{each.name}</dt>
        <dd class="shrink-0 text-ink">{format.signed(each.minor)}</dd>
      </div>{/each}
    {#if tally.tax}<div class="flex justify-between gap-3">
        <dt>
          {tally.tax.inTotal ? 'Sales tax in it' : 'With sales tax'}, {format.percent(tally.tax.permille).slice(1)}
        </dt>
        <dd class="shrink-0 text-ink">{format.sum(tally.tax.inTotal ? tally.tax.sum : tally.tax.with)}</dd>
      </div>{/if}
    {#if card.gauge.bookable.minor !== card.gauge.total.minor}<div class="flex justify-between gap-3">
        <dt>Available today</dt>
        <dd class="text-ink">
          <Tip words={card.gauge.bookable.blame.join('; ')}>{format.money(card.gauge.bookable.minor)}</Tip>
        </dd>
      </div>{/if}
    {#each tally.tills as till (till.region)}<div class="flex justify-between gap-3">
        <dt>{till.region}, with local tax{till.holdsItsName ? '' : ', over its name'}</dt>
        <dd class="shrink-0 whitespace-nowrap {till.holdsItsName ? 'text-ink' : 'text-clay'}">
          <Tip words={till.rate ?? ''}
            >{till.convertedMinor == null
              ? `${format.money(till.minor)} ${format.currency}`
              : `${new Format(till.currency, format.language).money(till.convertedMinor)} ${till.currency}`}</Tip
          >
        </dd>
      </div>{/each}
    {#each tally.bundles as bundle (bundle.seller + bundle.parts.join())}<div class="flex justify-between gap-3">
        <dt>
          Together at <a href={bundle.link} rel="noreferrer noopener" target="_blank">{bundle.seller}</a>, seen
          {format.date(bundle.seenAt)}: {bundle.parts.join(' and ')}
        </dt>
        <dd class="shrink-0 text-ink">
          <Tip words="{format.money(bundle.priceMinor)} for both; no total has it in it"
            >{format.money(bundle.savesMinor)} less</Tip
          >{#if onbundle}<br /><button
              class="btn-quiet small"
              aria-label="Take the bundle at {bundle.seller}"
              onclick={() => onbundle(bundle)}>take it</button
            >{/if}
        </dd>
      </div>{/each}
    {#if tally.uncounted.minor !== 0}<div class="flex justify-between">
        <dt>Optional, not in the total</dt>
        <dd class="text-ink">{format.money(tally.uncounted.minor)}</dd>
      </div>
      <div class="flex justify-between">
        <dt>With all of it</dt>
        <dd class="text-ink">{format.sum(tally.withOptional)}</dd>
      </div>{/if}
  </dl>
  {#if onextras}<button class="btn-quiet small mt-1" onclick={onextras}>discounts and packages</button>{/if}
</section>
