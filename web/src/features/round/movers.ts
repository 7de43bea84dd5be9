import type { Schemas } from '$lib/api/client';

type Mover = Schemas['Mover'];
type Sign = Schemas['FindingView']['verdict'];

const SAID: Record<Mover['form'], { label: string; sign: Sign }> = {
  GONE: { label: 'No price', sign: 'CLASH' },
  OVER: { label: 'Over', sign: 'CLASH' },
  UNDER: { label: 'Under', sign: 'CAUTION' },
  SET_ASIDE: { label: 'Suspicious', sign: 'CAUTION' },
  SHOP: { label: 'A shop', sign: 'CAUTION' },
  KIND: { label: 'A kind', sign: 'FITS' },
  MOVED: { label: 'Moved', sign: 'FITS' },
  PREMIUM: { label: 'Over MSRP', sign: 'CAUTION' },
  SMALL: { label: 'Small', sign: 'FITS' },
};

/** How the form of a mover is said and marked. */
export const words = (mover: Mover) => SAID[mover.form];

/** Whether it is about prices that wait for a person. */
export const isInDoubt = (mover: Mover) => mover.form === 'SET_ASIDE' || mover.form === 'SHOP';

/** The queue with the prices of the shops that are looked at one by one behind their shop. */
export const laidOut = (queue: Mover[], opened: string[]): Mover[] =>
  queue.flatMap((m) => (m.form === 'SHOP' && opened.includes(m.key) ? [m, ...m.inside] : [m]));

/** What can be decided about a mover, besides leaving it for later. */
export function choices(mover: Mover): Schemas['Choice']['decision'][] {
  if (isInDoubt(mover)) return ['KEEP', 'SET_ASIDE'];
  if (mover.form === 'MOVED') return ['KEEP', 'HOLD', 'SET_ASIDE'];
  if (mover.form === 'PREMIUM') return ['KEEP', 'HOLD'];
  return ['KEEP'];
}

/** Where a mover is swapped: the line that has it, or the build that is not where it belongs. */
export function placeOf(mover: Mover, slug: string, edition: string): string | undefined {
  if (mover.inside.length) return undefined;
  const place = mover.places[0];
  if (!place) return undefined;
  const bench = `/guides/${slug}/editions/${edition}/builds/${place.build}/lines/${place.line ?? 'first'}`;
  return bench;
}

export const DECIDED: Record<Schemas['Decided']['decision'], string> = {
  KEEP: 'kept',
  HOLD: 'pinned to its offer',
  SET_ASIDE: 'ignored',
};
