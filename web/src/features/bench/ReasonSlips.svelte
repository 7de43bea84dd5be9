<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  /** What a reason says otherwise than the data, each with what can be done about it. The keys act on the first. */
  let {
    slips,
    onright,
    onfact,
    onmeant,
  }: {
    slips: Schemas['SlipView'][];
    onright: (slip: Schemas['SlipView']) => void;
    onfact: (slip: Schemas['SlipView']) => void;
    onmeant: (slip: Schemas['SlipView']) => void;
  } = $props();
</script>

{#if slips.length}
  <ul aria-label="Otherwise than the data" class="small mt-2 self-start border-l-2 border-clay pl-4 @min-[860px]:mt-0">
    {#each slips as slip, i (`${slip.start} ${slip.key}`)}
      <li class="flex flex-wrap items-baseline gap-x-3 py-0.5">
        <span class={['grow', slip.isSure ? 'text-clay' : 'text-soft']}>{slip.sentence}</span>
        <span class="flex flex-wrap gap-x-3">
          {#if slip.right}<button class="btn-quiet small" onclick={() => onright(slip)}
              >{#if i === 0}<span class="key">r</span>{/if} write {slip.right}</button
            >{/if}
          {#if slip.fact}<button class="btn-quiet small" onclick={() => onfact(slip)}
              >{#if i === 0}<span class="key">d</span>{/if} put the fact</button
            >{/if}
          <button class="btn-quiet small" aria-label="{slip.written} is meant so" onclick={() => onmeant(slip)}
            >{#if i === 0}<span class="key">m</span>{/if} meant so</button
          >
        </span>
      </li>
    {/each}
  </ul>
{/if}
