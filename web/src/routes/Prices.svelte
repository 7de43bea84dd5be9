<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { Format } from '$lib/format';
  import { useDesk } from '$features/guide/queries';
  import Chart from '$features/prices/Chart.svelte';
  import ForReaders from '$features/prices/ForReaders.svelte';
  import PartPrices from '$features/prices/PartPrices.svelte';
  import { useGuideHistory, useKindHistory } from '$features/prices/queries';
  import type { Series } from '$features/prices/series';
  import Mark from '$ui/Mark.svelte';
  import { route } from './router';

  type Kind = Schemas['KindHistory']['kind'];
  const slug = $derived((route.params as Record<string, string>).guide!);
  const desk = useDesk(() => slug);
  const edition = $derived(desk.data?.edition);
  const history = useGuideHistory(() => slug);
  const format = $derived(
    new Format(desk.data?.guide.currency ?? 'EUR', desk.data?.guide.locale ?? 'en', desk.data?.guide.zone),
  );
  const kinds: { kind: Kind; label: string }[] = [
    { kind: 'GRAPHICS_CARD', label: 'Graphics cards' },
    { kind: 'PROCESSOR', label: 'CPUs' },
    { kind: 'MEMORY', label: 'Memory' },
    { kind: 'DRIVE', label: 'SSDs and hard disks' },
    { kind: 'MOTHERBOARD', label: 'Motherboards' },
    { kind: 'POWER_SUPPLY', label: 'Power supplies' },
    { kind: 'CASE', label: 'Cases' },
    { kind: 'COOLER', label: 'CPU coolers' },
    { kind: 'FAN', label: 'Case fans' },
    { kind: 'SCREEN', label: 'Monitors' },
  ];
  let kind = $state<Kind>('MEMORY');
  let tierId = $state('');
  const kindHistory = useKindHistory(() => kind);
  const index = (n: number) => n.toFixed(1);

  const kindSeries = $derived.by((): Series[] => {
    const points = (kindHistory.data?.months ?? []).filter((m) => m.index != null);
    return points.length
      ? [{ name: 'index', tone: 'moss', points: points.map((m) => ({ day: m.month, value: m.index! })) }]
      : [];
  });
  const last = $derived(kindHistory.data?.months.at(-1));
  const sold = $derived((kindHistory.data?.months ?? []).flatMap((m) => m.clearances));

  const tiers = $derived(history.data?.tiers ?? []);
  const tier = $derived(tiers.find((t) => t.tier === tierId) ?? tiers[0]);
  const tierSeries = $derived.by((): Series[] => {
    const points = tier?.points ?? [];
    const of = (
      name: string,
      tone: Series['tone'],
      pick: (p: Schemas['Point']) => number | null | undefined,
    ): Series => ({
      name,
      tone,
      points: points.filter((p) => pick(p) != null).map((p) => ({ day: p.period, value: pick(p)! })),
    });
    return [
      of('goods as published', 'moss', (p) => p.goods?.minor),
      of('the first list all along', 'soft', (p) => p.sameGoods?.minor),
    ].filter((s) => s.points.length);
  });
  const lead = $derived(desk.data?.cards.find((c) => c.tier === tier?.tier)?.build);
  const bench = createQuery(() => ({
    queryKey: ['bench', desk.data?.edition?.id, lead],
    enabled: !!lead && !!desk.data?.edition,
    queryFn: () =>
      taken(
        api.GET('/api/editions/{edition}/builds/{build}/bench', {
          params: { path: { edition: desk.data!.edition!.id, build: lead! } },
        }),
      ),
  }));
  const choices = $derived((bench.data?.lines ?? []).filter((l) => l.part));
  let slot = $state('');
  const chosen = $derived(choices.find((l) => l.slot === slot) ?? choices[0]);
  // Of a vetted set, the part that wins today.
  const part = $derived(chosen?.part);
  const saved = $derived.by(() => {
    const point = tier?.points.at(-1);
    return point?.goods && point.sameGoods ? point.sameGoods.minor - point.goods.minor : null;
  });
</script>

<svelte:head><title>Prices through time · Lowfield</title></svelte:head>

<main class="mx-auto grid max-w-[1240px] gap-x-10 px-4 sm:px-6 lg:grid-cols-2 py-4">
  <div class="flex lg:col-span-2 items-baseline justify-between border-b border-ink pb-2">
    <h1 class="text-[17px]">Prices through time</h1>
    {#if edition?.state === 'IN_WORK'}<a
        class="btn no-underline"
        href="/guides/{slug}/editions/{edition.id}/price-sheet">Type prices</a
      >{/if}
  </div>
  <section class="mt-3" aria-label="Kinds">
    <div class="flex flex-wrap gap-x-3">
      {#each kinds as { kind: k, label } (k)}<button
          class="btn-quiet {k === kind
            ? 'font-semibold text-ink underline decoration-moss decoration-2 underline-offset-4'
            : ''}"
          aria-pressed={k === kind}
          onclick={() => (kind = k)}>{label}</button
        >{/each}
    </div>
    <Chart
      title="{kinds.find((k) => k.kind === kind)?.label}, the first month 100"
      series={kindSeries}
      {format}
      value={index}
    />
    {#if edition}<ForReaders {edition} chart={{ of: 'KIND', id: kind }} />{/if}
    {#if last}<p class="small mt-1 text-soft">
        {last.matched} products matched with the month before, siblings counted once{last.carried
          ? `; ${last.carried} without a price carried along`
          : ''}.{last.index == null ? ' Too few to publish the last month.' : ''}
        {sold.length ? `Sold off as they ended: ${sold.slice(0, 4).join(', ')}.` : ''}
      </p>{/if}
  </section>
  <section class="mt-3" aria-label="Tiers">
    <div class="flex flex-wrap gap-x-3">
      {#each tiers as t (t.tier)}<button
          class="btn-quiet {t === tier
            ? 'font-semibold text-ink underline decoration-moss decoration-2 underline-offset-4'
            : ''}"
          aria-pressed={t === tier}
          onclick={() => (tierId = t.tier)}>{t.name}</button
        >{/each}
    </div>
    {#if tier}
      <Chart title="{tier.name}: what its list cost" series={tierSeries} {format} value={(n) => format.money(n)} />
      {#if edition}<ForReaders {edition} chart={{ of: 'TIER', id: tier.tier }} />{/if}
      {#if saved != null}<p class="small mt-1 text-soft">
          {saved >= 0
            ? `The swaps since the first edition save ${format.money(saved)} today.`
            : `The swaps since the first edition cost ${format.money(-saved)} more today.`}
        </p>{/if}
      {#if tier.drift}<p class="mt-1 flex gap-2">
          <span class="pt-1"><Mark verdict="CAUTION" /></span>{tier.drift}
        </p>{/if}
    {/if}
  </section>
  {#if part}<section class="mt-6 lg:col-span-2 max-w-[640px]" aria-label="Choices">
      <div class="flex flex-wrap gap-x-3 border-t border-hairline pt-3">
        {#each choices as line (line.id)}<button
            class="btn-quiet {line === chosen
              ? 'font-semibold text-ink underline decoration-moss decoration-2 underline-offset-4'
              : ''}"
            aria-pressed={line === chosen}
            onclick={() => (slot = line.slot)}>{line.slotLabel}</button
          >{/each}
      </div>
      <PartPrices {part} {format} />
      {#if edition}<ForReaders {edition} chart={{ of: 'PART', id: part }} />{/if}
    </section>{/if}
</main>
