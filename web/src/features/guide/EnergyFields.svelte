<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { smallest } from '$lib/money';

  /** How long a build is used, and what a kilowatt-hour costs. */
  let { form = $bindable() }: { form: Schemas['GuideForm'] } = $props();
  const energy = (part: Partial<Schemas['EnergyForm']>) =>
    (form.energy = { ...(form.energy ?? { gamingHours: 3, idleHours: 3, tariffHundredths: 3000 }), ...part });
  const typed = (value: number, unit: number) => (unit === 1 ? value : Math.round(value * unit));
  const figures = $derived([
    { name: 'gamingHours', label: 'Hours of play a day', unit: 1, step: 0.5 },
    { name: 'idleHours', label: 'Hours of idling a day', unit: 1, step: 0.5 },
    { name: 'tariffHundredths', label: `A kilowatt-hour, in ${smallest(form.currency)}`, unit: 100, step: 0.1 },
  ] as const);
</script>

<fieldset class="mt-4">
  <legend class="label mb-1">What a year of a build costs in energy</legend>
  <div class="grid grid-cols-3 gap-4">
    {#each figures as { name, label, unit, step } (name)}<label class="label"
        >{label}<input
          class="field mt-1"
          type="number"
          min="0"
          {step}
          value={form.energy ? form.energy[name] / unit : ''}
          onchange={(e) => energy({ [name]: typed(e.currentTarget.valueAsNumber || 0, unit) })}
        /></label
      >{/each}
  </div>
</fieldset>
