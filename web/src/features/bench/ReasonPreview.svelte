<script lang="ts">
  import { createQuery, keepPreviousData } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';

  /** A reason as readers would see it today, and what of its facts cannot be printed. */
  let { edition, line, text, stamp }: { edition: string; line: string; text: string; stamp: unknown } = $props();
  const preview = createQuery(() => ({
    queryKey: ['reason-preview', edition, line, text, stamp],
    queryFn: () =>
      taken(
        api.POST('/api/editions/{edition}/lines/{line}/reason-preview', {
          params: { path: { edition, line } },
          body: { markdown: text },
        }),
      ),
    placeholderData: keepPreviousData,
  }));
</script>

{#if preview.data}
  <section aria-label="As readers see it" class="mt-2 border-l-2 border-hairline pl-4">
    <p class="label">As readers see it today</p>
    <!-- Sanitised by the server exactly as on the readers' page. -->
    <!-- eslint-disable-next-line svelte/no-at-html-tags -->
    <div class="reader-text">{@html preview.data.html}</div>
    {#each preview.data.problems as problem (problem.written)}<p role="alert" class="small text-clay">
        {problem.sentence}
      </p>{/each}
  </section>
{/if}
