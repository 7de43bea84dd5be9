<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import { tone } from '$features/desk/standing';

  /** One candidate: what it is, what it costs, what it forces, and the total then. */
  let {
    candidate,
    index,
    isCurrent,
    isMarked,
    saysLosses = false,
    format,
    onpick,
    ontake,
    onkey,
  }: {
    candidate: Schemas['Candidate'];
    index: number;
    isCurrent: boolean;
    isMarked: boolean;
    /** Whether it is told what it gives up of what makes the choice what it is. */
    saysLosses?: boolean;
    format: Format;
    onpick: () => void;
    ontake: () => void;
    onkey: (event: KeyboardEvent) => void;
  } = $props();

  const clash = $derived(candidate.trouble.find((t) => t.verdict === 'CLASH'));
  const cautions = $derived(candidate.trouble.filter((t) => t.verdict === 'CAUTION').length);
  const why = $derived(candidate.whyNotTold ?? clash?.evidence ?? '');
</script>

<div
  id="candidate-{index}"
  role="option"
  tabindex="-1"
  aria-selected={isCurrent}
  class="grid cursor-pointer grid-cols-[1fr_80px_84px_88px] items-center gap-2 border-b border-l-3 border-b-hairline px-6 py-1 {isCurrent
    ? 'border-l-moss bg-tint'
    : 'border-l-transparent'}"
  onclick={onpick}
  ondblclick={ontake}
  onkeydown={onkey}
>
  <span class="flex min-w-0 gap-2"
    >{#if candidate.picture}<img
        src="/pictures/{candidate.picture.id}/small"
        alt={candidate.picture.alternative}
        class="h-10 w-14 shrink-0 object-contain"
      />{/if}<span class="min-w-0"
      ><span class="font-medium">{candidate.name}</span>
      <span class="small text-soft"
        >{isMarked ? 'side by side · ' : ''}{candidate.chosen
          ? 'the choice · '
          : ''}{candidate.summary}{candidate.siblings ? ` · one of ${candidate.siblings + 1} siblings` : ''}</span
      >{#if saysLosses && candidate.givesUp.length}<span class="small block text-straw"
          >{candidate.givesUp.join(', ')}</span
        >{/if}{#if why}<span class="small block text-soft">{why}</span
        >{/if}{#each candidate.forced as forced (forced.part)}<span class="small block text-straw" title={forced.why}
          >also needs {forced.name}, {format.money(forced.price.minor)}</span
        >{/each}{#if candidate.forced.length && candidate.alone[0]}<span class="small block text-soft"
          >alone: {candidate.alone[0].evidence}</span
        >{/if}{#if candidate.forcesTooMuch}<span class="small block text-straw"
          >needs more than four other parts, or one that nobody sells; its full extra cost is not known</span
        >{/if}{#if cautions && !why}<span class="small block text-straw"
          >{cautions} {cautions === 1 ? 'caution' : 'cautions'}</span
        >{/if}{#if candidate.avoid}<span class="small block text-clay">Advised against: {candidate.avoid}</span
        >{/if}</span
    ></span
  >
  <span class="text-right font-semibold">{format.sum(candidate.price)}</span>
  <span class="small text-right text-soft"
    >{candidate.chosen ? '' : format.signed(candidate.differenceMinor, 'the same')}</span
  >
  <span class="text-right {tone(candidate.standing)}">{format.sum(candidate.total)}</span>
</div>
