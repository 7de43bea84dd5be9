<script lang="ts">
  import { weighty } from './findings';
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import Mark from '$ui/Mark.svelte';

  /** The alternatives or upgrades of a slot with what each would cost and bring along. */
  let {
    title,
    key,
    options,
    many,
    format,
    onadd,
    onremove,
    ontake,
    onnote,
    onadds,
    motives = [],
    onmotive,
    onpurpose,
    says = 'why one would take it',
  }: {
    title: string;
    key: string;
    options: Schemas['OptionView'][];
    many: number;
    format: Format;
    onadd?: () => void;
    onremove?: (option: Schemas['OptionView']) => void;
    ontake?: (option: Schemas['OptionView'], needed: Schemas['Needed'][]) => void;
    onnote?: (option: Schemas['OptionView'], note: string) => void;
    /** Absent where a build has room for one alone. */
    onadds?: (option: Schemas['OptionView'], adds: boolean) => void;
    /** Makes it either of the two, or an alternative again. */
    onpurpose?: (option: Schemas['OptionView']) => void;
    /** What its note is for. */
    says?: string;
    /** Why one would take an alternative. */
    motives?: Schemas['MotiveView'][];
    onmotive?: (option: Schemas['OptionView'], motive: Schemas['MotiveView']['motive'] | undefined) => void;
  } = $props();
  const needed = (option: Schemas['OptionView']) => option.forced.map((f) => ({ slot: f.slot, part: f.part }));
</script>

<section aria-label={title}>
  <p class="flex items-center justify-between border-b border-hairline pb-1">
    <span class="font-semibold">{title}</span><span class="small flex items-center gap-2 text-soft"
      >{many || ''}{#if onadd}<button class="btn-quiet small" onclick={onadd}>Add</button><span class="key">{key}</span
        >{/if}</span
    >
  </p>
  {#each options as option (option.state.part)}
    <div class="group border-b border-hairline py-1.5">
      <p class="flex justify-between gap-2">
        <span class="font-medium">{option.state.adds ? 'add ' : ''}{option.name}</span><span class="font-semibold"
          >{format.sum(option.price)}</span
        >
      </p>
      <div class="small flex justify-between gap-2 text-soft">
        {#if onnote}<input
            class="min-h-6 min-w-0 flex-1 border-b border-transparent bg-transparent hover:border-hairline focus:border-moss"
            aria-label="What to say of {option.name}"
            placeholder={says}
            value={option.state.note}
            maxlength="500"
            onchange={(event) => onnote(option, event.currentTarget.value)}
          />{:else}<span>{option.state.note}</span>{/if}
        <span class="shrink-0"
          ><span class="sr-only">the total moves by </span>{format.signed(option.differenceMinor, 'the same')}</span
        >
      </div>
      {#if onmotive}<label class="small flex items-center gap-2 text-soft"
          >because it is <select
            class="field min-h-6 w-auto py-0"
            aria-label="Why one would take {option.name}"
            value={option.state.motive ?? ''}
            onchange={(event) =>
              onmotive(option, (event.currentTarget.value || undefined) as typeof option.state.motive)}
            ><option value="">not said</option>{#each motives as m (m.motive)}<option value={m.motive}>{m.word}</option
              >{/each}</select
          ></label
        >{/if}
      {#if option.gains.length}<p class="small">{option.gains.join(', ')}</p>{/if}
      {#if option.losses.length}<p class="small text-soft">gives up: {option.losses.join(', ')}</p>{/if}
      {#each option.problems as problem (problem)}<p role="alert" class="small text-clay">
          {option.name}
          {problem}
        </p>{/each}
      {#if option.nextTier}<p class="small text-straw">{option.nextTier}</p>{/if}
      {#if option.roomWatts != null}<p class="small text-soft">
          {option.roomWatts < 0 ? `the PSU is ${-option.roomWatts} W short` : `${option.roomWatts} W to spare with it`}
        </p>{/if}
      {#each option.forced as forced (forced.part)}<p class="small text-straw">
          also needs {forced.name}, {format.money(forced.price.minor)}: {forced.why}
        </p>{/each}
      {#each weighty(option.trouble) as trouble, i (i)}<p class="small flex gap-1.5">
          <Mark verdict={trouble.verdict} />{trouble.evidence}
        </p>{/each}
      {#if onadds}<label class="small flex items-center gap-2 text-soft"
          ><input
            type="checkbox"
            checked={!!option.state.adds}
            onchange={(event) => onadds(option, event.currentTarget.checked)}
          />beside the choice, not in its place</label
        >{/if}
      {#if ontake}<p class="flex gap-2">
          <button
            class="btn-quiet small"
            onclick={() => ontake(option, needed(option))}
            aria-label="Take {option.name}{option.forced.length ? ' with what it needs' : ''}"
            >{option.forced.length ? 'Take it with what it needs' : 'Take it'}</button
          >{#if option.forced.length}<button
              class="btn-quiet small"
              onclick={() => ontake(option, [])}
              aria-label="Take {option.name} alone">Alone</button
            >{/if}<button class="btn-quiet small" onclick={() => onremove?.(option)} aria-label="Remove {option.name}"
            >Remove</button
          >{#if onpurpose}<button class="btn-quiet small" onclick={() => onpurpose(option)}
              >{option.state.purpose === 'EITHER' ? 'Only an alternative' : 'Either of the two'}</button
            >{/if}
        </p>{/if}
    </div>
  {:else}<p class="small py-2 text-soft">
      {many ? 'Being worked out…' : onadd ? 'None yet. Add one from the finder.' : 'None yet.'}
    </p>{/each}
</section>
