<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { BenchState } from './bench.svelte';

  /** How many of it, whether it counts, and where it goes. */
  let { state: bench, line }: { state: BenchState; line: Schemas['LineView'] } = $props();
  const open = $derived(bench.isOpen);
  /** Where a radiator, case fans or a graphics card can be put by hand. */
  const places: Partial<Record<Schemas['LineView']['slot'], string[]>> = {
    COOLER: ['top', 'front', 'rear', 'side', 'bottom'],
    CASE_FANS: ['front', 'top', 'rear', 'side', 'bottom'],
    GRAPHICS_CARD: ['upright'],
  };
</script>

<div class="flex flex-wrap items-center gap-3">
  <label class="small inline-flex items-center gap-1.5 text-soft"
    >Quantity<input
      class="field w-14"
      type="number"
      min="1"
      max="20"
      disabled={!open}
      value={line.quantity}
      onchange={(event) => void bench.edit(line.id, { quantity: Math.trunc(event.currentTarget.valueAsNumber) || 0 })}
    /></label
  >
  <label class="small inline-flex items-center gap-1.5 text-soft"
    ><input
      type="checkbox"
      disabled={!open}
      checked={line.counted}
      onchange={(event) => void bench.edit(line.id, { counted: event.currentTarget.checked })}
    />in the total</label
  >
  {#if places[line.slot]}<label class="small inline-flex items-center gap-1.5 text-soft"
      >Place<select
        class="field w-auto"
        disabled={!open}
        value={line.place ?? ''}
        onchange={(event) => void bench.edit(line.id, { place: event.currentTarget.value })}
      >
        <option value="">where it fits best</option>
        {#each places[line.slot] ?? [] as place (place)}<option value={place}>{place}</option>{/each}
      </select></label
    >{/if}
</div>
