<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Gauge from '$ui/Gauge.svelte';
  import { band, standing, tone } from './standing';

  let {
    card,
    format,
    href,
    isLead = true,
    onedit,
  }: { card: Schemas['BuildCard']; format: Format; href: string; isLead?: boolean; onedit?: () => void } = $props();
  const total = $derived(card.gauge.total.minor);
  const since = $derived(total != null && card.gauge.lastMinor != null ? total - card.gauge.lastMinor : null);
</script>

<div
  class="relative grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-x-4 border-b border-hairline py-2 hover:bg-tint sm:min-h-16 sm:grid-cols-[160px_minmax(0,1fr)_110px_88px_32px] sm:py-0"
>
  <div>
    <a {href} class="text-[17px] font-semibold no-underline after:absolute after:inset-0"
      >{card.tierName}{#if !isLead}<span class="font-normal">, {card.buildName}</span>{/if}</a
    >
    <p class="small text-soft">{band(card.form.band, format)}</p>
  </div>
  <div class="order-last col-span-3 max-w-[430px] sm:order-none sm:col-span-1">
    <Gauge
      gauge={card.gauge}
      {format}
      label="{card.tierName}: {format.sum(card.gauge.total)}, {standing(card.gauge.standing, format)}"
    />
  </div>
  <div class="text-right">
    <p class={card.gauge.total.span ? 'font-semibold' : 'text-[19px] leading-6 font-semibold'}>
      {format.sum(card.gauge.total)}
    </p>
    <p class={tone(card.gauge.standing)}>{standing(card.gauge.standing, format)}</p>
  </div>
  <div class="text-right">
    <p class={since == null ? 'text-soft' : since > 0 ? 'text-clay' : 'text-moss'}>
      {since == null
        ? card.gauge.lastMinor != null
          ? `last ${format.money(card.gauge.lastMinor)}`
          : 'new'
        : format.signed(since)}
    </p>
    <p class="text-soft">{card.switched ? `${card.switched} choice${card.switched > 1 ? 's' : ''} new` : ''}</p>
  </div>
  {#if onedit}<button
      class="btn-quiet small relative z-10 min-h-6 min-w-6 justify-self-end max-sm:hidden"
      onclick={onedit}
      aria-label="Edit tier {card.tierName}">Edit</button
    >{:else}<span class="max-sm:hidden"></span>{/if}
</div>
