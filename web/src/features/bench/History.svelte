<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';

  /** Who did what to this build; an older state can be brought back, and that is a step of its own. */
  let {
    open = $bindable(),
    edition,
    build,
    format,
    isOpen,
    onchange,
  }: {
    open: boolean;
    edition: string;
    build: string;
    format: Format;
    isOpen: boolean;
    onchange: () => void;
  } = $props();
  let sentence = $state('');
  const steps = createQuery(() => ({
    queryKey: ['history', edition, build, open],
    queryFn: () =>
      taken(api.GET('/api/editions/{edition}/builds/{build}/history', { params: { path: { edition, build } } })),
    enabled: open,
  }));

  async function back(step: number): Promise<void> {
    try {
      const newest = steps.data?.[0]?.id ?? step;
      await taken(
        api.POST('/api/editions/{edition}/history/{step}/back', {
          params: { path: { edition, step }, header: { 'If-Match': `"${newest}"` } },
        }),
      );
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await steps.refetch();
    onchange();
  }
</script>

<Dialog bind:open title="History of this build">
  <div class="overflow-y-auto px-6 py-3">
    <Told {sentence} />
    {#each steps.data ?? [] as step (step.id)}
      <div class="flex items-baseline justify-between gap-3 border-b border-hairline py-1">
        <span class={step.undone ? 'text-soft line-through' : ''}
          >{step.form === 'UNDO' ? 'Undone: ' : step.form === 'REDO' ? 'Redone: ' : ''}{step.label}
          <span class="small text-soft no-underline">{step.by}, {format.date(step.at)}</span></span
        >
        {#if isOpen}<button
            class="btn-quiet small shrink-0"
            aria-label="Back to before {step.label}"
            onclick={() => void back(step.id)}>Back to before</button
          >{/if}
      </div>
    {:else}<p class="py-3 text-soft">Nothing was changed in this build yet.</p>{/each}
  </div>
</Dialog>
