<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { tick } from 'svelte';

  /** One problem that fails a check: where it is mended, and why it is published anyway, said once the author asks to. */
  let {
    problem,
    others,
    href,
    except,
    withdraw,
  }: {
    problem: Schemas['ProblemView'];
    /** The other problems of this check that have no exception yet. */
    others: string[];
    href: string;
    except: (problems: string[], reason: string, shown: boolean) => Promise<boolean>;
    withdraw: (problem: string) => Promise<boolean>;
  } = $props();
  let asks = $state(false);
  let reason = $state('');
  let shown = $state(true);
  let forAll = $state(false);
  let opener = $state<HTMLButtonElement>();
  const id = $props.id();
  const focused = (node: HTMLInputElement) => node.focus();

  function ask(): void {
    reason = problem.earlier ?? '';
    forAll = false;
    asks = true;
  }

  async function close(): Promise<void> {
    asks = false;
    await tick();
    opener?.focus();
  }

  async function submit(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await except(forAll ? [problem.id, ...others] : [problem.id], reason, shown)) asks = false;
  }
</script>

<li>
  <div class="flex items-start justify-between gap-x-4">
    <div>
      <a id="{id}-problem" class="no-underline hover:underline" {href}>{problem.sentence}</a>
      {#if problem.detail}<span class="small block text-soft">{problem.detail}</span>{/if}
    </div>
    {#if !problem.exception && !asks}<button
        class="btn-quiet small shrink-0"
        bind:this={opener}
        aria-describedby="{id}-problem"
        onclick={ask}>Publish anyway</button
      >{/if}
  </div>
  {#if problem.exception}
    <p class="text-straw">
      Published anyway, because: {problem.exception.reason}
      <span class="small text-soft">{problem.exception.shown ? 'Readers see this.' : 'Readers do not see this.'}</span>
      <button class="btn-quiet small" aria-describedby="{id}-problem" onclick={() => void withdraw(problem.id)}
        >Withdraw</button
      >
    </p>
  {:else if asks}
    <form class="my-2 max-w-xl space-y-2" onsubmit={submit}>
      <label class="block"
        ><span class="label mb-1 block">Publish anyway, because</span><input
          class="field"
          required
          minlength="3"
          maxlength="1000"
          bind:value={reason}
          use:focused
          onkeydown={(e) => {
            if (e.key === 'Escape') void close();
          }}
        /></label
      >
      <p class="flex flex-wrap gap-x-6 gap-y-1">
        <label class="inline-flex items-center gap-2"
          ><input type="checkbox" bind:checked={shown} />Readers see this reason</label
        >
        {#if others.length}<label class="inline-flex items-center gap-2"
            ><input type="checkbox" bind:checked={forAll} />The same for {others.length === 1
              ? 'the other one'
              : `the other ${others.length}`} here</label
          >{/if}
      </p>
      <p class="flex gap-2">
        <button class="btn">Publish anyway</button><button type="button" class="btn-quiet" onclick={() => void close()}
          >Cancel</button
        >
      </p>
    </form>
  {:else if problem.earlier}<p class="small text-soft">Earlier: {problem.earlier}</p>{/if}
</li>
