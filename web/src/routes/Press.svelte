<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import { Format } from '$lib/format';
  import { useDesk } from '$features/guide/queries';
  import PublishCheckRow from '$features/press/PublishCheckRow.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import { route } from './router';

  const slug = $derived((route.params as Record<string, string>).guide!);
  const queries = useQueryClient();
  const desk = useDesk(() => slug);
  const edition = $derived(desk.data?.edition);
  const inWork = $derived(edition?.state === 'IN_WORK');
  const checks = createQuery(() => ({
    queryKey: ['publish-checks', edition?.id],
    enabled: inWork,
    queryFn: () =>
      taken(api.GET('/api/editions/{edition}/publish-checks', { params: { path: { edition: edition!.id } } })),
    staleTime: 0,
  }));
  // What is published is what is seen here: choices and texts of this version, at about these totals.
  const proof = createQuery(() => ({
    queryKey: ['publish-checks', edition?.id, 'proof'],
    enabled: inWork,
    queryFn: () => taken(api.GET('/api/editions/{edition}/proof', { params: { path: { edition: edition!.id } } })),
    staleTime: 0,
  }));
  const format = $derived(
    desk.data ? new Format(desk.data.guide.currency, desk.data.guide.locale, desk.data.guide.zone) : null,
  );
  const failed = $derived((checks.data ?? []).filter((c) => !c.passes).length);
  let asking = $state(false);
  let isBusy = $state(false);
  let sentence = $state('');
  let published = $state<{ edition: number; hash: string; address: string } | null>(null);

  async function publish(): Promise<void> {
    isBusy = true;
    sentence = '';
    try {
      published = await taken(
        api.POST('/api/editions/{edition}/publication', {
          params: { path: { edition: edition!.id }, header: { 'If-Match': `"${proof.data!.version}"` } },
          body: { totals: proof.data!.totals },
        }),
      );
      await queries.invalidateQueries();
    } catch (problem) {
      sentence = (problem as Error).message;
      await Promise.all([checks.refetch(), proof.refetch()]);
    }
    isBusy = false;
    asking = false;
  }
</script>

<svelte:head><title>Press · Lowfield</title></svelte:head>

<main class="mx-auto max-w-[1000px] px-4 py-4 sm:px-6">
  {#if published}
    <Told tone="moss" sentence="Edition {published.edition} is published." />
    <p class="my-3">
      Readers find it at <a class="underline" href={published.address} target="_blank" rel="noreferrer"
        >{published.address}</a
      >. Its snapshot has the hash <code class="small break-all">{published.hash}</code>.
    </p>
  {/if}
  {#if desk.isSuccess && !inWork}
    <h1 class="text-[17px]">Press</h1>
    <p class="py-2 text-soft">
      {edition
        ? `Edition ${edition.number} is published and stays as it is. Open the next one at the desk.`
        : 'There is no edition in work; make the first one at the desk.'}
    </p>
  {:else if edition}
    <div class="flex items-center justify-between border-b border-ink pb-2">
      <div>
        <h1 class="text-[17px]">Edition {edition.number} to press</h1>
        <p class="text-soft" aria-live="polite">
          {checks.data
            ? failed
              ? `${failed} of ${checks.data.length} checks fail`
              : 'Every check passes or has an exception'
            : 'Looking…'}
        </p>
      </div>
      <div class="flex gap-2">
        <a class="btn no-underline" href="/api/editions/{edition.id}/preview" target="_blank" rel="noreferrer"
          >Preview the page</a
        >
        <button
          class="btn btn-main"
          disabled={!checks.data || !proof.data || failed > 0 || isBusy}
          onclick={() => (asking = true)}>Publish</button
        >
      </div>
    </div>
    <Told {sentence} />
    {#each checks.data ?? [] as check (check.check)}<PublishCheckRow {check} {slug} edition={edition.id} />{/each}
    <Dialog bind:open={asking} title="Publish edition {edition.number}?">
      <div class="space-y-4 px-6 py-4">
        <p>Everything shown is frozen with today's prices and reasons. A published edition does not change.</p>
        {#if proof.data && format}
          <ul aria-label="Totals">
            {#each proof.data.totals as total (total.build)}<li class="flex justify-between">
                <span>{total.name}</span><span
                  >{total.totalMinor == null ? 'not known' : format.money(total.totalMinor)}</span
                >
              </li>{/each}
          </ul>
        {/if}
        <div class="flex gap-2">
          <button class="btn btn-main" disabled={isBusy} onclick={publish}>Publish it</button><button
            class="btn"
            onclick={() => (asking = false)}>Not yet</button
          >
        </div>
      </div>
    </Dialog>
  {/if}
</main>
