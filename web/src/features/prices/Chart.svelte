<script lang="ts">
  import type { Format } from '$lib/format';
  import { nearest, path, scale, standing, type Series } from './series';

  /** Lines through time, with the values under the pointer or the arrow keys, and the same as a table. */
  let {
    title,
    series,
    format,
    value,
  }: { title: string; series: Series[]; format: Format; value: (n: number) => string } = $props();

  const width = 620;
  const height = 180;
  const left = 64;
  const right = 20;
  const tones = { moss: 'stroke-moss', ink: 'stroke-ink', slate: 'stroke-slate', soft: 'stroke-soft' };
  const at = $derived(scale(series, width, height));
  const days = $derived([...new Set(series.flatMap((s) => s.points.map((p) => p.day)))].sort());
  let marked = $state<string | undefined>();
  let asTable = $state(false);
  const shown = $derived(marked && days.includes(marked) ? marked : days.at(-1));

  function point(event: PointerEvent & { currentTarget: SVGElement }): void {
    const box = event.currentTarget.getBoundingClientRect();
    if (at) marked = nearest(series, at, ((event.clientX - box.left) / box.width) * (width + left + right) - left);
  }

  function step(event: KeyboardEvent): void {
    const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (!by || !shown) return;
    event.preventDefault();
    event.stopPropagation();
    marked = days[Math.max(0, Math.min(days.length - 1, days.indexOf(shown) + by))];
  }
</script>

<figure class="mt-2">
  <figcaption class="flex items-baseline justify-between gap-4">
    <span class="font-semibold">{title}</span>
    <button class="btn-quiet small" onclick={() => (asTable = !asTable)}>{asTable ? 'As a chart' : 'As a table'}</button
    >
  </figcaption>
  {#if !at}<p class="py-4 text-soft">No price is known yet. It begins with the first round.</p>
  {:else if asTable}
    <div class="max-h-[240px] overflow-y-auto border-y border-hairline">
      <table class="small w-full">
        <thead
          ><tr class="text-left text-soft"
            ><th class="py-1 font-medium">Day</th>{#each series as s (s.name)}<th class="text-right font-medium"
                >{s.name}</th
              >{/each}</tr
          ></thead
        >
        <tbody
          >{#each days.toReversed() as day (day)}<tr class="border-t border-hairline"
              ><td class="py-0.5">{format.day(day)} {day.slice(0, 4)}</td>{#each series as s (s.name)}<td
                  class="text-right"
                  >{s.points.find((p) => p.day === day) ? value(s.points.find((p) => p.day === day)!.value) : ''}</td
                >{/each}</tr
            >{/each}</tbody
        >
      </table>
    </div>
  {:else}
    <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
    <div
      role="group"
      aria-label="{title}; left and right arrow move along its days"
      tabindex="0"
      onkeydown={step}
      class="focus-visible:outline-2 focus-visible:outline-moss"
    >
      <svg
        viewBox="{-left} -8 {width + left + right} {height + 30}"
        class="block w-full touch-none"
        role="img"
        aria-label={title}
        onpointermove={point}
        onpointerleave={() => (marked = undefined)}
      >
        {#each at.ticks as tick (tick)}<line
            x1="0"
            x2={width}
            y1={at.y(tick)}
            y2={at.y(tick)}
            class="stroke-hairline"
          /><text x="-8" y={at.y(tick) + 4} text-anchor="end" class="fill-soft text-[11px]">{value(tick)}</text>{/each}
        {#each at.months as month (month)}<text
            x={at.x(month)}
            y={height + 18}
            text-anchor="middle"
            class="fill-soft text-[11px]">{month.slice(5, 7)}.{month.slice(2, 4)}</text
          >{/each}
        {#each series.filter((s) => s.dots) as s (s.name)}{#each s.points as p, i (i)}<circle
              cx={at.x(p.day)}
              cy={at.y(p.value)}
              r="3.5"
              fill="none"
              stroke-width="1.25"
              class={tones[s.tone]}
            />{/each}{/each}
        {#each series.filter((s) => !s.dots) as s (s.name)}<path
            d={path(s, at)}
            fill="none"
            stroke-width="1.75"
            stroke-dasharray={s.tone === 'soft' || s.tone === 'slate' ? '4 3' : undefined}
            class={tones[s.tone]}
          />{/each}
        {#if shown}<line x1={at.x(shown)} x2={at.x(shown)} y1="0" y2={height} class="stroke-soft" stroke-width="0.75" />
          {#each standing(series, shown) as { name, point: p } (name)}{#if p}<circle
                cx={at.x(p.day)}
                cy={at.y(p.value)}
                r="3"
                class="fill-ink"
              />{/if}{/each}{/if}
      </svg>
    </div>
    <p class="small flex flex-wrap gap-x-5 text-soft" aria-live="polite">
      {#if shown}<span>{format.day(shown)} {shown.slice(0, 4)}</span
        >{#each standing(series, shown) as { name, point: p }, i (name)}<span class="flex items-center gap-1.5"
            ><svg width="18" height="6" aria-hidden="true"
              >{#if series[i]!.dots}<circle
                  cx="9"
                  cy="3"
                  r="2.5"
                  fill="none"
                  class={tones[series[i]!.tone]}
                />{:else}<line
                  x1="0"
                  x2="18"
                  y1="3"
                  y2="3"
                  stroke-width="1.75"
                  stroke-dasharray={series[i]!.tone === 'soft' || series[i]!.tone === 'slate' ? '4 3' : undefined}
                  class={tones[series[i]!.tone]}
                />{/if}</svg
            >{name}
            <span class="font-medium text-ink">{p ? value(p.value) : series[i]!.dots ? 'none' : 'not known'}</span
            ></span
          >{/each}{/if}
    </p>
  {/if}
</figure>
