<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { BenchState } from './bench.svelte';
  import ReasonEditor from './ReasonEditor.svelte';
  import { hasFacts } from './reasonFacts';
  import ReasonHelp from './ReasonHelp.svelte';
  import ReasonPreview from './ReasonPreview.svelte';
  import ReasonSlips from './ReasonSlips.svelte';
  import TypedFacts from './TypedFacts.svelte';

  /** Why the choice of a line stands: written, helped, and shown as readers will see it. */
  let {
    state: bench,
    line,
    onnext,
  }: {
    state: BenchState;
    line: Schemas['LineView'];
    /** Goes on to the next slot. */
    onnext: () => void;
  } = $props();
  const open = $derived(bench.isOpen);
  let editor = $state<ReasonEditor>();
  const standing = $derived(bench.reasons.of(line.id));
  const isStale = $derived(line.reasonStale || !!standing?.changes.length);

  /** Puts the cursor into the text. */
  export function write(): void {
    editor?.write();
  }
</script>

<div class="mt-3 mb-1.5 flex items-center justify-between">
  <h2>
    Why this one {#if open}<button class="btn-quiet small font-normal" onclick={write}
        ><span class="key">w</span> write</button
      >{/if}
  </h2>
  <span class="small text-soft">
    {#if isStale || standing?.move}<span class="font-medium text-clay"
        >{line.reasonStale ? 'written for another choice' : isStale ? 'stale' : 'read it once more'}</span
      >
      {#if open}<button class="btn-quiet small" onclick={() => void bench.edit(line.id, { confirmReason: true })}
          ><span class="key">v</span> it still holds</button
        >{/if}
    {:else if bench.isAway}the server is away; kept here, and sent again
    {:else if bench.waiting}saving…{:else if line.reason}saved{/if}
  </span>
</div>
<!-- Where there is room the text keeps a margin, in which what differs stands; else that stands below. -->
<div class="@container">
  <div class="@min-[860px]:grid @min-[860px]:grid-cols-[minmax(0,1fr)_264px] @min-[860px]:gap-4">
    {#key line.id}<ReasonEditor
        bind:this={editor}
        {onnext}
        value={line.reason}
        facts={() => bench.facts(line.id)}
        slips={standing?.slips ?? []}
        onmeant={(slip) => void bench.edit(line.id, { meantSo: slip.key })}
        label="Reason for {line.label}"
        readonly={!open}
        onsave={(text) => void bench.edit(line.id, { reason: text })}
        ontyping={(typing) => {
          bench.isTyping = typing;
          bench.catchUp();
        }}
      />{/key}
    {#if open}<ReasonSlips
        slips={standing?.slips ?? []}
        onright={(slip) => void bench.mend(line.id, slip, slip.right!)}
        onfact={(slip) => void bench.mend(line.id, slip, slip.fact!)}
        onmeant={(slip) => void bench.edit(line.id, { meantSo: slip.key })}
      />{/if}
  </div>
</div>
{#if !line.reasonStale}{#each standing?.changes ?? [] as change (change)}<p class="small mt-1.5 text-clay">
      {change}
    </p>{/each}{#if standing?.move}<p class="small mt-1.5 text-soft">{standing.move}</p>{/if}{/if}
{#if standing && !standing.isReadWhole}<p class="small mt-1.5 text-straw">
    Only the first 300 figures and names of this reason are checked.
  </p>{/if}
{#if open}<TypedFacts
    facts={standing?.facts ?? []}
    onfacts={(facts) => void bench.makeFacts(line.id, facts)}
  /><ReasonHelp
    edition={bench.edition}
    line={line.id}
    choice={line.label}
    reason={line.reason}
    onuse={(markdown) => void bench.edit(line.id, { reason: markdown })}
  />{/if}
{#if hasFacts(line.reason)}<ReasonPreview
    edition={bench.edition}
    line={line.id}
    text={line.reason}
    stamp={line.goods.minor}
  />{/if}
