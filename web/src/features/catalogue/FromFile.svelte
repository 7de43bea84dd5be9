<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { Problem, type Schemas } from '$lib/api/client';
  import { send } from '$lib/api/send';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';

  /** Takes parts in from a file: first told what it would do, then all of it or nothing. */
  let { open = $bindable(), kind }: { open: boolean; kind: Schemas['KindView'] } = $props();
  const queries = useQueryClient();
  let file = $state<File | undefined>();
  let report = $state<Schemas['Report'] | undefined>();
  let isTaken = $state(false);
  let isReading = $state(false);
  let sentence = $state('');
  let share = $state(0);
  let asked: AbortController | undefined;

  const sound = $derived(report !== undefined && report.faults.length === 0);
  const news = $derived((report?.added ?? 0) + (report?.changed ?? 0));

  async function take(dry: boolean): Promise<void> {
    if (!file) return;
    const form = file.name.toLowerCase().endsWith('.json') ? 'JSON' : 'CSV';
    asked = new AbortController();
    isReading = true;
    share = 0;
    sentence = '';
    try {
      report = await send<Schemas['Report']>(
        `/api/kinds/${kind.kind}/file?form=${form}&dry=${dry}`,
        file,
        (read) => (share = read),
        asked.signal,
      );
      isTaken = !dry;
      if (!dry) await queries.invalidateQueries({ queryKey: ['parts'] });
    } catch (problem) {
      report = (problem as Problem).body?.faults
        ? ((problem as Problem).body as unknown as Schemas['Report'])
        : undefined;
      sentence = asked.signal.aborted ? 'Stopped; nothing was taken in.' : (problem as Error).message;
    } finally {
      isReading = false;
    }
  }

  function choose(chosen: File | undefined): void {
    file = chosen;
    report = undefined;
    isTaken = false;
    void take(true);
  }
</script>

<Dialog bind:open title="{kind.plural} from a file" wide>
  <div class="space-y-3 overflow-y-auto px-6 py-4">
    <p class="text-soft">
      CSV in UTF-8 with a header that names each figure's unit, or JSON. What there is already is found by GTIN, else by
      the maker's number, else by name. An empty cell leaves what is there.
    </p>
    <label class="block"
      ><span class="label block">File</span><input
        class="file mt-1"
        type="file"
        accept=".csv,.json,text/csv,application/json"
        onchange={(e) => choose(e.currentTarget.files?.[0])}
      /></label
    >
    {#if isReading}<p role="status">
        {share < 1 ? `Reading ${file?.name}…` : 'All of it is read; matching it with the catalogue…'}
        <progress class="mx-2 w-40 accent-moss" max="1" value={share} aria-label="How much of the file is read"
        ></progress>
        <button class="btn-quiet small" onclick={() => asked?.abort()}>Stop</button>
      </p>{/if}
    <Told {sentence} />
    {#if report}
      <p role="status" class="font-medium">
        {report.rows}
        {report.rows === 1 ? 'row' : 'rows'}. {#if !sound}{report.faults.length}{report.moreFaults
            ? ' and more faults'
            : report.faults.length === 1
              ? ' fault'
              : ' faults'}; nothing is taken in until all is mended.
        {:else if isTaken}Taken in: {report.added} new, {report.changed} changed, {report.unchanged} as they were.
        {:else}It would add {report.added}, change {report.changed} and leave {report.unchanged} as they are.{/if}
      </p>
      {#if report.faults.length}
        <table class="small w-full">
          <thead class="text-left text-soft"
            ><tr
              ><th class="pr-4 font-normal">line</th><th class="pr-4 font-normal">column</th><th
                class="pr-4 font-normal">value</th
              ><th class="font-normal">it must be</th></tr
            ></thead
          >
          <tbody>
            {#each report.faults as fault, i (i)}<tr class="border-t border-hairline align-baseline"
                ><td class="pr-4">{fault.line}</td><td class="pr-4">{fault.column}</td><td class="pr-4 text-clay"
                  >{fault.value}</td
                ><td>{fault.rule}</td></tr
              >{/each}
          </tbody>
        </table>
      {/if}
      {#if sound && !isTaken && news > 0}<button
          class="btn btn-main"
          disabled={isReading}
          onclick={() => void take(false)}>Take all {news} in</button
        >{/if}
    {/if}
  </div>
</Dialog>
