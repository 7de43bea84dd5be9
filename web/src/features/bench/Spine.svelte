<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Mark from '$ui/Mark.svelte';

  /** The slots of a build in the guide's order; arrows go along it. */
  let {
    lines,
    matter,
    current,
    total,
    format,
    href,
    addable,
    onadd,
    onopen,
  }: {
    lines: Schemas['LineView'][];
    /** What is the matter with the reason of a line, in a word or two. */
    matter: (line: Schemas['LineView']) => string;
    current?: string;
    total: number;
    format: Format;
    href: (line: string) => string;
    addable: Schemas['SlotView'][];
    onadd?: (slot: Schemas['SlotView']['slot']) => void;
    /** A slot was gone to. */
    onopen?: () => void;
  } = $props();
  const counted = $derived(lines.filter((l) => l.counted));
  const beside = $derived(lines.filter((l) => !l.counted));
  let here = $state<HTMLElement>();
  $effect(() => {
    if (current) here?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest' });
  });
</script>

{#snippet row(line: Schemas['LineView'])}
  <li>
    <a
      href={href(line.id)}
      onclick={onopen}
      aria-current={line.id === current ? 'true' : undefined}
      class="block border-b border-l-3 border-b-hairline px-4 py-1.5 no-underline {line.id === current
        ? 'border-l-moss bg-tint'
        : 'border-l-transparent hover:bg-tint'}"
    >
      <span class="flex items-center gap-2"
        ><span class="label">{line.slotLabel}</span>{#if matter(line)}<span
            class="small ml-auto {matter(line) === 'read again' ? 'text-soft' : 'text-clay'}">{matter(line)}</span
          >{/if}{#if line.worst && line.worst !== 'FITS'}<span class={matter(line) ? '' : 'ml-auto'}
            ><Mark verdict={line.worst} /></span
          >{/if}</span
      >
      <span class="flex justify-between gap-2"
        ><span class="truncate {line.choice.type === 'EMPTY' ? 'text-soft' : ''}"
          >{line.quantity > 1 ? `${line.quantity} × ` : ''}{line.label}</span
        ><span class="font-semibold whitespace-nowrap {line.goods.minor == null ? 'text-slate' : ''}"
          >{line.choice.type === 'EMPTY'
            ? ''
            : line.included
              ? line.included.swapMinor
                ? `${format.signed(line.included.swapMinor)} incl.`
                : 'included'
              : line.goods.span
                ? `about ${format.money(line.goods.span.likelyMinor)}`
                : format.money(line.goods.minor)}</span
        ></span
      >
      <span class="small flex h-4 items-center justify-between"
        ><span
          class="h-[3px] rounded-sm bg-field"
          style:width="{total > 0 && line.counted
            ? Math.max(2, ((line.goods.minor ?? line.goods.span?.likelyMinor ?? 0) / total) * 180)
            : 0}px"
        ></span><span
          class={line.differenceMinor && line.differenceMinor > 0
            ? 'text-clay'
            : line.differenceMinor
              ? 'text-moss'
              : 'text-soft'}
          >{line.how === 'SWITCHED' ? 'new, ' : ''}{line.how === 'ADDED'
            ? ''
            : format.signed(line.differenceMinor)}</span
        ></span
      >
    </a>
  </li>
{/snippet}

<div bind:this={here}>
  <ul>
    {#each counted as line (line.id)}{@render row(line)}{/each}
  </ul>
  {#if beside.length}<p class="label px-5 pt-3 pb-1">Optional</p>
    <ul>
      {#each beside as line (line.id)}{@render row(line)}{/each}
    </ul>{/if}
  {#if onadd}
    <label class="small block px-5 py-3 text-soft"
      >Add a slot
      <select
        class="field mt-1"
        value=""
        onchange={(event) => {
          const slot = event.currentTarget.value;
          event.currentTarget.value = '';
          if (slot) onadd(slot as Schemas['SlotView']['slot']);
        }}
      >
        <option value=""></option>{#each addable as slot (slot.slot)}<option value={slot.slot}>{slot.label}</option
          >{/each}
      </select>
    </label>
  {/if}
</div>
