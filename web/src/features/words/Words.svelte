<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import ReasonEditor from '$features/bench/ReasonEditor.svelte';
  import Pictures from '$features/pictures/Pictures.svelte';
  import { asMarkdown } from '$features/pictures/pictures';
  import { api, Problem, taken, type Schemas } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import { HANDLED, textOf, wrong } from './words';

  /** Introductions and verdicts: of the edition, each tier and build, and what stands side by side. */
  let {
    open = $bindable(),
    about = $bindable(''),
    edition,
  }: { open: boolean; about?: string; edition: string } = $props();
  const queries = useQueryClient();
  const all = createQuery(() => ({
    queryKey: ['texts', edition],
    queryFn: () => taken(api.GET('/api/editions/{edition}/texts', { params: { path: { edition } } })),
    enabled: open,
  }));
  let sentence = $state('');
  const place = $derived(all.data?.places.find((p) => p.id === about) ?? all.data?.places[0]);
  const text = $derived(place && textOf(all.data!, place));
  // The first place is the edition, which is written about under its guide.
  const guide = $derived(all.data?.places[0]?.id);
  let introduction = $state<ReasonEditor>();
  let verdict = $state<ReasonEditor>();
  let isInVerdict = $state(false);

  const facts = () =>
    taken(
      api.GET('/api/editions/{edition}/texts/{place}/{id}/facts', {
        params: { path: { edition, place: place!.place, id: place!.id } },
      }),
    );

  /** What is wrong with a text stands in the desk's queue, too. */
  async function again(): Promise<void> {
    await queries.invalidateQueries({ queryKey: ['texts', edition] });
    await queries.invalidateQueries({ queryKey: ['desk'] });
  }

  /** What was carried over has been read, and it is still so. */
  async function confirm(): Promise<void> {
    if (!place || !text) return;
    try {
      await taken(
        api.POST('/api/editions/{edition}/texts/{place}/{id}/confirmation', {
          params: {
            path: { edition, place: place.place, id: place.id },
            header: { 'If-Match': `"${text.version}"` },
          },
        }),
      );
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await again();
  }

  async function save(change: Partial<Schemas['TextState']>): Promise<void> {
    if (!place || !text) return;
    try {
      await taken(
        api.PUT('/api/editions/{edition}/texts/{place}/{id}', {
          params: {
            path: { edition, place: place.place, id: place.id },
            header: { 'If-Match': `"${text.version}"` },
          },
          body: { ...text.state, ...change },
        }),
      );
      sentence = '';
    } catch (problem) {
      sentence = problem instanceof Problem ? problem.message : (problem as Error).message;
    }
    await again();
  }
</script>

{#snippet unread(of: string)}
  {@const left = text!.state.unread?.filter((s) => of.includes(s)) ?? []}
  {#each left as said (said)}<p class="small mt-1 text-straw">From the last edition: “{said}”</p>{/each}
{/snippet}

{#snippet proof(of: Schemas['TextReading'] | undefined)}
  {#if of?.html}
    <div class="mt-1 border-l-2 border-hairline pl-4">
      <p class="label">As readers see it today</p>
      <!-- Sanitised by the server exactly as on the readers' page. -->
      <!-- eslint-disable-next-line svelte/no-at-html-tags -->
      <div class="reader-text">{@html of.html}</div>
    </div>
  {/if}
  {#each wrong(of) as said (said)}<p role="alert" class="small mt-1 text-clay">{said}</p>{/each}
{/snippet}

<Dialog bind:open title="Introductions and verdicts" wide>
  <div class="grid min-h-0 flex-1 gap-6 overflow-y-auto p-6 pt-2 sm:grid-cols-[220px_minmax(0,1fr)]">
    <ul aria-label="What a text is about">
      {#each all.data?.places ?? [] as p (p.id)}
        {@const written = textOf(all.data!, p)}
        <li>
          <button
            class="w-full border-b border-hairline px-2 py-1 text-left {p.id === place?.id ? 'bg-tint' : ''}"
            aria-current={p.id === place?.id ? 'true' : undefined}
            onclick={() => (about = p.id)}
            ><span class="first-letter:uppercase">{p.name}</span>{#if written.version}<span
                class="small block text-soft"
                >written{wrong(written.introduction).length +
                wrong(written.verdict).length +
                (written.state.unread?.length ?? 0)
                  ? ', look again'
                  : ''}</span
              >{/if}</button
          >
        </li>
      {/each}
    </ul>
    <div>
      <Told {sentence} />
      {#if place && text}
        {#key place.id}
          <h2 class="mb-1">Introduction</h2>
          <div onfocusin={() => (isInVerdict = false)}>
            <ReasonEditor
              bind:this={introduction}
              value={text.state.introduction}
              label="Introduction to {place.name}"
              {facts}
              slips={text.introduction?.slips}
              onsave={(introduction) => void save({ introduction })}
            />
          </div>
          {@render unread(text.state.introduction)}
          {@render proof(text.introduction)}
          <h2 class="mt-4 mb-1">Verdict</h2>
          <div onfocusin={() => (isInVerdict = true)}>
            <ReasonEditor
              bind:this={verdict}
              value={text.state.verdict}
              label="Verdict on {place.name}"
              {facts}
              slips={text.verdict?.slips}
              onsave={(verdict) => void save({ verdict })}
            />
          </div>
          {@render unread(text.state.verdict)}
          {@render proof(text.verdict)}
          {#if text.state.unread?.length}<button class="btn-quiet mt-2" onclick={() => void confirm()}
              >Still correct</button
            >{/if}
          {#if place.place === 'BUILD'}
            <div class="mt-4 grid gap-4 sm:grid-cols-2">
              <label class="block"
                ><span class="label">How far you have handled it</span><select
                  class="field"
                  value={text.state.handled ?? ''}
                  onchange={(e) =>
                    void save({ handled: (e.currentTarget.value || undefined) as Schemas['TextState']['handled'] })}
                  ><option value="">not said</option>{#each HANDLED as h (h.value)}<option value={h.value}
                      >{h.label}</option
                    >{/each}</select
                ></label
              >
              <label class="block"
                ><span class="label">What you disclose of it</span><input
                  class="field"
                  maxlength="500"
                  placeholder="The maker lent us the case."
                  value={text.state.disclosure}
                  onchange={(e) => void save({ disclosure: e.currentTarget.value })}
                /></label
              >
            </div>
          {/if}
        {/key}
        {#if guide}<div class="mt-4">
            <Pictures of={{ guide }} onput={(p) => (isInVerdict ? verdict : introduction)?.put(asMarkdown(p))} />
          </div>{/if}
      {/if}
    </div>
  </div>
</Dialog>
