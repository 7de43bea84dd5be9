<script lang="ts">
  import { createQueries } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';

  /** Every choice that moved since the last edition, heaviest first. */
  let {
    slug,
    edition,
    cards,
    format,
    since,
  }: { slug: string; edition: string; cards: Schemas['BuildCard'][]; format: Format; since: string } = $props();
  const benches = createQueries(() => ({
    queries: cards.map((card) => ({
      queryKey: ['bench', edition, card.build],
      queryFn: () =>
        taken(
          api.GET('/api/editions/{edition}/builds/{build}/bench', { params: { path: { edition, build: card.build } } }),
        ),
    })),
  }));
  const moved = $derived(
    benches
      .flatMap((b) => (b.data ? b.data.lines.map((line) => ({ line, card: b.data!.card })) : []))
      .filter(({ line }) => line.how !== 'KEPT' || line.differenceMinor || line.goods.minor == null)
      .filter(({ line }) => line.choice.type !== 'EMPTY' && !(line.how === 'ADDED' && !since))
      .sort((a, b) => Math.abs(b.line.differenceMinor ?? 1e9) - Math.abs(a.line.differenceMinor ?? 1e9)),
  );
</script>

<h2 class="mt-6 border-b border-ink pb-1 text-[17px]">{since ? `What moved since ${since}` : 'What moved'}</h2>
<table class="w-full">
  <thead class="sr-only"><tr><th>Tier</th><th>Slot</th><th>Choice</th><th>Now</th><th>Moved by</th></tr></thead>
  <tbody>
    {#each moved as { line, card } (card.build + line.id)}
      <tr class="border-b border-hairline">
        <td class="small w-24 py-1.5 text-soft">{card.tierName}</td>
        <td class="small w-32 text-soft">{line.slotLabel}</td>
        <td
          ><a
            class="no-underline hover:underline"
            href="/guides/{slug}/editions/{edition}/builds/{card.build}/lines/{line.id}">{line.label}</a
          >{#if line.how === 'SWITCHED'}<span class="text-soft">, instead of {line.before}</span>{/if}</td
        >
        <td class="w-28 text-right font-semibold">{format.money(line.goods.minor)}</td>
        <td
          class="w-28 text-right {line.differenceMinor == null
            ? 'text-slate'
            : line.differenceMinor > 0
              ? 'text-clay'
              : 'text-moss'}"
          >{line.differenceMinor == null
            ? line.how === 'ADDED'
              ? 'new'
              : 'no price'
            : format.signed(line.differenceMinor)}</td
        >
      </tr>
    {:else}<tr
        ><td class="py-2 text-soft"
          >{since ? 'Nothing moved.' : 'There is no edition before this one to compare with.'}</td
        ></tr
      >{/each}
  </tbody>
</table>
