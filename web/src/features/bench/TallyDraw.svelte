<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Mark from '$ui/Mark.svelte';
  import Loads from './Loads.svelte';

  /** What the build draws, against the PSU's rating. */
  let {
    tally,
    energy,
    format,
    year,
  }: {
    tally: Schemas['Tally'];
    energy?: Schemas['EnergyForm'];
    format: Format;
    year: (gaming: number, idle: number) => Promise<Schemas['Year'] | undefined>;
  } = $props();
  const scale = $derived(Math.max(tally.supplyRating ?? 0, tally.neededRating ?? 0, 1));
</script>

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
