<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Mark from '$ui/Mark.svelte';
  import Spark from './Spark.svelte';
  import { words } from './movers';

  /** One thing that wants a decision: what, where, before and after, and its last half year. */
  let {
    mover,
    days,
    format,
    isAt,
    isInside,
    id,
    onfocus,
  }: {
    mover: Schemas['Mover'];
    days?: Schemas['Day'][];
    format: Format;
    isAt: boolean;
    isInside: boolean;
    id: string;
    onfocus: () => void;
  } = $props();

  let row = $state<HTMLElement>();
  const tiers = $derived([...new Set(mover.places.map((p) => p.tier.split(',')[0]!))]);

  $effect(() => {
    if (isAt) row?.scrollIntoView({ block: 'nearest' });
  });
</script>

<!-- The whole row is a button for the pointer; the keys of the queue work on the row that is marked. -->
<div
  {id}
  bind:this={row}
  role="option"
  aria-selected={isAt}
  tabindex="-1"
  onclick={onfocus}
  onkeydown={() => {}}
  class="grid cursor-pointer grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-x-3 sm:grid-cols-[112px_minmax(0,1fr)_128px_96px_96px_72px] border-b border-hairline py-1.5 pl-2 {isAt
    ? 'bg-tint outline-2 -outline-offset-2 outline-moss'
    : ''}"
>
  <span class="small flex items-center gap-2 max-sm:col-span-3 {isInside ? 'pl-4' : ''}"
    ><Mark verdict={words(mover).sign} />{words(mover).label}</span
  >
  <span class="min-w-0 max-sm:col-span-3"
    ><span class="block truncate font-semibold">{mover.title}</span><span class="small block truncate text-soft"
      >{mover.detail}{tiers.length && !['OVER', 'UNDER', 'SMALL'].includes(mover.form)
        ? ` · ${tiers.join(', ')}`
        : ''}</span
    ></span
  >
  <span class="max-sm:hidden"
    >{#if days}<Spark {days} label="Half a year of {mover.title}" />{/if}</span
  >
  <span class="text-right text-soft">{mover.beforeMinor == null ? '' : format.money(mover.beforeMinor)}</span>
  <span class="text-right font-semibold">{mover.nowMinor == null ? '' : format.money(mover.nowMinor)}</span>
  <span class="pr-2 text-right {mover.permille == null ? '' : mover.permille > 0 ? 'text-clay' : 'text-moss'}"
    >{mover.permille == null ? '' : format.percent(mover.permille)}</span
  >
</div>
