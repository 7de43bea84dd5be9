import type { Schemas } from '$lib/api/client';

/** A line of another build that a line can follow. */
export interface Followable {
  line: string;
  /** Whether it is the same slot of the tier's own main build, which a variant's line comes back to. */
  isLead: boolean;
  where: string;
}

/** The lines of the same kind in all other builds of an edition, in the ladder's order. */
export function followable(
  ladder: Schemas['LadderView'] | undefined,
  line: Pick<Schemas['LineView'], 'kind' | 'slot'> | undefined,
  card: Pick<Schemas['BuildCard'], 'build' | 'tier'> | undefined,
  isLead: (card: Schemas['BuildCard']) => boolean,
): Followable[] {
  if (!ladder || !line || !card) return [];
  const slots = ladder.slots.filter((s) => s.kind === line.kind).map((s) => s.slot);
  return ladder.columns
    .filter((c) => c.card.build !== card.build)
    .flatMap((c) =>
      c.rungs
        .filter((r) => slots.includes(r.slot))
        .map((r) => ({
          line: r.line,
          isLead: c.card.tier === card.tier && r.slot === line.slot && isLead(c.card),
          where: `${c.card.tierName}, ${c.card.buildName}: ${r.label}`,
        })),
    );
}
