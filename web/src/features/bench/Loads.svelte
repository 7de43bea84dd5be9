<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import { smallest } from '$lib/money';

  /** Where idle, gaming and peak stand on the PSU's curve, and what a year takes for chosen hours and tariff. */
  let {
    draw,
    peakWatts,
    energy,
    format,
    year,
  }: {
    draw: Schemas['DrawView'];
    peakWatts: number;
    /** The guide's own hours and tariff; others can be tried here. */
    energy?: Schemas['EnergyForm'];
    format: Format;
    year: (gaming: number, idle: number) => Promise<Schemas['Year'] | undefined>;
  } = $props();

  // svelte-ignore state_referenced_locally
  let gaming = $state(energy?.gamingHours ?? 3);
  // svelte-ignore state_referenced_locally
  let idle = $state(energy?.idleHours ?? 3);
  // svelte-ignore state_referenced_locally
  let tariff = $state((energy?.tariffHundredths ?? 3000) / 100);
  let told = $state<Schemas['Year'] | undefined>();
  $effect(() => {
    void draw;
    void year(gaming, idle)
      .then((y) => (told = y))
      .catch(() => (told = undefined));
  });
  const rows = $derived([
    { name: 'idle, estimated', watts: `${draw.idleWatts}`, load: draw.idle },
    {
      name: 'gaming draw',
      watts: draw.gamingLow == null ? 'not known' : `${draw.gamingLow} to ${draw.gamingHigh}`,
      load: draw.gaming,
    },
    { name: 'sustained peak', watts: `${peakWatts}`, load: draw.peak },
  ]);
</script>

<details class="mt-1">
  <summary class="cursor-pointer"
    >{draw.headroomWatts == null ? 'No PSU to compare with' : `${draw.headroomWatts} W to spare`}</summary
  >
  <table class="small mt-1 w-full">
    <thead class="text-soft"
      ><tr
        ><th class="text-left font-normal"></th><th class="text-right font-normal">W</th><th
          class="text-right font-normal">load</th
        ><th class="text-right font-normal">efficiency</th></tr
      ></thead
    >
    <tbody>
      {#each rows as row (row.name)}<tr>
          <td>{row.name}</td><td class="text-right">{row.watts}</td><td class="text-right"
            >{row.load ? `${row.load.percent}%` : ''}</td
          ><td class="text-right"
            >{row.load
              ? row.load.efficiencyPercent == null
                ? 'not certified'
                : `${row.load.efficiencyPercent}%`
              : ''}</td
          >
        </tr>{/each}
    </tbody>
  </table>
  <div class="small mt-2 flex flex-wrap items-center gap-x-2 gap-y-1 text-soft">
    <label>play <input class="field w-12 py-0" type="number" min="0" max="24" step="0.5" bind:value={gaming} /></label>
    <label>idle <input class="field w-12 py-0" type="number" min="0" max="24" step="0.5" bind:value={idle} /></label>
    hours a day,
    <label
      ><input class="field w-14 py-0" type="number" min="0" max="1000" step="0.5" bind:value={tariff} />
      {smallest(format.currency)} a kWh</label
    >
  </div>
  {#if told}<p class="small mt-1">
      {told.kilowattHours} kWh a year, {format.money(Math.round(told.kilowattHours * tariff))} a year{told.promised
        ? ''
        : '; below 20% of its rating no efficiency is certified, so idle is a guess'}
    </p>{/if}
</details>
