<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';

  /** What a reader would ask while nothing is written, and what was written of the part before. */
  let {
    edition,
    line,
    choice,
    reason,
    onuse,
  }: {
    edition: string;
    line: string;
    /** What stands there: for another choice other questions are asked. */
    choice: string;
    /** What is written now. */
    reason: string;
    onuse: (markdown: string) => void;
  } = $props();
  const help = createQuery(() => ({
    queryKey: ['reason-help', edition, line, choice],
    queryFn: () =>
      taken(api.GET('/api/editions/{edition}/lines/{line}/reason-help', { params: { path: { edition, line } } })),
  }));
  const isEmpty = $derived(!reason.trim());
  const earlier = $derived((help.data?.earlier ?? []).filter((text) => text.markdown !== reason));
</script>

{#if help.data && isEmpty}
  <ul aria-label="What a reader would ask" class="small mt-2 list-disc pl-5 text-soft">
    {#each help.data.questions as question (question)}<li>{question}</li>{/each}
  </ul>
{/if}
{#if earlier.length}
  <details class="mt-2" open={isEmpty}>
    <summary class="cursor-pointer text-soft">Earlier reasons for this part or its family: {earlier.length}</summary>
    {#each earlier as text (text.markdown)}
      <div class="border-b border-hairline py-2">
        <p class="small text-soft">
          {text.where}{text.isSamePart ? '' : `, for the ${text.of}`}
        </p>
        <p class="line-clamp-3">{text.markdown}</p>
        <button class="btn-quiet small" aria-label="Use the reason of {text.where}" onclick={() => onuse(text.markdown)}
          >{isEmpty ? 'Use it' : 'Use it instead'}</button
        >
      </div>
    {/each}
  </details>
{/if}
