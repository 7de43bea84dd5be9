<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { like, typedMinor } from '$lib/money';
  import Told from '$ui/Told.svelte';
  import type { BenchState } from './bench.svelte';
  import { swappedIn, withoutPackage, withSwap } from './swaps';

  /** A part of a package was swapped: what does its seller ask for the new one, or does the package end? */
  let { state: bench, line, currency }: { state: BenchState; line: Schemas['LineView']; currency: string } = $props();
  const id = $props.id();
  const extras = $derived(bench.bench?.tally.extras ?? { adjustments: [], packages: [] });
  const pack = $derived(swappedIn(extras, line));
  let difference = $state('');
  let sentence = $state('');

  function save(event: SubmitEvent): void {
    event.preventDefault();
    const minor = typedMinor(difference || '0', currency);
    if (minor == null) {
      sentence = `"${difference.slice(0, 20)}" is not a sum in ${currency}. Enter it like ${like(30, currency)}, with a minus if it costs less.`;
      return;
    }
    sentence = '';
    difference = '';
    void bench.whole.extras(withSwap(extras, pack!.id, line.id, minor));
  }
</script>

{#if pack && bench.isOpen}
  <form class="mt-2 space-y-2 border-l-2 border-straw pl-3" onsubmit={save}>
    <p>{pack.name} was priced with another part here, and does not count until you decide.</p>
    <div class="flex flex-wrap items-end gap-3">
      {#if !pack.bundleOf}<div>
          <label class="label mb-1 block" for="{id}-swap">Seller's price difference ({currency})</label>
          <input
            id="{id}-swap"
            class="field w-32 text-right"
            inputmode="decimal"
            placeholder="0"
            bind:value={difference}
          />
        </div>
        <button class="btn">Save difference</button>{/if}
      <button type="button" class="btn" onclick={() => void bench.whole.extras(withoutPackage(extras, pack!.id))}
        >End package</button
      >
    </div>
    <Told {sentence} />
  </form>
{/if}
