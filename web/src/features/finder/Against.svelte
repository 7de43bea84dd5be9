<script lang="ts">
  import { weighty } from '$features/bench/findings';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { inSentence, type Format } from '$lib/format';
  import { standing, tone } from '$features/desk/standing';
  import Gauge from '$ui/Gauge.svelte';
  import Mark from '$ui/Mark.svelte';
  import Fit from '$features/fit/Fit.svelte';

  /** The candidate under the cursor against the present choice: first in one sentence, then in figures. */
  let {
    candidate,
    card,
    format,
    edition,
    line,
  }: {
    candidate: Schemas['Candidate'];
    card: Schemas['BuildCard'];
    format: Format;
    edition: string;
    line: Schemas['LineView'];
  } = $props();

  /** Slots whose parts stand in the case, so that a candidate can be looked at there. */
  const SIZED: Schemas['LineView']['slot'][] = ['CASE', 'GRAPHICS_CARD', 'COOLER', 'MOTHERBOARD', 'POWER_SUPPLY'];

  const reached = createQuery(() => ({
    queryKey: ['reach', edition, line.id, line.version, candidate.part],
    queryFn: () =>
      taken(
        api.GET('/api/editions/{edition}/lines/{line}/reach', {
          params: { path: { edition, line: line.id }, query: { part: candidate.part } },
        }),
      ),
    enabled: line.followers.length > 0,
  }));
  const reach = $derived(line.followers.length ? (reached.data ?? []) : []);

  const sentence = $derived.by(() => {
    if (candidate.chosen) return 'This is the choice.';
    const by = candidate.differenceMinor;
    if (by == null) return 'What it would cost here is not known.';
    if (by === 0) return 'The same total.';
    const needs = candidate.forced.length
      ? `, with the ${candidate.forced.map((f) => inSentence(f.slotLabel)).join(' and the ')} it needs`
      : '';
    return `${format.money(Math.abs(by))} ${by > 0 ? 'more' : 'less'} in all${needs}.`;
  });
</script>

<p class="label">Against the choice</p>
<p class="text-[17px] leading-6 font-semibold">{candidate.name}</p>
<p class="mt-1 font-serif text-[17px] leading-6">
  {sentence}{candidate.offer ? ` At ${candidate.offer.seller}, ${candidate.offer.stock}.` : ''}
</p>
<dl class="small mt-1 text-soft">
  {#if candidate.unitPriceHundredths != null}<div class="flex justify-between">
      <dt>a {candidate.unit}</dt>
      <dd class="text-ink">{format.money(Math.round(candidate.unitPriceHundredths / 100))}</dd>
    </div>{/if}
  {#if candidate.premiumPermille != null}<div class="flex justify-between">
      <dt>Against MSRP</dt>
      <dd class="text-ink">{format.percent(candidate.premiumPermille)}</dd>
    </div>{/if}
</dl>
{#each candidate.forced as forced (forced.part)}<p class="mt-1 text-straw">
    Also needs {forced.name} for {format.money(forced.price.minor)}: {forced.why}
  </p>{/each}
{#each weighty(candidate.trouble) as trouble, i (i)}<p class="mt-1 flex gap-2">
    <span class="pt-0.5"><Mark verdict={trouble.verdict} /></span>{trouble.evidence}
  </p>{/each}
{#each candidate.price.blame as blame (blame)}<p class="small mt-1 text-slate">{blame}</p>{/each}
{#each reach as there (there.where.line)}<p class="small mt-2">
    {there.where.where} follows: {format.money(there.total.minor)}
    <span class={tone(there.standing)}>{standing(there.standing, format)}</span
    >{#each weighty(there.trouble).slice(0, 2) as t, i (i)}<span class="flex gap-1.5"
        ><Mark verdict={t.verdict} />{t.evidence}</span
      >{/each}
  </p>{/each}
<p class="label mt-4">{card.tierName} then</p>
<Gauge
  gauge={{ ...card.gauge, total: candidate.total, standing: candidate.standing, lastMinor: card.gauge.total.minor }}
  {format}
  label="{card.tierName} then: {format.sum(candidate.total)}"
/>
<p class={tone(candidate.standing)}>{format.sum(candidate.total)}, {standing(candidate.standing, format)}</p>
{#if SIZED.includes(line.slot)}<div class="mt-3">
    <Fit {edition} build={card.build} stamp={line.version} line={line.id} part={candidate.part} compact />
  </div>{/if}
