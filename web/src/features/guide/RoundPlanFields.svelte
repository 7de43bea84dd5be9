<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  /** When a guide's prices are refreshed by themselves. */
  let { form = $bindable() }: { form: Schemas['GuideForm'] } = $props();
  const plan = $state<{ often: Schemas['RoundPlan']['often']; at: string; scope: Schemas['RoundPlan']['scope'] }>({
    often: 'BY_HAND',
    at: '05:30',
    scope: 'ALL',
  });
  $effect.pre(() => {
    const now = form.rounds;
    if (now) Object.assign(plan, { often: now.often, at: String(now.at).slice(0, 5), scope: now.scope });
  });
  const planned = () => (form.rounds = { ...plan });
</script>

<fieldset class="mt-4">
  <legend class="label mb-1">Prices are refreshed</legend>
  <div class="flex flex-wrap items-center gap-3">
    <select class="field w-auto" aria-label="How often prices are refreshed" bind:value={plan.often} onchange={planned}>
      <option value="BY_HAND">by hand only</option><option value="DAILY">every day</option><option value="WEEKLY"
        >every Thursday</option
      >
    </select>
    {#if plan.often !== 'BY_HAND'}<label class="inline-flex items-center gap-2"
        >at <input class="field w-auto" type="time" bind:value={plan.at} onchange={planned} /></label
      ><select class="field w-auto" aria-label="What is read" bind:value={plan.scope} onchange={planned}>
        <option value="ALL">lists and pages</option><option value="FEEDS">the shops' lists only</option>
      </select>{/if}
  </div>
</fieldset>
