<script lang="ts">
  import { untrack } from 'svelte';
  import { searchParams } from 'sv-router';
  import PartSheet from '$features/catalogue/PartSheet.svelte';
  import Finder from '$features/finder/Finder.svelte';
  import PartCost from '$features/prices/PartCost.svelte';
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import type { BenchState } from './bench.svelte';
  import BothVersions from './BothVersions.svelte';
  import BuildSheet from './BuildSheet.svelte';
  import type { OpenDialogs } from './dialogs.svelte';
  import Extras from './Extras.svelte';
  import Fit from '$features/fit/Fit.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import History from './History.svelte';
  import LineOffers from './LineOffers.svelte';
  import NewVariant from './NewVariant.svelte';
  import OtherChoice from './OtherChoice.svelte';
  import { gather, option, take } from './taking';

  /** Everything that opens over the bench. */
  let {
    state: bench,
    dialogs,
    view,
    line,
    plural,
    format,
    onbuild,
  }: {
    state: BenchState;
    dialogs: OpenDialogs;
    view: Schemas['Bench'];
    line?: Schemas['LineView'];
    plural: string;
    format: Format;
    onbuild: (build: string) => void;
  } = $props();
  const siblings = $derived(view.cards.filter((c) => c.tier === view.card.tier));

  // An address with a query sentence opens the finder.
  $effect(() => {
    if (searchParams.has('find') && untrack(() => !dialogs.finder)) dialogs.finder = true;
  });
</script>

{#if line}
  <Finder
    bind:open={dialogs.finder}
    edition={bench.edition}
    {line}
    {plural}
    card={view.card}
    currency={view.guide.currency}
    {format}
    ontake={(part, needed) => take(bench, line.id, part, needed, dialogs.purpose)}
    onoption={(purpose, part) => option(bench, line.id, purpose, part)}
    onset={(part) => gather(bench, line.id, part)}
    onprice={(part) => (dialogs.costing = part)}
    oncompare={(compared) => void bench.edit(line.id, { compared })}
  />
  <PartCost
    bind:part={dialogs.costing}
    guide={view.guide.slug}
    line={{ edition: bench.edition, line: line.id }}
    onsaved={() => void bench.load()}
  />
  <OtherChoice
    bind:open={dialogs.other}
    slotLabel={line.slotLabel}
    kind={line.kind}
    currency={view.guide.currency}
    onchoose={(choice) => void bench.edit(line.id, { choice })}
  />
{/if}
<Dialog bind:open={dialogs.fit} title="The fit of {view.card.tierName}" wide
  ><div class="overflow-y-auto p-6 pt-0">
    <p class="mb-3 text-soft">
      Lengths are to scale, from the figures on file. A part whose sizes are not on file has no outline.
    </p>
    <Fit edition={bench.edition} build={bench.build} stamp={view.lines.map((l) => l.version).join()} />
  </div></Dialog
>
{#if line}<LineOffers bind:open={dialogs.offers} state={bench} {line} {format} />{/if}
<History
  bind:open={dialogs.history}
  edition={bench.edition}
  build={bench.build}
  {format}
  isOpen={bench.isOpen}
  onchange={() => void bench.load()}
/>
<NewVariant
  bind:open={dialogs.variant}
  edition={bench.edition}
  of={bench.build}
  ofName="{view.card.tierName}, {view.card.buildName}"
  onmade={onbuild}
/>
<BuildSheet
  bind:open={dialogs.whole}
  state={bench}
  place={siblings.findIndex((c) => c.build === bench.build)}
  many={siblings.length}
  ongone={() => onbuild(siblings[0]!.build)}
/>
<Extras bind:open={dialogs.extras} state={bench} {view} />
<BothVersions state={bench} />
<PartSheet
  bind:part={() => dialogs.gap?.part ?? null, (p) => (dialogs.gap = p == null ? null : { ...dialogs.gap!, part: p })}
  figure={dialogs.gap?.field}
  onchange={() => void bench.load()}
/>
