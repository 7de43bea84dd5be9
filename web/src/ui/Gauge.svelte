<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';

  /** The band as a ploughed field, the counted total a stake with a flag, last edition's a dashed one. */
  let {
    gauge,
    format,
    ends = true,
    label,
  }: { gauge: Schemas['Gauge']; format: Format; ends?: boolean; label: string } = $props();

  const width = 400;
  const hasBand = $derived(gauge.lowMinor != null && gauge.highMinor != null);
  const span = $derived.by(() => {
    const low = gauge.lowMinor ?? 0;
    const high = gauge.highMinor ?? 1;
    const pad = (high - low) * 0.2 || 1;
    const estimated = gauge.total.span;
    const marks = [
      gauge.total.minor,
      estimated?.lowMinor,
      estimated?.highMinor,
      gauge.lastMinor,
      gauge.bookable.minor,
    ].filter((m): m is number => m != null);
    return {
      from: Math.min(low - pad, ...marks.map((m) => m - pad / 3)),
      to: Math.max(high + pad, ...marks.map((m) => m + pad / 3)),
    };
  });
  const x = $derived(scaleLinear().domain([span.from, span.to]).range([0, width]));
  const isInside = $derived(gauge.standing.state === 'INSIDE');
  const furrows = $derived(
    hasBand
      ? Array.from({ length: 19 }, (_, i) => x(gauge.lowMinor! + ((gauge.highMinor! - gauge.lowMinor!) * (i + 1)) / 20))
      : [],
  );
</script>

{#if hasBand}
  <svg viewBox="0 0 {width} {ends ? 48 : 36}" class="block w-full overflow-visible" role="img" aria-label={label}>
    <rect
      x={x(gauge.lowMinor!)}
      y="18"
      width={x(gauge.highMinor!) - x(gauge.lowMinor!)}
      height="14"
      class={gauge.total.minor == null && !gauge.total.span ? 'fill-hairline' : 'fill-field'}
    />
    {#if gauge.total.minor != null}{#each furrows as furrow (furrow)}<line
          x1={furrow}
          x2={furrow}
          y1="18"
          y2="32"
          class="stroke-sheet"
          stroke-width="1"
        />{/each}{/if}
    <line x1="0" x2={width} y1="32" y2="32" class="stroke-hairline" />
    {#if gauge.lastMinor != null}<line
        x1={x(gauge.lastMinor)}
        x2={x(gauge.lastMinor)}
        y1="8"
        y2="32"
        class="stroke-soft"
        stroke-width="1.5"
        stroke-dasharray="2 2"
      />{/if}
    {#if gauge.total.span}
      <rect
        x={x(gauge.total.span.lowMinor)}
        y="10"
        width={Math.max(1, x(gauge.total.span.highMinor) - x(gauge.total.span.lowMinor))}
        height="6"
        class="fill-slate opacity-60"
      />
      <line
        x1={x(gauge.total.span.likelyMinor)}
        x2={x(gauge.total.span.likelyMinor)}
        y1="6"
        y2="34"
        class="stroke-slate"
        stroke-width="1.5"
        stroke-dasharray="4 2"
      />
    {/if}
    {#if gauge.total.minor != null}
      <g class={isInside ? 'fill-moss stroke-moss' : 'fill-clay stroke-clay'}>
        <line x1={x(gauge.total.minor)} x2={x(gauge.total.minor)} y1="2" y2="34" stroke-width="2" />
        <path d="M{x(gauge.total.minor)} 2h10l-3 4 3 4h-10z" stroke="none" />
      </g>
    {/if}
    {#if gauge.bookable.minor != null && gauge.bookable.minor !== gauge.total.minor}<circle
        cx={x(gauge.bookable.minor)}
        cy="32"
        r="4"
        class="fill-sheet stroke-ink"
        stroke-width="1.5"><title>To be had today by anyone: {format.money(gauge.bookable.minor)}</title></circle
      >{/if}
    {#if ends}
      <text x={x(gauge.lowMinor!)} y="46" text-anchor="middle" class="fill-soft text-[11px]"
        >{format.short(gauge.lowMinor!)}</text
      >
      <text x={x(gauge.highMinor!)} y="46" text-anchor="middle" class="fill-soft text-[11px]"
        >{format.short(gauge.highMinor!)}</text
      >
    {/if}
  </svg>
{/if}
