<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { minorUnits } from '$lib/money';
  import { asks, orders, worded, type Clause, type Sentence } from './sentence';
  import WordPanel from './WordPanel.svelte';

  /** The query as a sentence: its underlined words open their choices. */
  let {
    sentence = $bindable(),
    plural,
    words,
    currency,
    active,
    onkey,
  }: {
    sentence: Sentence;
    plural: string;
    words: Schemas['WordView'][];
    currency: string;
    /** The id of the candidate that the keys work on. */
    active?: string;
    onkey: (event: KeyboardEvent) => void;
  } = $props();

  let opened = $state<string | null>(null);
  let adding = $state(false);
  const price = $derived({
    figure: 'price',
    label: 'price',
    unit: currency,
    holds: 'NUMBER' as const,
    values: [],
    notKnown: 0,
  });
  const all = $derived([price, ...words]);
  const inForce = $derived(all.filter((w) => asks(sentence.clauses[w.figure] ?? {})));
  const others = $derived(all.filter((w) => !asks(sentence.clauses[w.figure] ?? {}) && w.figure !== opened));
  const open = $derived(all.find((w) => w.figure === opened));

  function change(figure: string, clause: Clause): void {
    sentence = { ...sentence, clauses: { ...sentence.clauses, [figure]: clause } };
  }
  const inUnits = (figure: string, clause: Clause): Clause =>
    figure === 'price'
      ? {
          least: clause.least == null ? null : clause.least / minorUnits(currency),
          most: clause.most == null ? null : clause.most / minorUnits(currency),
        }
      : clause;
</script>

<div class="flex flex-wrap items-baseline gap-x-2 border-b border-ink px-6 pb-3 font-serif text-[20px] leading-8">
  <label
    >{plural} called
    <input
      class="w-44 border-b-2 border-moss/50 bg-transparent px-1 focus:border-moss focus:outline-none"
      aria-label="Name or figures"
      role="combobox"
      aria-expanded="true"
      aria-controls="candidates"
      aria-activedescendant={active}
      autocomplete="off"
      value={sentence.text}
      oninput={(e) => (sentence = { ...sentence, text: e.currentTarget.value })}
      onkeydown={onkey}
    /></label
  >{#each inForce as word (word.figure)}<span
      >with <button
        class="border-b-2 border-moss/60 hover:bg-tint"
        aria-expanded={opened === word.figure}
        onclick={() => ((opened = opened === word.figure ? null : word.figure), (adding = false))}
        >{worded(word, inUnits(word.figure, sentence.clauses[word.figure]!))}</button
      ></span
    >{/each}
  <button
    class="border-b-2 border-dotted border-moss/60 text-soft hover:bg-tint"
    aria-expanded={adding}
    onclick={() => ((adding = !adding), (opened = null))}>and …</button
  >
  <label
    >by <select
      class="border-b-2 border-moss/50 bg-transparent focus:border-moss focus:outline-none"
      aria-label="Order"
      value={sentence.by}
      onchange={(e) => (sentence = { ...sentence, by: e.currentTarget.value as Sentence['by'] })}
    >
      {#each orders as { order, label } (order)}<option value={order}>{label}</option>{/each}
    </select></label
  >
</div>
{#if adding}
  <div
    class="flex max-h-36 shrink-0 flex-wrap gap-x-4 gap-y-1 overflow-y-auto border-b border-hairline bg-tint px-6 py-3"
    role="group"
    aria-label="More filters"
  >
    {#each others as word (word.figure)}<button
        class="btn-quiet"
        onclick={() => ((opened = word.figure), (adding = false))}>{word.label}</button
      >{/each}
  </div>
{/if}
{#if open}
  <WordPanel
    word={open}
    clause={sentence.clauses[open.figure] ?? {}}
    factor={open.figure === 'price' ? minorUnits(currency) : 1}
    onchange={(clause) => change(open.figure, clause)}
    onclose={() => (opened = null)}
  />
{/if}
