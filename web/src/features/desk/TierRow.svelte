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
  class="relative grid h-16 grid-cols-[200px_1fr_160px_150px_32px] items-center gap-6 border-b border-hairline hover:bg-tint"
>
  <div>
    <a {href} class="text-[17px] font-semibold no-underline after:absolute after:inset-0"
      >{card.tierName}{#if !isLead}<span class="font-normal">, {card.buildName}</span>{/if}</a
    >
    <p class="small text-soft">{band(card.form.band, format)}</p>
  </div>
  <div class="max-w-[430px]">
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
      class="btn-quiet small relative z-10 justify-self-end"
      onclick={onedit}
      aria-label="Edit tier {card.tierName}">Edit</button
    >{:else}<span></span>{/if}
</div>
