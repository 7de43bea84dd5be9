<script lang="ts">
  import TextField from '$ui/TextField.svelte';
  import { DAYS, PERIODS, read, WEEKS, written } from './schedule';

  /** When a guide appears: its period and its day, or words of the author's own. */
  let { schedule = $bindable() }: { schedule: string } = $props();
  const now = $derived(read(schedule));
  let isOwn = $state(false);
  $effect.pre(() => {
    if (schedule && !read(schedule).period) isOwn = true;
  });
  const id = $props.id();
  const change = (part: Partial<typeof now>) => (schedule = written({ ...now, ...part }));
</script>

<div>
  <label for={id} class="label mb-1 block">Appears</label>
  <div class="flex flex-wrap gap-2">
    <select
      {id}
      class="field w-auto"
      value={isOwn ? '' : now.period}
      onchange={(e) => {
        isOwn = !e.currentTarget.value;
        if (!isOwn) change({ period: e.currentTarget.value });
      }}
    >
      {#each PERIODS as period (period)}<option value={period}>{period}</option>{/each}
      <option value="">in words of your own</option>
    </select>
    {#if !isOwn}
      <select
        class="field w-auto"
        aria-label="On which of the days"
        value={now.week}
        onchange={(e) => change({ week: e.currentTarget.value })}
      >
        <option value="">on no fixed day</option>{#each WEEKS as week (week)}<option value={week}>{week}</option>{/each}
      </select>
      {#if now.week}<select
          class="field w-auto"
          aria-label="Day of the week"
          value={now.day}
          onchange={(e) => change({ day: e.currentTarget.value })}
          >{#each DAYS as day (day)}<option value={day}>{day}</option>{/each}</select
        >{/if}
    {/if}
  </div>
  {#if isOwn}<div class="mt-2"><TextField label="In which words" bind:value={schedule} maxlength={120} /></div>{/if}
</div>
