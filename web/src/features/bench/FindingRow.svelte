<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Mark from '$ui/Mark.svelte';

  /** One finding with its evidence; a missing figure can be filled in, a caution answered. */
  let {
    finding,
    rules,
    href,
    onfill,
    onanswer,
  }: {
    finding: Schemas['FindingView'];
    /** Of all checks that wait for the same figure. */
    rules: string[];
    href: (line: string) => string;
    onfill?: (gap: Schemas['GapView']) => void;
    onanswer?: (words: string, everywhere?: boolean) => void;
  } = $props();
  let answering = $state(false);
  const canAnswer = $derived(
    !!onanswer && (finding.verdict === 'CAUTION' || (finding.verdict === 'NOT_KNOWN' && !finding.decisive)),
  );

  function send(words: string): void {
    answering = false;
    if (words !== (finding.answer ?? '')) onanswer?.(words);
  }
  const focused = (node: HTMLInputElement) => node.focus();
</script>

<li class="flex gap-2">
  <span class="pt-0.5"><Mark verdict={finding.verdict} /></span>
  <span class="min-w-0 flex-1 {finding.answer ? 'text-soft' : ''}"
    >{#if finding.lines[0]}<a class="no-underline hover:underline" href={href(finding.lines[0])} title={finding.rule}
        >{finding.evidence}</a
      >{:else}{finding.evidence}{/if}
    {#if rules.length > 1}<details class="small text-soft">
        <summary class="cursor-pointer">{rules.length} checks wait for it</summary>
        <ul class="list-disc pl-4">
          {#each rules as rule (rule)}<li>{rule}</li>{/each}
        </ul>
      </details>{/if}
    {#if answering}<input
        class="field small mt-0.5 py-0.5"
        aria-label="Answer to: {finding.evidence}"
        placeholder="why it may stand"
        maxlength="500"
        value={finding.answer ?? ''}
        use:focused
        onchange={(e) => send(e.currentTarget.value)}
        onblur={() => (answering = false)}
        onkeydown={(e) => e.key === 'Escape' && (answering = false)}
      />{:else if finding.answer}<span class="small block"
        >Answered{finding.carriedOver ? ' (carried over)' : ''}: {finding.answer}
        {#if canAnswer}<button
            class="btn-quiet small"
            aria-label="Answer the same in every build: {finding.evidence}"
            onclick={() => onanswer?.(finding.answer!, true)}>the same in every build</button
          >{/if}</span
      >{/if}{#each finding.earlier as words, i (i)}<span class="small block text-soft"
        >Answered earlier: {words}
        {#if canAnswer}<button class="btn-quiet small" onclick={() => onanswer?.(words)}>still true</button>{/if}</span
      >{/each}{#if finding.onUsualValue}<span class="small block text-soft">Goes by a usual value.</span>{/if}</span
  >
  {#if finding.gap && onfill}<button
      class="btn-quiet small shrink-0 self-start"
      aria-label="Fill in {finding.gap.label}"
      onclick={() => onfill(finding.gap!)}>fill in</button
    >{:else if canAnswer && !answering}<button
      class="btn-quiet small shrink-0 self-start"
      aria-label="Answer: {finding.evidence}"
      onclick={() => (answering = true)}>{finding.answer ? 'change' : 'answer'}</button
    >{/if}
</li>
