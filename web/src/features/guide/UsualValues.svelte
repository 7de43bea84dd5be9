<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  /** What the guide takes for figures that makers rarely print, each from the least over the usual to the greatest. */
  let { form = $bindable() }: { form: Schemas['GuideForm'] } = $props();
  const ends = [
    ['low', 'least'],
    ['usual', 'usual'],
    ['high', 'greatest'],
  ] as const;

  function typed(value: Schemas['UsualForm'], end: 'low' | 'usual' | 'high', figure: number): void {
    form.usualValues = (form.usualValues ?? []).map((each) =>
      each.value === value.value ? { ...each, [end]: Number.isFinite(figure) ? Math.round(figure) : 0 } : each,
    );
  }
</script>

{#if form.usualValues?.length}
  <details class="mt-4">
    <summary class="label cursor-pointer">Usual values for figures that are rarely printed</summary>
    <p class="small mt-1 text-soft">
      A check takes one where a part lacks the figure, says so, and never calls a clash on it. What fits at the worse
      end fits.
    </p>
    <table class="mt-2 w-full">
      <thead>
        <tr class="label text-left">
          <th scope="col" class="font-normal">Figure</th>
          {#each ends as [end, word] (end)}<th scope="col" class="w-24 font-normal">{word}</th>{/each}
          <th scope="col" class="font-normal">Unit</th>
        </tr>
      </thead>
      <tbody>
        {#each form.usualValues as value (value.value)}
          <tr>
            <th scope="row" class="text-left font-normal">{value.label}</th>
            {#each ends as [end, word] (end)}<td class="pr-2"
                ><input
                  class="field"
                  type="number"
                  min="0"
                  max="10000"
                  required
                  aria-label="{word} {value.label}"
                  value={value[end]}
                  onchange={(e) => typed(value, end, e.currentTarget.valueAsNumber)}
                /></td
              >{/each}
            <td class="small text-soft">{value.unit}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </details>
{/if}
