<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import { usePartHistory } from '$features/round/queries';
  import Chart from './Chart.svelte';
  import type { Series } from './series';

  /** A part's accepted price through time, and where today's stands. */
  let { part, format }: { part: string; format: Format } = $props();
  const history = usePartHistory(() => part);

  const series = $derived.by((): Series[] => {
    const h = history.data;
    if (!h) return [];
    const accepted: Series = {
      name: 'to be had for',
      tone: 'moss',
      steps: true,
      points: h.accepted.map((d) => ({ day: d.day, value: d.minor, gap: d.gap })),
    };
    return h.doubted.length && h.doubted.length < 40
      ? [
          accepted,
          {
            name: 'not let count',
            tone: 'soft',
            dots: true,
            points: h.doubted.map((s) => ({ day: s.at.slice(0, 10), value: s.minor })),
          },
        ]
      : [accepted];
  });

  function stands(s: Schemas['StandingView']): string[] {
    const told: string[] = [];
    if (s.lowest90Minor != null)
      told.push(`lowest in 90 days ${format.money(s.lowest90Minor)}, ${format.day(s.lowest90On!)}`);
    if (s.permilleOfYear != null)
      told.push(
        `the year's range ${format.money(s.yearLowMinor)} to ${format.money(s.yearHighMinor)}; now ${Math.round(s.permilleOfYear / 10)}% of the way up`,
      );
    told.push(
      s.premiumPermille == null
        ? 'MSRP unknown, or no price'
        : `${format.percent(s.premiumPermille)} against the MSRP of ${format.money(s.suggestedMinor)}`,
    );
    return told;
  }
</script>

{#if history.data}
  <Chart title={history.data.name} {series} {format} value={(n) => format.money(n)} />
  <ul class="small mt-1 text-soft">
    {#each stands(history.data.standing) as line (line)}<li>{line}</li>{/each}
  </ul>
{/if}
