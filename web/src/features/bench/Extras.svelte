<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import type { BenchState } from './bench.svelte';
  import { ExtrasDraft } from './extras.svelte';
  import PackageFields from './PackageFields.svelte';

  /** Discounts, surcharges and services beside the lines of a build, and prices that a seller asks for several parts. */
  let {
    open = $bindable(),
    state: bench,
    view,
  }: { open: boolean; state: BenchState; view: Schemas['Bench'] } = $props();
  let draft = $state.raw<ExtrasDraft | null>(null);
  let sentence = $state('');

  let wasOpen = false;
  $effect(() => {
    if (open && !wasOpen) {
      draft = new ExtrasDraft(view.tally.extras, view.guide.currency);
      sentence = '';
    }
    wasOpen = open;
  });
  const ended = (id: string) => view.tally.packages.find((p) => p.id === id)?.ended ?? '';

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (!draft) return;
    sentence = draft.fault;
    if (sentence) return;
    await bench.whole.extras(draft.form);
    if (bench.sentence) sentence = bench.sentence;
    else open = false;
  }
</script>

<Dialog bind:open title="Discounts, surcharges and package prices" wide>
  {#if draft}
    <form class="min-h-0 space-y-5 overflow-y-auto px-6 py-4" onsubmit={save} novalidate>
      <section aria-label="Discounts, surcharges and services" class="space-y-2">
        <p class="flex items-center justify-between border-b border-hairline pb-1">
          <span class="font-semibold">Discounts, surcharges and services</span><button
            type="button"
            class="btn-quiet small"
            onclick={() => draft?.addAdjustment()}>Add one</button
          >
        </p>
        {#each draft.adjustments as each (each.id)}
          <div class="grid grid-cols-[minmax(0,1fr)_120px_auto] items-center gap-2">
            <input class="field" aria-label="Name" placeholder="assembly, member discount" bind:value={each.name} />
            <input
              class="field text-right"
              aria-label="Sum of {each.name || 'this'} in {view.guide.currency}"
              placeholder="-50"
              inputmode="decimal"
              bind:value={each.sum}
            />
            <button
              type="button"
              class="btn-quiet small"
              aria-label="Remove {each.name || 'this'}"
              onclick={() => draft?.remove(each.id)}>Remove</button
            >
          </div>
        {:else}<p class="small text-soft">None. A discount has a minus before its sum.</p>{/each}
      </section>
      <section aria-label="Package prices" class="space-y-3">
        <p class="flex items-center justify-between border-b border-hairline pb-1">
          <span class="font-semibold">Package prices</span><button
            type="button"
            class="btn-quiet small"
            onclick={() => draft?.addPackage()}>Add one</button
          >
        </p>
        {#each draft.packages as pack (pack.id)}
          <PackageFields {pack} {draft} lines={view.lines} currency={view.guide.currency} ended={ended(pack.id)} />
        {:else}<p class="small text-soft">
            None. One price for several parts: a bundle, or a machine that a seller builds with parts included.
          </p>{/each}
      </section>
      <Told {sentence} />
      <p class="sticky bottom-0 bg-sheet py-2"><button class="btn btn-main">Save</button></p>
    </form>
  {/if}
</Dialog>
