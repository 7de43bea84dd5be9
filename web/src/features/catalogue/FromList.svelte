<script lang="ts">
  import { api, taken, type Schemas } from '$lib/api/client';
  import { Format } from '$lib/format';
  import { useShops } from '$features/shops/queries';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import { grouped } from './lists';

  /** What a shop's list holds that is no part yet, by kind; the pages of what is ticked are read. */
  let { kinds, onread }: { kinds: Schemas['KindView'][]; onread: (addresses: string[]) => void } = $props();
  /** So many pages are read in one go. */
  const MOST = 50;
  const shops = useShops();
  const listed = $derived((shops.data ?? []).filter((s) => s.feed));
  let shop = $state('');
  let looked = $state.raw<Schemas['Looked']>();
  let isLooking = $state(false);
  let sentence = $state('');
  let words = $state('');
  let ticked = $state<string[]>([]);
  const format = $derived(new Format(looked?.currency ?? 'EUR', 'en'));
  const groups = $derived(grouped(looked?.unknown ?? [], kinds, words));

  async function look(): Promise<void> {
    isLooking = true;
    sentence = '';
    looked = undefined;
    ticked = [];
    try {
      looked = await taken(api.POST('/api/intake/lists', { body: { shop: shop || listed[0]!.id! } }));
      sentence = looked.sentence ?? '';
    } catch (problem) {
      sentence = (problem as Error).message;
    } finally {
      isLooking = false;
    }
  }

  function tick(addresses: string[], on: boolean): void {
    const others = ticked.filter((a) => !addresses.includes(a));
    ticked = on ? [...others, ...addresses] : others;
  }

  function read(): void {
    onread(ticked.slice(0, MOST));
    ticked = ticked.slice(MOST);
  }
</script>

{#if listed.length}
  <section class="mt-3 border-t border-hairline pt-3" aria-label="From a shop's list">
    <form
      class="flex flex-wrap items-end gap-3"
      onsubmit={(e) => {
        e.preventDefault();
        void look();
      }}
    >
      <Choose
        label="Or from the list of"
        bind:value={() => shop || listed[0]!.id!, (id) => (shop = id)}
        options={listed.map((s) => ({ value: s.id!, label: s.name }))}
      />
      <button class="btn" disabled={isLooking}>{isLooking ? 'Looking…' : 'Look through it'}</button>
      {#if looked?.unknown.length}<TextField label="With the words" bind:value={words} />{/if}
    </form>
    <Told {sentence} />
    {#if looked}
      <p class="small mt-2 text-soft" role="status">
        {looked.unknown.length
          ? `${looked.unknown.length + looked.more} things of ${looked.lines} lines are no part yet${looked.more ? `; the first ${looked.unknown.length} are shown` : ''}.`
          : `All ${looked.lines} lines are of parts that are in the catalogue.`}
      </p>
      <div class="max-h-80 overflow-y-auto">
        {#each groups as group (group.label)}
          <details class="border-t border-hairline py-1" open={words.trim() !== ''}>
            <summary class="cursor-pointer">{group.label} <span class="text-soft">{group.lines.length}</span></summary>
            <label class="flex items-baseline gap-2 py-1"
              ><input
                type="checkbox"
                checked={group.lines.every((l) => ticked.includes(l.address))}
                onchange={(e) =>
                  tick(
                    group.lines.map((l) => l.address),
                    e.currentTarget.checked,
                  )}
              /><span class="text-soft">all of them</span></label
            >
            {#each group.lines as line (line.address)}<label class="flex items-baseline gap-2 py-0.5"
                ><input
                  type="checkbox"
                  checked={ticked.includes(line.address)}
                  onchange={(e) => tick([line.address], e.currentTarget.checked)}
                /><span class="grow">{line.name}</span><span class="text-soft"
                  >{line.priceMinor == null ? '' : format.money(line.priceMinor)}</span
                ></label
              >{/each}
          </details>
        {/each}
      </div>
      {#if looked.unknown.length}<button class="btn btn-main mt-2" disabled={!ticked.length} onclick={read}
          >{ticked.length > MOST
            ? `Read the first ${MOST} of ${ticked.length} pages`
            : ticked.length
              ? `Read ${ticked.length === 1 ? 'its page' : `the pages of ${ticked.length}`}`
              : 'Tick what to read'}</button
        >{/if}
    {/if}
  </section>
{/if}
