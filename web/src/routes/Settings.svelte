<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, Problem, taken, type Schemas } from '$lib/api/client';
  import { settingsOf } from '$features/guide/forms';
  import GuideForm from '$features/guide/GuideForm.svelte';
  import { useGuide } from '$features/guide/queries';
  import Told from '$ui/Told.svelte';
  import { route } from './router';

  const slug = $derived((route.params as Record<string, string>).guide!);
  const queries = useQueryClient();
  const guide = useGuide(() => slug);
  let form = $state<Schemas['GuideForm'] | null>(null);
  let version = $state(0);
  let sentence = $state('');
  let done = $state('');

  $effect(() => {
    if (guide.data && !form) {
      form = settingsOf(guide.data);
      version = guide.data.version;
    }
  });

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    done = sentence = '';
    try {
      const saved = await taken(
        api.PUT('/api/guides/{slug}', {
          params: { path: { slug }, header: { 'If-Match': `"${version}"` } },
          body: form!,
        }),
      );
      version = saved.version;
      done = 'Saved. The edition in work counts by it from now on.';
      await queries.invalidateQueries();
    } catch (problem) {
      const stale = problem instanceof Problem && problem.status === 412;
      sentence = (problem as Error).message + (stale ? ' What you typed is still here; reload to see theirs.' : '');
    }
  }
</script>

<svelte:head><title>Settings · Lowfield</title></svelte:head>

<main class="mx-auto max-w-3xl p-6">
  <h1 class="mb-4 text-xl">Settings of the guide</h1>
  {#if form}
    <form onsubmit={save} class="space-y-4">
      <GuideForm bind:form fixedCurrency />
      <Told {sentence} /><Told sentence={done} tone="moss" />
      <button class="btn btn-main">Save</button>
    </form>
  {/if}
</main>
