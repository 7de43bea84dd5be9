<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Clause } from './sentence';

  /** What one word of the sentence can be changed to, with counts among the parts that meet everything else. */
  let {
    word,
    clause,
    factor = 1,
    onchange,
    onclose,
  }: {
    word: Pick<Schemas['WordView'], 'label' | 'unit' | 'holds' | 'values' | 'notKnown'>;
    clause: Clause;
    /** How many of the stored unit make one as it is typed: 100 for a price. */
    factor?: number;
    onchange: (clause: Clause) => void;
    onclose: () => void;
  } = $props();

  const words = $derived(clause.words ?? []);
  const shown = (n?: number | null) => (n == null ? '' : String(n / factor));
  const typed = (text: string) => (text === '' ? null : Math.max(0, Math.round(Number(text) * factor)));
  const toggled = (value: string) => (words.includes(value) ? words.filter((w) => w !== value) : [...words, value]);
</script>

<div
  class="max-h-44 shrink-0 overflow-y-auto border-b border-hairline bg-tint px-6 py-3"
  role="group"
  aria-label="Choices for {word.label}"
>
  <div class="flex items-start justify-between gap-4">
    {#if word.holds === 'NUMBER'}
      <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
        <label class="flex items-center gap-2"
          >{word.label} from<input
            class="field w-24"
            type="number"
            min="0"
            value={shown(clause.least)}
            onchange={(e) => onchange({ ...clause, least: typed(e.currentTarget.value) })}
          /></label
        >
        <label class="flex items-center gap-2"
          >to<input
            class="field w-24"
            type="number"
            min="0"
            value={shown(clause.most)}
            onchange={(e) => onchange({ ...clause, most: typed(e.currentTarget.value) })}
          />{word.unit}</label
        >
        {#each word.values.slice(0, 14) as value (value.value)}
          <button
            class="btn-quiet small"
            onclick={() => onchange({ ...clause, least: Number(value.value) })}
            aria-label="{value.value} {word.unit} or more"
            >{value.value} <span class="text-soft">({value.count})</span></button
          >
        {/each}
      </div>
    {:else if word.holds === 'YES_NO'}
      <div class="flex gap-5">
        {#each [true, false] as yes (yes)}
          <label class="flex items-center gap-2"
            ><input type="radio" name="yes-no" checked={clause.yes === yes} onchange={() => onchange({ yes })} />{yes
              ? 'yes'
              : 'no'}
            <span class="text-soft">({word.values.find((v) => v.value === (yes ? 'yes' : 'no'))?.count ?? 0})</span
            ></label
          >
        {/each}
      </div>
    {:else}
      <div class="flex flex-wrap gap-x-5 gap-y-1">
        {#each word.values as value (value.value)}
          <label class="flex items-center gap-2"
            ><input
              type="checkbox"
              checked={words.includes(String(value.value))}
              onchange={() => onchange({ words: toggled(String(value.value)) })}
            />{value.value} <span class="text-soft">({value.count})</span></label
          >
        {/each}
      </div>
    {/if}
    <div class="flex shrink-0 gap-2">
      <button class="btn-quiet small" onclick={() => (onchange({}), onclose())}>Take the word out</button>
      <button class="btn-quiet small" onclick={onclose}>Done</button>
    </div>
  </div>
  {#if word.notKnown}<p class="small mt-1 text-slate">
      Of {word.notKnown} more the {word.label} is not known; they meet no condition on it.
    </p>{/if}
</div>
