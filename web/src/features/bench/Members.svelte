<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import { typedMinor, writtenMinor } from '$lib/money';
  import Mark from '$ui/Mark.svelte';

  /** A vetted set: any of these would do; the first within the tolerance of the cheapest wins. */
  let {
    choice,
    members,
    format,
    onchange,
  }: {
    choice: Schemas['ChoiceState'];
    members: Schemas['MemberView'][];
    format: Format;
    onchange?: (parts: string[], toleranceMinor: number) => void;
  } = $props();

  const parts = $derived(choice.parts ?? []);
  const tolerance = $derived(choice.toleranceMinor ?? 0);

  function raise(index: number): void {
    const next = [...parts];
    next.splice(index - 1, 0, ...next.splice(index, 1));
    onchange?.(next, tolerance);
  }
</script>

<section aria-label="Any of these" class="mt-3">
  <p class="flex items-center justify-between border-b border-hairline pb-1">
    <span class="font-semibold">Any of these would do</span>
    <label class="small flex items-center gap-2 text-soft"
      >prefer the earlier one unless another is cheaper by more than<input
        class="field w-20"
        aria-label="Tolerance"
        disabled={!onchange}
        value={writtenMinor(tolerance, format.currency)}
        onchange={(e) => {
          const typed = typedMinor(e.currentTarget.value, format.currency);
          if (typed != null) onchange?.(parts, typed);
          e.currentTarget.value = writtenMinor(typed ?? tolerance, format.currency);
        }}
      /></label
    >
  </p>
  <ol>
    {#each members as member, i (member.part)}
      <li class="border-b border-hairline py-1">
        <div class="flex items-baseline justify-between gap-3">
          <span
            ><span class={member.wins ? 'font-semibold' : ''}>{i + 1}. {member.name}</span>
            {#if member.wins}<span class="small text-moss">wins today</span>{/if}
            <span class="small text-soft">{member.summary}</span></span
          >
          <span class="flex shrink-0 items-baseline gap-2"
            >{#if onchange}<button
                class="btn-quiet small"
                disabled={i === 0}
                aria-label="Prefer {member.name} more"
                onclick={() => raise(i)}>Up</button
              ><button
                class="btn-quiet small"
                aria-label="Take {member.name} out"
                onclick={() =>
                  onchange(
                    parts.filter((p) => p !== member.part),
                    tolerance,
                  )}>Out</button
              >{/if}<span class="w-20 text-right">{format.sum(member.price)}</span></span
          >
        </div>
        {#each member.trouble as trouble, at (at)}<p class="small flex gap-1.5">
            <Mark verdict={trouble.verdict} />{trouble.evidence}
          </p>{/each}
      </li>
    {/each}
  </ol>
</section>
