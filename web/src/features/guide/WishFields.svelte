<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import type { TypedWishes } from './forms';

  /** What a tier asks for beside band and promise; the checks speak of what is asked for, and of nothing else. */
  let { wishes = $bindable() }: { wishes: TypedWishes } = $props();
  type Slot = NonNullable<Schemas['WishForm']['beside']>[number];
  const flags = [
    ['radio', 'Wi-Fi'],
    ['errorCorrection', 'ECC memory'],
    ['secureBoot', 'games that demand secure boot'],
    ['warrantyHere', 'PSU warranty served here'],
    ['overclocking', 'CPU overclocking'],
    ['cpuUpgrade', 'CPU upgrade later'],
  ] as const;
  const extras: [Slot, string][] = [
    ['OPERATING_SYSTEM', 'operating system'],
    ['SCREEN', 'monitor'],
    ['KEYBOARD', 'keyboard'],
    ['MOUSE', 'mouse'],
    ['HEADSET', 'headset'],
    ['WEBCAM', 'webcam'],
    ['LIGHTING', 'RGB lighting'],
    ['CABLES', 'cables'],
    ['OTHER', 'other things'],
  ];
  const toggled = (slot: Slot) =>
    wishes.beside.includes(slot) ? wishes.beside.filter((s) => s !== slot) : [...wishes.beside, slot];
</script>

<div class="mt-2 grid grid-cols-4 gap-x-4 gap-y-3">
  <TextField label="Visible colours" bind:value={wishes.colours} placeholder="black, white" />
  <Choose
    label="RGB lighting"
    bind:value={wishes.lighting}
    options={[
      { value: 'EITHER', label: 'as it comes' },
      { value: 'WANTED', label: 'wanted' },
      { value: 'UNWANTED', label: 'not wanted' },
    ]}
  />
  <TextField label="Noise, dB at most" bind:value={wishes.mostNoise} inputmode="numeric" />
  <Choose
    label="PSU quality"
    bind:value={wishes.supplyFloor}
    options={[
      { value: '', label: 'any' },
      { value: 'fair', label: 'fair or better' },
      { value: 'good', label: 'good or better' },
      { value: 'excellent', label: 'excellent' },
    ]}
  />
  <TextField label="Card memory, GB at least" bind:value={wishes.leastCardMemory} inputmode="numeric" />
  <TextField label="Storage, GB at least" bind:value={wishes.leastStorage} inputmode="numeric" />
  <TextField label="TBW, TB at least" bind:value={wishes.leastEndurance} inputmode="numeric" />
  <div class="col-span-2">
    <TextField label="Rear ports" bind:value={wishes.rearPorts} placeholder="USB-C, 2.5 Gbit/s network" />
  </div>
  <div class="col-span-2 flex flex-wrap items-end gap-x-4 gap-y-1">
    {#each flags as [name, label] (name)}<label class="inline-flex items-center gap-2"
        ><input type="checkbox" bind:checked={wishes[name]} />{label}</label
      >{/each}
  </div>
  <div class="col-span-4 flex flex-wrap items-center gap-x-4 gap-y-1">
    <label class="inline-flex items-center gap-2"
      ><input type="checkbox" bind:checked={wishes.saysCounted} />The total leaves out</label
    >
    {#each extras as [slot, label] (slot)}<label class="inline-flex items-center gap-2"
        ><input
          type="checkbox"
          disabled={!wishes.saysCounted}
          checked={wishes.beside.includes(slot)}
          onchange={() => (wishes.beside = toggled(slot))}
        />{label}</label
      >{/each}
  </div>
</div>
