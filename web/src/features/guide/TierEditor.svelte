<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import { emptyTier, tierForm, typedTier } from './forms';
  import TierFields from './TierFields.svelte';

  /** Changes a tier of the edition in work, or adds one. */
  let {
    slug,
    edition,
    editing = $bindable(),
    cards,
  }: { slug: string; edition: string; editing: string | null; cards: Schemas['BuildCard'][] } = $props();
  const queries = useQueryClient();
  const card = $derived(cards.find((c) => c.tier === editing));
  let tier = $state(emptyTier());
  let version = $state(0);
  let sentence = $state('');

  $effect(() => {
    if (editing) {
      tier = card ? typedTier(card.form) : emptyTier();
      version = card?.tierVersion ?? 0;
      sentence = '';
    }
  });

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      const body = tierForm(tier);
      if (card)
        await taken(
          api.PUT('/api/editions/{edition}/tiers/{tier}', {
            params: { path: { edition, tier: card.tier }, header: { 'If-Match': `"${version}"` } },
            body,
          }),
        );
      else
        await taken(
          api.POST('/api/guides/{slug}/editions/{edition}/tiers', { params: { path: { slug, edition } }, body }),
        );
      await queries.invalidateQueries({ queryKey: ['desk', slug] });
      editing = null;
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }
</script>

<Dialog
  bind:open={
    () => editing !== null,
    (open) => {
      if (!open) editing = null;
    }
  }
  title={card ? `Tier ${card.tierName}` : 'A new tier'}
  wide
>
  <form onsubmit={save} class="space-y-4 px-6 py-4">
    <TierFields bind:tier />
    <Told {sentence} />
    <button class="btn btn-main">Save the tier</button>
  </form>
</Dialog>
