<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';

  /** One slot of one build on the ladder. */
  let {
    rungs,
    id,
    isCurrent,
    canDrag,
    format,
    onfocus,
    onopen,
    ondrop,
  }: {
    rungs: Schemas['RungView'][];
    id: string;
    isCurrent: boolean;
    canDrag: boolean;
    format: Format;
    onfocus: () => void;
    onopen: () => void;
    ondrop: (line: string) => void;
  } = $props();
  let isOver = $state(false);
  const runsOn = $derived(rungs.length > 0 && rungs.every((r) => r.runsOn));
</script>

<td class="p-0 align-top {isOver ? 'bg-field' : ''}">
  <div
    {id}
    role="button"
    aria-label={rungs
      .map((r) => `${r.label}, ${format.sum(r.goods)}${r.runsOn ? ', as on the left' : ''}`)
      .join('; ') || 'nothing'}
    tabindex={isCurrent ? 0 : -1}
    class="min-h-9 border-l-3 px-2 py-1 {isCurrent ? 'border-l-moss bg-tint' : 'border-l-transparent'}"
    {onfocus}
    onclick={onfocus}
    onkeydown={(e) => e.key === 'Enter' && onopen()}
    ondblclick={onopen}
    ondragover={(e) => {
      if (canDrag) {
        e.preventDefault();
        isOver = true;
      }
    }}
    ondragleave={() => (isOver = false)}
    ondrop={(e) => {
      e.preventDefault();
      isOver = false;
      ondrop(e.dataTransfer?.getData('text/plain') ?? '');
    }}
  >
    {#each rungs as rung (rung.line)}
      <div
        role="presentation"
        draggable={canDrag && rung.choice.type !== 'EMPTY'}
        ondragstart={(e) => e.dataTransfer?.setData('text/plain', rung.line)}
        title="{rung.label}{rung.follows ? `, follows ${rung.follows.where}` : ''}"
      >
        {#if runsOn && !isCurrent}
          <span class="mt-2 block border-t-2 border-field"></span><span class="sr-only"
            >{rung.label}, as on the left</span
          >
        {:else}
          <span class="block truncate {rung.runsOn ? 'text-soft' : ''}">{rung.label}</span>
          {#if rung.either}<span class="small block truncate text-soft">or {rung.either}</span>{/if}
          <span class="small flex justify-between text-soft"
            ><span>{rung.follows ? 'follows' : rung.counted ? '' : 'optional, not in the total'}</span><span
              class={rung.goods.minor == null ? 'text-slate' : ''}>{format.sum(rung.goods)}</span
            ></span
          >
        {/if}
      </div>
    {/each}
  </div>
</td>
