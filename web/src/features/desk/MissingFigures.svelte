<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { hint, typed } from '$features/catalogue/figures';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';

  type Figure = Schemas['MissingFigure'];

  /** Figures that the parts of an edition lack, the most decisive first: type one, Enter, next. */
  let { open = $bindable(), edition, onfilled }: { open: boolean; edition: string; onfilled: () => void } = $props();
  const queries = useQueryClient();
  let source = $state('');
  let sentence = $state('');
  let told = $state('');
  const missing = createQuery(() => ({
    queryKey: ['missing', edition],
    enabled: open,
    queryFn: () => taken(api.GET('/api/editions/{edition}/missing-figures', { params: { path: { edition } } })),
  }));
  const figures = $derived(missing.data?.figures ?? []);
  let wasAsked = false;
  $effect(() => {
    if (!open) wasAsked = false;
    else if (figures.length && !wasAsked) {
      wasAsked = true;
      const first = `missing-${figures[0]!.part}-${figures[0]!.field}`;
      setTimeout(() => document.getElementById(first)?.focus());
    }
  });
  const counted = (many: number, one: string) => `${many} ${one}${many === 1 ? '' : 's'}`;

  async function fill(figure: Figure, input: HTMLInputElement): Promise<void> {
    const text = input.value;
    if (!text.trim()) return;
    try {
      const id = figure.part;
      const { version } = await taken(api.GET('/api/parts/{id}', { params: { path: { id } } }));
      await taken(
        api.PATCH('/api/parts/{id}', {
          params: { path: { id }, header: { 'If-Match': `"${version}"` } },
          body: {
            figures: { [figure.field]: typed(figure, text) } as Schemas['Correction']['figures'],
            source: source || undefined,
          },
        }),
      );
      sentence = '';
      told = `${figure.partName}: ${figure.label} ${text.trim()}`;
      const fields = [...(input.closest('ul')?.querySelectorAll('input') ?? [])];
      const next = fields[fields.indexOf(input) + 1]?.id;
      await queries.invalidateQueries({ queryKey: ['missing', edition] });
      onfilled();
      if (next) document.getElementById(next)?.focus();
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }

  function pressed(event: KeyboardEvent & { currentTarget: HTMLInputElement }, figure: Figure): void {
    if (event.key !== 'Enter') return;
    event.preventDefault();
    void fill(figure, event.currentTarget);
  }
</script>

<Dialog bind:open title="Missing figures" wide>
  <div class="min-h-0 space-y-3 overflow-y-auto px-6 py-4">
    {#if missing.isError}<Told sentence={(missing.error as Error).message} />{/if}
    {#if missing.data}<p aria-live="polite">
        {figures.length
          ? `${counted(figures.length, 'figure')} would decide ${counted(missing.data.checks, 'check')}.`
          : 'No figure is missing that a check of this edition needs.'}
      </p>{/if}
    {#if figures.length}<label class="block max-w-md"
        ><span class="label">Where the figures you type are from</span><input
          class="field"
          maxlength="200"
          placeholder="the maker’s page, measured, …"
          bind:value={source}
        /></label
      >{/if}
    <Told {sentence} /><Told sentence={told} tone="moss" />
    <ul>
      {#each figures as figure (figure.part + figure.field)}
        <li class="grid items-baseline gap-x-4 border-b border-hairline py-1.5 sm:grid-cols-[minmax(0,1fr)_180px_90px]">
          <label for="missing-{figure.part}-{figure.field}"
            ><span class="font-medium">{figure.label}{figure.unit ? `, ${figure.unit}` : ''}</span> of {figure.partName}
            <span class="small block text-soft">{figure.rules.join('. ')}. {figure.builds.join(', ')}</span></label
          >
          <input
            id="missing-{figure.part}-{figure.field}"
            class="field"
            placeholder={hint(figure) || 'not known'}
            onkeydown={(event) => pressed(event, figure)}
          />
          <span class="small text-right {figure.isDecisive ? 'text-slate' : 'text-soft'}"
            >{counted(figure.checks, 'check')}</span
          >
        </li>
      {/each}
    </ul>
  </div>
</Dialog>
