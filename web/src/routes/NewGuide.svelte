<script lang="ts">
  import { useShops } from '$features/shops/queries';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import { emptyGuide } from '$features/guide/forms';
  import GuideForm from '$features/guide/GuideForm.svelte';
  import { here, proposedCurrency } from '$features/guide/places';
  import Told from '$ui/Told.svelte';
  import { navigate } from './router';

  const queries = useQueryClient();
  const shops = useShops();
  let form = $state({ ...emptyGuide(), ...here() });
  let isProposed = false;
  $effect(() => {
    if (!shops.data || isProposed) return;
    isProposed = true;
    form.currency = proposedCurrency(shops.data);
  });
  let sentence = $state('');

  async function make(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      const guide = await taken(api.POST('/api/guides', { body: form }));
      await queries.invalidateQueries({ queryKey: ['guides'] });
      void navigate(`/guides/${guide.slug}` as '/');
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }
</script>

<svelte:head><title>New guide · Lowfield</title></svelte:head>

<main class="mx-auto max-w-3xl p-6">
  <h1 class="mb-4 text-xl">New guide</h1>
  <form onsubmit={make} class="space-y-4">
    <GuideForm bind:form />
    <Told {sentence} />
    <button class="btn btn-main">Make the guide</button>
  </form>
</main>
