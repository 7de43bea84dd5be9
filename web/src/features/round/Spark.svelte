<script lang="ts">
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
  const path = $derived.by(() => {
    if (shown.length < 2) return '';
    const sums = shown.map((d) => d.minor);
    const [low, high] = [Math.min(...sums), Math.max(...sums)];
    const [from, to] = [time(shown[0]!.day), time(shown.at(-1)!.day)];
    const x = (d: Schemas['Day']) => ((time(d.day) - from) / (to - from || 1)) * width;
    const y = (d: Schemas['Day']) => height - 3 - ((d.minor - low) / (high - low || 1)) * (height - 6);
    return shown
      .map((d, i) => `${i && !d.gap ? 'H' + x(d).toFixed(1) + 'V' : 'M' + x(d).toFixed(1) + ' '}${y(d).toFixed(1)}`)
      .join('');
  });
</script>

{#if path}<svg viewBox="0 0 {width} {height}" class="h-7 w-[120px]" role="img" aria-label={label}
    ><path d={path} fill="none" stroke="currentColor" stroke-width="1.25" class="text-soft" /></svg
  >{:else}<span class="small text-soft">no history yet</span>{/if}
