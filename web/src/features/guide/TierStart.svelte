<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import type { TierStart } from './start';

  /** Where a new tier's parts come from: chosen one by one, or those of a build of this edition or an older one. */
  let {
    edition,
    editions,
    cards,
    start = $bindable(),
    onfrom,
  }: {
    edition: string;
    editions: Schemas['EditionTab'][];
    cards: Schemas['BuildCard'][];
    start: TierStart;
    /** The build that the tier starts from is another one. */
    onfrom: (card: Schemas['BuildCard']) => void;
  } = $props();
  const id = $props.id();
  const older = createQuery(() => ({
    queryKey: ['ladder', start.edition],
    enabled: start.edition !== edition,
    queryFn: () => taken(api.GET('/api/editions/{edition}/ladder', { params: { path: { edition: start.edition } } })),
  }));
  const builds = $derived(start.edition === edition ? cards : (older.data?.columns ?? []).map((c) => c.card));
  const mains = $derived(builds.filter((b, i) => builds.findIndex((o) => o.tier === b.tier) === i));
  const gone = $derived(mains.filter((b) => !cards.some((c) => c.tier === b.tier)));

  function choose(how: TierStart['how']): void {
    start.how = how;
    start.edition = how === 'FOLLOW' || how === 'EMPTY' ? edition : start.edition;
    // One starts from the tier below: the last that is there.
    start.build = start.build || (cards.find((c) => c.tier === cards.at(-1)?.tier)?.build ?? '');
  }

  let told = '';
  $effect(() => {
    const from =
      start.how === 'COPY' || start.how === 'FOLLOW' ? builds.find((b) => b.build === start.build) : undefined;
    if (from && from.build !== told) onfrom(from);
    told = from?.build ?? '';
  });
</script>

<fieldset class="flex flex-wrap items-end gap-x-4 gap-y-2">
  <legend class="label mb-1">Its parts</legend>
  {#each [['EMPTY', 'chosen one by one'], ['FOLLOW', 'follow a build'], ['COPY', 'copied from a build'], ['REOPEN', 'a tier of an older edition, brought back']] as [how, label] (how)}
    <label class="inline-flex items-center gap-2"
      ><input
        type="radio"
        name="{id}-how"
        checked={start.how === how}
        disabled={how === 'REOPEN' && editions.length < 2}
        onchange={() => choose(how as TierStart['how'])}
      />{label}</label
    >
  {/each}
  {#if start.how === 'COPY' || start.how === 'REOPEN'}<div>
      <label class="label mb-1 block" for="{id}-edition">Edition</label>
      <select id="{id}-edition" class="field" bind:value={start.edition}>
        {#each [...editions].reverse() as tab (tab.id)}<option
            value={tab.id}
            disabled={start.how === 'REOPEN' && tab.id === edition}>{tab.number}</option
          >{/each}
      </select>
    </div>{/if}
  {#if start.how === 'REOPEN'}<div>
      <label class="label mb-1 block" for="{id}-tier">Tier</label>
      <select id="{id}-tier" class="field" bind:value={start.tier}>
        <option value="">{gone.length ? 'choose one' : 'none that is not here already'}</option>
        {#each gone as build (build.tier)}<option value={build.tier}>{build.tierName}</option>{/each}
      </select>
    </div>
  {:else if start.how !== 'EMPTY'}<div>
      <label class="label mb-1 block" for="{id}-build">Build</label>
      <select id="{id}-build" class="field" bind:value={start.build}>
        {#each builds as build (build.build)}<option value={build.build}>{build.tierName}, {build.buildName}</option
          >{/each}
      </select>
    </div>{/if}
</fieldset>
