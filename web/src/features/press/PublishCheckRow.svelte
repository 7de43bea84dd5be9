<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Mark from '$ui/Mark.svelte';
  import Told from '$ui/Told.svelte';
  import PublishProblem from './PublishProblem.svelte';

  /** One check before publishing: it passes, or each problem that fails it with its exception. */
  let { check, slug, edition }: { check: Schemas['CheckView']; slug: string; edition: string } = $props();
  const queries = useQueryClient();
  let sentence = $state('');
  const open = $derived(check.problems.filter((p) => !p.exception));
  const tally = $derived(
    !check.problems.length
      ? 'passed'
      : check.passes
        ? check.problems.length === 1
          ? 'exception'
          : `${check.problems.length} exceptions`
        : `${open.length} of ${check.problems.length} to decide`,
  );

  /** Whether it was done. */
  async function said(asked: Promise<unknown>): Promise<boolean> {
    let isDone = false;
    try {
      await asked;
      sentence = '';
      isDone = true;
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries({ queryKey: ['publish-checks'] });
    return isDone;
  }

  const except = (problems: string[], reason: string, shown: boolean): Promise<boolean> =>
    said(
      taken(
        api.POST('/api/editions/{edition}/exceptions', {
          params: { path: { edition } },
          body: { problems, reason, shown },
        }),
      ),
    );

  const withdraw = (problem: string): Promise<boolean> =>
    said(taken(api.DELETE('/api/editions/{edition}/exceptions/{problem}', { params: { path: { edition, problem } } })));
</script>

<section class="border-b border-hairline py-3" aria-label={check.rule}>
  <h2 class="flex items-center gap-2">
    <Mark verdict={!check.problems.length ? 'FITS' : check.passes ? 'CAUTION' : 'CLASH'} />{check.rule}<span
      class="small font-normal text-soft">{tally}</span
    >
  </h2>
  {#if check.problems.length}
    <ul class="mt-1 space-y-1 pl-5">
      {#each check.problems as problem (problem.id)}<PublishProblem
          {problem}
          others={open.filter((p) => p.id !== problem.id).map((p) => p.id)}
          href={problem.text
            ? `/guides/${slug}?text=${problem.text}`
            : `/guides/${slug}/editions/${edition}/builds/${problem.builds[0]}/lines/${problem.line ?? 'first'}`}
          {except}
          {withdraw}
        />{/each}
    </ul>
  {/if}
  {#each check.earlier as reason (reason)}<p class="small mt-1 pl-5 text-soft">Earlier: {reason}</p>{/each}
  <Told {sentence} />
</section>
