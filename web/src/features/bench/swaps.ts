import type { Schemas } from '$lib/api/client';

type Extras = Schemas['ExtrasForm'];
type Package = Extras['packages'][number];
type Line = Pick<Schemas['LineView'], 'id' | 'choice' | 'quantity' | 'included'>;

/** The package that a line was in with another part, or another number of them; its price waits for the seller's word. */
export function swappedIn(extras: Extras, line: Line): Package | undefined {
  const { choice } = line;
  if (line.included || choice.type !== 'PART') return undefined;
  return extras.packages.find((p) =>
    p.members.some(
      (m) =>
        m.line === line.id &&
        !!m.key &&
        (m.key !== `part:${choice.part}` || (m.quantity != null && m.quantity !== line.quantity)),
    ),
  );
}

/** The same with what the seller asks more or less for the part that stands on the line now. */
export function withSwap(extras: Extras, pack: string, line: string, swapMinor: number): Extras {
  return {
    ...extras,
    packages: extras.packages.map((p) =>
      p.id !== pack
        ? p
        : {
            ...p,
            members: p.members.map((m) => (m.line === line ? { line, swapMinor: swapMinor || undefined } : m)),
          },
    ),
  };
}

/** The same without a package: its parts count at their own prices. */
export const withoutPackage = (extras: Extras, pack: string): Extras => ({
  ...extras,
  packages: extras.packages.filter((p) => p.id !== pack),
});
