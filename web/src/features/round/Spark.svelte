<script lang="ts">
  import { path, scale } from '$features/prices/series';
  import type { Schemas } from '$lib/api/client';

  /** The last half year of a price as a thin line; where days are not known there is none. */
  let { days, label }: { days: Schemas['Day'][]; label: string } = $props();

  const width = 120;
  const height = 28;
  const time = (day: string) => new Date(day).getTime();
  const shown = $derived.by(() => {
    const last = days.at(-1);
    return last ? days.filter((d) => time(d.day) > time(last.day) - 183 * 86_400_000) : [];
  });
  const d = $derived.by(() => {
    const series = {
      name: label,
      points: shown.map((d) => ({ ...d, value: d.minor })),
      steps: true,
      tone: 'soft' as const,
    };
    const at = shown.length > 1 ? scale([series], width, height) : null;
    return at ? path(series, at) : '';
  });
</script>

{#if d}<svg viewBox="0 0 {width} {height}" class="h-7 w-[120px]" role="img" aria-label={label}
    ><path {d} fill="none" stroke="currentColor" stroke-width="1.25" class="text-soft" /></svg
  >{:else}<span class="small text-soft">no history yet</span>{/if}
