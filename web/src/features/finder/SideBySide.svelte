<script lang="ts">
  import { weighty } from '$features/bench/findings';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Dialog from '$ui/Dialog.svelte';
  import Mark from '$ui/Mark.svelte';
  import Told from '$ui/Told.svelte';

  /** Up to four parts of a kind, figure against figure, with what each would do in this build. */
  let {
    open = $bindable(),
    candidates,
    format,
    ontake,
    onput,
  }: {
    open: boolean;
    candidates: Schemas['Candidate'][];
    format: Format;
    ontake: (candidate: Schemas['Candidate']) => void;
    /** Puts the table under the reason on the readers' page. */
    onput: (parts: string[]) => void;
  } = $props();

  let onlyDifferences = $state(true);
  const ids = $derived(candidates.map((c) => c.part));
  const compared = createQuery(() => ({
    queryKey: ['compared', ids],
    queryFn: () => taken(api.GET('/api/parts/compared', { params: { query: { ids } } })),
    enabled: open && ids.length > 1,
  }));
  const rows = $derived(
    (compared.data ?? []).filter((r) => !onlyDifferences || r.group === 'evidence' || new Set(r.cells).size > 1),
  );
  const groups = $derived([...new Set(rows.map((r) => r.group))]);
</script>

<Dialog bind:open title="Side by side" wide>
  <div class="overflow-auto px-6 py-3">
    <div class="flex items-center justify-between gap-4">
      <label class="small flex items-center gap-2 text-soft"
        ><input type="checkbox" bind:checked={onlyDifferences} />only what differs</label
      >
      <button class="btn-quiet small" onclick={() => onput(candidates.map((c) => c.part))}
        >Put this table under the reason, for readers</button
      >
    </div>
    <table class="mt-2 w-full table-fixed">
      <thead>
        <tr class="border-b border-ink align-bottom">
          <th class="w-44"><span class="sr-only">Figure</span></th>
          {#each candidates as candidate (candidate.part)}<th class="px-2 pb-1 text-left font-semibold"
              >{#if candidate.picture}<img
                  src="/pictures/{candidate.picture.id}/medium"
                  alt={candidate.picture.alternative}
                  class="mb-1 h-24 max-w-full object-contain object-left"
                />{/if}{candidate.name}</th
            >{/each}
        </tr>
      </thead>
      <tbody>
        <tr class="border-b border-hairline">
          <th scope="row" class="label text-left font-normal">price</th>
          {#each candidates as c (c.part)}<td class="px-2 py-0.5"
              >{format.money(c.price.minor)}{c.premiumPermille == null
                ? ''
                : ` (${format.percent(c.premiumPermille)} against MSRP)`}</td
            >{/each}
        </tr>
        <tr class="border-b border-hairline">
          <th scope="row" class="label text-left font-normal">in this build</th>
          {#each candidates as c (c.part)}<td class="px-2 py-0.5 align-top"
              >{c.chosen
                ? 'the choice'
                : c.differenceMinor == null
                  ? 'not known'
                  : format.signed(c.differenceMinor, 'the same')}
              {#each c.forced as f (f.part)}<span class="small block text-straw">needs {f.name}</span>{/each}
              {#each weighty(c.trouble) as t, i (i)}<span class="small flex gap-1.5"
                  ><Mark verdict={t.verdict} />{t.evidence}</span
                >{/each}</td
            >{/each}
        </tr>
        {#each groups as group (group)}
          <tr><th scope="colgroup" colspan={candidates.length + 1} class="label pt-2 text-left">{group}</th></tr>
          {#each rows.filter((r) => r.group === group) as row (row.figure)}
            <tr class="border-b border-hairline align-baseline">
              <th scope="row" class="small text-left font-normal">{row.label}</th>
              {#each row.cells as cell, i (i)}<td class="px-2 py-0.5 {cell === '' ? 'text-slate' : ''}"
                  >{cell || (group === 'evidence' ? 'none' : 'not known')}{#if row.better.includes(i)}<span
                      class="small ml-1 text-moss">better</span
                    >{/if}</td
                >{/each}
            </tr>
          {/each}
        {/each}
      </tbody>
      <tfoot>
        <tr>
          <td></td>
          {#each candidates as c (c.part)}<td class="px-2 pt-2"
              >{#if !c.chosen}<button class="btn" onclick={() => ontake(c)}>Take it</button>{/if}</td
            >{/each}
        </tr>
      </tfoot>
    </table>
    {#if compared.isError}<Told sentence={(compared.error as Error).message} />{/if}
    {#if compared.isSuccess && rows.every((r) => r.group === 'evidence')}<p class="py-3 text-soft">
        No figure differs that is known.
      </p>{/if}
  </div>
</Dialog>
