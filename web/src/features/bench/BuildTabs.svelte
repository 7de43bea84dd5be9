<script lang="ts">
  import { standing, tone } from '$features/desk/standing';
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Gauge from '$ui/Gauge.svelte';

  /** The builds of the edition above the bench, each with its total and its gauge. */
  let {
    view,
    format,
    path,
    isLead,
  }: {
    view: Schemas['Bench'];
    format: Format;
    path: (build: string) => string;
    isLead: (card: Schemas['BuildCard']) => boolean;
  } = $props();
  const isOpen = $derived(view.edition.state === 'IN_WORK');
</script>

<nav aria-label="Builds" class="flex h-14 overflow-x-auto border-b border-hairline bg-sheet">
  <a
    href="/guides/{view.guide.slug}"
    class="flex w-[150px] shrink-0 flex-col lg:w-[300px] justify-center px-4 no-underline"
    ><span class="leading-5 font-semibold">{view.guide.name}</span><span class="small text-soft"
      >Edition {view.edition.number}, {format.month(view.edition.period)}, {isOpen ? 'in work' : 'published'}</span
    ></a
  >
  {#each view.cards as card (card.build)}
    <a
      href={path(card.build)}
      aria-current={card.build === view.card.build ? 'page' : undefined}
      class="max-w-[148px] min-w-[112px] flex-1 border-b-2 border-l border-l-hairline px-2.5 pt-1.5 no-underline {card.build ===
      view.card.build
        ? 'border-b-moss bg-tint'
        : 'border-b-transparent'}"
    >
      <span class="flex items-baseline justify-between gap-2"
        ><span class="small truncate" title="{card.tierName}, {card.buildName}"
          >{isLead(card) ? card.tierName : card.buildName}</span
        ><span
          class="shrink-0 font-semibold {card.gauge.standing.state === 'INSIDE' ||
          card.gauge.standing.state === 'NO_BAND'
            ? ''
            : tone(card.gauge.standing)}"
          >{card.gauge.total.span ? 'estimate' : format.money(card.gauge.total.minor)}</span
        ></span
      >
      <Gauge
        gauge={card.gauge}
        {format}
        ends={false}
        label="{card.tierName}: {standing(card.gauge.standing, format)}"
      />
    </a>
  {/each}
</nav>
