<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import { emptyTier, tierForm, tierLike, typedTier } from './forms';
  import { addTier, emptyStart } from './start';
  import TierFields from './TierFields.svelte';
  import TierStart from './TierStart.svelte';

  /** Changes a tier of the edition in work, or adds one. */
  let {
    slug,
    edition,
    currency,
    asksTax,
    editing = $bindable(),
    cards,
    editions,
    onmade,
  }: {
    slug: string;
    edition: string;
    currency: string;
    asksTax: boolean;
    editing: string | null;
    cards: Schemas['BuildCard'][];
    editions: Schemas['EditionTab'][];
    /** A tier was made that has parts from the start. */
    onmade: (tier: string) => void;
  } = $props();
  const queries = useQueryClient();
  const card = $derived(cards.find((c) => c.tier === editing));
  let tier = $state(emptyTier());
  // svelte-ignore state_referenced_locally
  let start = $state(emptyStart(edition));
  let version = $state(0);
  let sentence = $state('');

  // What is typed stays while the tiers change places.
  let shown: string | null = null;
  $effect(() => {
    if (editing === shown) return;
    shown = editing;
    if (editing) {
      tier = card ? typedTier(card.form, currency) : emptyTier();
      start = emptyStart(edition);
      version = card?.tierVersion ?? 0;
      sentence = '';
    }
  });

  const tiers = $derived([...new Set(cards.map((c) => c.tier))]);
  const place = $derived(card ? tiers.indexOf(card.tier) : -1);

  async function doing(work: () => Promise<unknown>): Promise<boolean> {
    try {
      await work();
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries({ queryKey: ['desk', slug] });
    return sentence === '';
  }

  const move = (position: number) =>
    doing(() =>
      taken(
        api.PUT('/api/editions/{edition}/tiers/{tier}/place', {
          params: { path: { edition, tier: card!.tier }, header: { 'If-Match': `"${version}"` } },
          body: { position },
        }),
      ),
    );

  async function remove(): Promise<void> {
    const gone = await doing(() =>
      taken(
        api.DELETE('/api/editions/{edition}/tiers/{tier}', {
          params: { path: { edition, tier: card!.tier }, header: { 'If-Match': `"${card!.tierStamp}"` } },
        }),
      ),
    );
    if (gone) editing = null;
  }

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      if (card)
        await taken(
          api.PUT('/api/editions/{edition}/tiers/{tier}', {
            params: { path: { edition, tier: card.tier }, header: { 'If-Match': `"${version}"` } },
            body: tierForm(tier, currency),
          }),
        );
      const made = card ? undefined : await addTier(slug, edition, start, () => tierForm(tier, currency));
      await queries.invalidateQueries({ queryKey: ['desk', slug] });
      editing = null;
      if (made) onmade(made);
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
    {#if !card}<TierStart
        {edition}
        {editions}
        {cards}
        bind:start
        onfrom={(from) => (tier = tierLike(tier, typedTier(from.form, currency)))}
      />{/if}
    {#if card || start.how !== 'REOPEN'}<TierFields bind:tier {asksTax} />{/if}
    <Told {sentence} />
    <div class="flex flex-wrap items-center gap-2">
      <button class="btn btn-main">Save the tier</button>
      {#if card}
        <button type="button" class="btn" disabled={place < 1} onclick={() => void move(place - 1)}>Move up</button>
        <button type="button" class="btn" disabled={place >= tiers.length - 1} onclick={() => void move(place + 1)}
          >Move down</button
        >
        <button type="button" class="btn ml-auto" disabled={tiers.length < 2} onclick={() => void remove()}
          >Remove the tier</button
        >
      {/if}
    </div>
    {#if card}<p class="small text-soft">
        Removing it removes its builds; undo at the bench, <span class="key">u</span>, brings all of it back.
      </p>{/if}
  </form>
</Dialog>
