<script lang="ts">
  import Pictures from '$features/pictures/Pictures.svelte';
  import OtherOffers from '$features/guide/OtherOffers.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import type { BenchState } from './bench.svelte';

  /** One build as a whole: its name, a note for oneself, its place among the variants; a variant can be taken out. */
  let {
    open = $bindable(),
    state: bench,
    place,
    many,
    ongone,
  }: {
    open: boolean;
    state: BenchState;
    /** Its place among its tier's builds, the lead at 0, of so many. */
    place: number;
    many: number;
    ongone: () => void;
  } = $props();
  let name = $state('');
  let note = $state('');
  let spreadTold = $state('');
  const card = $derived(bench.bench?.card);

  let wasOpen = false;
  $effect(() => {
    if (open && !wasOpen && card) {
      name = card.buildName;
      note = card.note;
      spreadTold = '';
    }
    wasOpen = open;
  });

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const patch = {
      ...(name !== card?.buildName ? { name } : {}),
      ...(note !== card?.note ? { note } : {}),
    };
    if (Object.keys(patch).length) await bench.whole.frame(patch);
    if (!bench.sentence) open = false;
  }

  async function spread(): Promise<void> {
    const made = await bench.whole.spread();
    if (made)
      spreadTold = [`Made in ${made.builds.length} ${made.builds.length === 1 ? 'tier' : 'tiers'}`, ...made.passedOver]
        .join('; ')
        .concat('.');
  }

  async function remove(): Promise<void> {
    if (await bench.whole.remove()) {
      open = false;
      ongone();
    }
  }
</script>

<Dialog bind:open title="{card?.tierName ?? ''}, {card?.buildName ?? ''}">
  <div class="min-h-0 overflow-y-auto">
    <form class="space-y-4 px-6 py-4" onsubmit={save}>
      <TextField label="Name" bind:value={name} required maxlength={80} />
      <label class="block"
        ><span class="label">Note for yourself, never published</span><textarea
          class="field mt-1"
          rows="3"
          maxlength="2000"
          placeholder="look at this next time"
          bind:value={note}></textarea></label
      >
      <OtherOffers policy={card?.policy} onsave={(policy) => void bench.whole.frame({ policy })} />
      <Told sentence={bench.sentence} /><Told sentence={spreadTold} tone="moss" />
      <div class="flex flex-wrap items-center gap-2">
        <button class="btn btn-main">Save</button>
        {#if place > 0}
          <button
            type="button"
            class="btn"
            disabled={place < 2}
            onclick={() => void bench.whole.frame({ position: place - 1 })}>Move before</button
          >
          <button
            type="button"
            class="btn"
            disabled={place >= many - 1}
            onclick={() => void bench.whole.frame({ position: place + 1 })}>Move behind</button
          >
          <button type="button" class="btn" onclick={() => void spread()}>Make it in every tier</button>
          <button type="button" class="btn ml-auto" onclick={() => void remove()}>Remove the variant</button>
        {:else}<span class="small text-soft">The main build stands first.</span>{/if}
      </div>
      {#if place > 0}<p class="small text-soft">
          Removing it is one step; <span class="key">u</span> brings it back with all its lines. In every tier: the other
          tiers get a variant that follows their main build, and this one where it differs.
        </p>{/if}
    </form>
    {#if open && card}<div class="border-t border-hairline px-6 py-4">
        <Pictures of={{ edition: bench.edition, build: card.build }} />
      </div>{/if}
  </div>
</Dialog>
