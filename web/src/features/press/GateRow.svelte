<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Mark from '$ui/Mark.svelte';
  import Told from '$ui/Told.svelte';

  /** One gate: it holds, it is waived for a written reason, or what stands against it. */
  let { gate, slug, edition }: { gate: Schemas['GateView']; slug: string; edition: string } = $props();
  const queries = useQueryClient();
  let reason = $state('');
  let sentence = $state('');
  const path = $derived({ path: { edition, gate: gate.gate }, header: { 'If-Match': `"${gate.version}"` } });

  async function said(asked: Promise<unknown>): Promise<void> {
    try {
      await asked;
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries({ queryKey: ['preflight'] });
  }

  function waive(event: SubmitEvent): void {
    event.preventDefault();
    void said(taken(api.PUT('/api/editions/{edition}/waivers/{gate}', { params: path, body: { reason } })));
  }
</script>

<section class="border-b border-hairline py-3" aria-label={gate.rule}>
  <h2 class="flex items-center gap-2">
    <Mark verdict={gate.problems.length === 0 ? 'FITS' : gate.waiver ? 'CAUTION' : 'CLASH'} />{gate.rule}<span
      class="small font-normal text-soft"
      >{gate.problems.length === 0 ? 'passed' : gate.waiver ? 'exception' : 'failed'}</span
    >
  </h2>
  {#if gate.problems.length}
    <ul class="mt-1 pl-5">
      {#each gate.problems as problem, i (i)}<li>
          <a
            class="no-underline hover:underline"
            href="/guides/{slug}/editions/{edition}/builds/{problem.builds[0]}/lines/{problem.line ?? 'first'}"
            >{problem.sentence}</a
          >{#if problem.detail}<span class="small block text-soft">{problem.detail}</span>{/if}
        </li>{/each}
    </ul>
    {#if gate.waiver}
      <p class="mt-1 pl-5 text-straw">
        Published anyway, because: {gate.waiver}
        <button
          class="btn-quiet small"
          onclick={() => void said(taken(api.DELETE('/api/editions/{edition}/waivers/{gate}', { params: path })))}
          >Withdraw</button
        >
      </p>
    {:else}
      {#if gate.earlier}
        <p class="mt-1 pl-5 text-soft">
          Earlier exception, for other problems than these: {gate.earlier}
          <button class="btn-quiet small" onclick={() => (reason = gate.earlier ?? '')}>Use this reason again</button>
        </p>
      {/if}
      <form class="mt-2 flex gap-2 pl-5" onsubmit={waive}>
        <input
          class="field max-w-md"
          aria-label="Publish anyway, because: {gate.rule}"
          placeholder="publish anyway, because …"
          required
          minlength="3"
          maxlength="1000"
          bind:value={reason}
        /><button class="btn">Publish anyway</button>
      </form>
    {/if}
  {/if}
  <Told {sentence} />
</section>
