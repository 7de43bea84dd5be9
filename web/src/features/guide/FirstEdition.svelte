<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import { emptyTier, tierForm, type TypedTier } from './forms';
  import TierFields from './TierFields.svelte';

  /** The first edition of a guide: its month and its tiers. */
  let { slug, currency, asksTax }: { slug: string; currency: string; asksTax: boolean } = $props();
  const queries = useQueryClient();
  let month = $state(new Date().toISOString().slice(0, 7));
  let tiers = $state<TypedTier[]>([emptyTier()]);
  let sentence = $state('');

  async function make(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      const body = { period: `${month}-01`, tiers: tiers.map((tier) => tierForm(tier, currency)) };
      await taken(api.POST('/api/guides/{slug}/editions', { params: { path: { slug } }, body }));
      await queries.invalidateQueries({ queryKey: ['desk', slug] });
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }
</script>

<form onsubmit={make} class="max-w-4xl space-y-6">
  <div>
    <h2 class="text-[17px]">The first edition</h2>
    <p class="text-soft">
      Name its month and its tiers: a fixed price point each, with a band around it and a promise. You can add and
      change tiers later.
    </p>
  </div>
  <div class="w-48"><TextField label="Month" type="month" bind:value={month} required /></div>
  {#each tiers as tier, i (i)}
    <div class="border-t border-hairline pt-4">
      <TierFields bind:tier={tiers[i]!} number={i + 1} {asksTax} />
      {#if tiers.length > 1}<button type="button" class="btn-quiet small" onclick={() => tiers.splice(i, 1)}
          >Leave out {tier.name || 'this tier'}</button
        >{/if}
    </div>
  {/each}
  <Told {sentence} />
  <div class="flex gap-2">
    <button type="button" class="btn" onclick={() => tiers.push(emptyTier())}>Another tier</button>
    <button class="btn btn-main">Open the first edition</button>
  </div>
</form>
