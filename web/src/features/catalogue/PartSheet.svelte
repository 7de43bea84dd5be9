<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import Pictures from '$features/pictures/Pictures.svelte';
  import { hint, shown, typed } from './figures';
  import PartIdentity from './PartIdentity.svelte';
  import SamePart from './SamePart.svelte';
  import SoftFacts from './SoftFacts.svelte';

  /** One part with all its figures, each of which can be corrected with where it is from; and what that touches. */
  let {
    part = $bindable(),
    figure,
    onchange,
    oncopy,
  }: {
    part: string | null;
    figure?: string;
    onchange?: () => void;
    /** A sibling is made from it. */
    oncopy?: (sheet: Schemas['PartSheet']) => void;
  } = $props();
  const queries = useQueryClient();
  let source = $state('');
  let sentence = $state('');
  let touched = $state(false);

  const kinds = createQuery(() => ({
    queryKey: ['kinds'],
    queryFn: () => taken(api.GET('/api/kinds', {})),
    staleTime: Infinity,
  }));
  const sheet = createQuery(() => ({
    queryKey: ['part', part],
    queryFn: () => taken(api.GET('/api/parts/{id}', { params: { path: { id: part! } } })),
    enabled: part != null,
  }));
  const uses = createQuery(() => ({
    queryKey: ['uses', part],
    queryFn: () => taken(api.GET('/api/parts/{id}/uses', { params: { path: { id: part! } } })),
    enabled: part != null,
  }));
  const view = $derived(sheet.data);
  const fields = $derived(kinds.data?.find((k) => k.kind === view?.part.kind)?.fields ?? []);
  const groups = $derived([...new Set(fields.map((f) => f.group))]);
  const inWork = $derived((uses.data ?? []).filter((u) => !u.published));
  const published = $derived([...new Set((uses.data ?? []).filter((u) => u.published).map((u) => u.number))]);
  const spec = $derived((view?.part.spec ?? {}) as Record<string, unknown>);
  const from = $derived((view?.provenance ?? {}) as unknown as Record<string, { source: string; on: string }>);

  async function correct(body: Schemas['Correction']): Promise<void> {
    try {
      await taken(
        api.PATCH('/api/parts/{id}', {
          params: { path: { id: part! }, header: { 'If-Match': `"${view!.version}"` } },
          body,
        }),
      );
      sentence = '';
      touched = true;
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries({ queryKey: ['part', part] });
    await queries.invalidateQueries({ queryKey: ['parts'] });
    onchange?.();
  }

  const set = (field: Schemas['FieldView'], text: string) =>
    void correct({
      figures: { [field.name]: typed(field, text) } as Schemas['Correction']['figures'],
      source: source || undefined,
    });

  function focused(node: HTMLInputElement, name: string): void {
    if (name === figure) setTimeout(() => node.focus());
  }
</script>

<Dialog
  bind:open={() => part != null, (o) => !o && ((part = null), (touched = false), (sentence = ''))}
  title={view?.part.fullName ?? 'Part'}
  wide
>
  <div class="grid min-h-0 overflow-y-auto lg:grid-cols-[1fr_280px] lg:overflow-hidden">
    <div class="overflow-y-auto px-6 py-3">
      <div class="mb-2"><Told {sentence} /></div>
      {#if view}{#key view.version}<PartIdentity sheet={view} oncorrect={(body) => void correct(body)} />{/key}{/if}
      {#each groups as group (group)}
        <fieldset class="mb-3">
          <legend class="label border-b border-hairline">{group}</legend>
          <div class="grid gap-x-6 sm:grid-cols-2">
            {#each fields.filter((f) => f.group === group) as field (field.name)}
              <label class="flex items-baseline justify-between gap-2 py-0.5"
                ><span class="small {spec[field.name] == null ? 'text-slate' : ''}"
                  >{field.label}{field.unit ? `, ${field.unit}` : ''}</span
                ><input
                  class="field small w-40 py-0.5"
                  placeholder={spec[field.name] == null ? 'not known' : hint(field)}
                  title={hint(field)}
                  value={shown(field, spec[field.name])}
                  use:focused={field.name}
                  onchange={(e) => set(field, e.currentTarget.value)}
                /></label
              >
              {#if from[field.name]?.source}<p class="small -mt-1 pb-1 text-right text-soft sm:col-span-1">
                  {from[field.name]!.source}, {from[field.name]!.on}
                </p>{/if}
            {/each}
          </div>
        </fieldset>
      {/each}
    </div>
    <aside class="space-y-4 overflow-y-auto border-l border-hairline px-5 py-3">
      <label class="block"
        ><span class="label">Where the figures you type are from</span><input
          class="field"
          maxlength="200"
          placeholder="the maker's page, measured, …"
          bind:value={source}
        /></label
      >
      <label class="block"
        ><span class="label">Advised against, because</span><input
          class="field"
          maxlength="500"
          value={view?.avoid ?? ''}
          onchange={(e) => void correct({ avoid: e.currentTarget.value })}
        /></label
      >
      {#if view}{#key view.part.id}<Pictures of={{ part: view.part.id }} /><SoftFacts part={view.part.id} />{/key}{/if}
      {#if view}<SamePart part={view.part} version={view.version} onmerged={(into) => (part = into)} />{/if}
      {#if view && oncopy}<p>
          <button
            class="btn-quiet small"
            onclick={() => {
              const sheet = view;
              part = null;
              oncopy(sheet);
            }}>Copy to a sibling</button
          >
        </p>{/if}
      {#if view?.siblings.length}<section>
          <p class="label">Siblings</p>
          {#each view.siblings as sibling (sibling.id)}<p>
              <button class="btn-quiet small text-left" onclick={() => (part = sibling.id)}
                >{sibling.variant || sibling.name}</button
              >
            </p>{/each}
        </section>{/if}
      <section>
        <p class="label">{touched ? 'The correction touches' : 'Used by'}</p>
        {#each inWork as use (use.line)}<p class="small">
            <a
              class="no-underline hover:underline"
              href="/guides/{use.guide}/editions/{use.edition}/builds/{use.build}/lines/{use.line}">{use.where}</a
            >
          </p>{/each}
        {#if published.length}<p class="small text-soft">
            Published: edition {published.join(', ')}; these do not change.
          </p>{/if}
        {#if uses.data?.length === 0}<p class="small text-soft">No choice.</p>{/if}
      </section>
      {#if view?.changes.length}<section>
          <p class="label">Changes</p>
          {#each view.changes.slice(0, 6) as change (change.at + change.what)}<p class="small text-soft">
              {change.at.slice(0, 10)}: {change.what}
            </p>{/each}
        </section>{/if}
    </aside>
  </div>
</Dialog>
