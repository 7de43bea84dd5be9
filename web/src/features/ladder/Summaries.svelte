<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Mark from '$ui/Mark.svelte';

  /** What the checks say of each build, what it draws and where its money goes, under the slots. */
  let { columns, format }: { columns: Schemas['ColumnView'][]; format: Format } = $props();
  const most = $derived(Math.max(1, ...columns.flatMap((c) => c.summary.spending.map((s) => s.permille))));
  const counted = (many: number, one: string, more: string) => `${many} ${many === 1 ? one : more}`;
</script>

<tfoot>
  <tr class="border-t border-ink align-top">
    <th scope="row" class="label py-1 pr-2 text-left font-normal">Checks</th>
    {#each columns as { card, summary } (card.build)}<td class="px-2 py-1">
        <span class="small block text-soft">{summary.checks - summary.undecided} of {summary.checks} decided</span>
        {#if summary.clashes}<span class="block"
            ><Mark verdict="CLASH" /> {counted(summary.clashes, 'clash', 'clashes')}</span
          >{/if}
        {#if summary.undecided}<span class="block"><Mark verdict="NOT_KNOWN" /> {summary.undecided} not known</span
          >{/if}
        {#if summary.cautions}<span class="block"
            ><Mark verdict="CAUTION" /> {counted(summary.cautions, 'caution', 'cautions')}</span
          >{/if}
      </td>{/each}
  </tr>
  <tr class="border-t border-hairline align-top">
    <th scope="row" class="label py-1 pr-2 text-left font-normal">Draw</th>
    {#each columns as { card, summary } (card.build)}<td class="px-2 py-1">
        {#if summary.peakWatts != null}<span class="block"
            >{summary.peakWatts} W at the peak{summary.supplyRating ? ` of ${summary.supplyRating} W` : ''}</span
          >{:else}<span class="block text-slate">not known</span>{/if}
        {#if summary.gamingLow != null}<span class="small block text-soft"
            >{summary.gamingLow} to {summary.gamingHigh} W at play</span
          >{/if}
      </td>{/each}
  </tr>
  <tr class="border-t border-hairline align-top">
    <th scope="row" class="label py-1 pr-2 text-left font-normal">Where the money goes</th>
    {#each columns as { card, summary } (card.build)}<td class="px-2 py-1">
        <ul class="small" aria-label="Shares of {card.tierName}">
          {#each summary.spending as share, i (i)}<li class="grid grid-cols-[minmax(0,1fr)_44px] gap-x-2">
              <span class="truncate text-soft">{share.slot}</span><span class="text-right"
                >{format.share(share.permille)}</span
              ><span class="col-span-2 block h-[3px] rounded-sm bg-field" style:width="{(share.permille / most) * 100}%"
              ></span>
            </li>{/each}
        </ul>
        {#if summary.platformMinor != null}<p class="small mt-1 text-soft">
            CPU, cooler and motherboard: {format.money(summary.platformMinor)}
          </p>{/if}
      </td>{/each}
  </tr>
</tfoot>
