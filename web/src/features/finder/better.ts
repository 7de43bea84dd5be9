import type { Schemas } from '$lib/api/client';

/** Which of some figures are better by the figure's direction; none where it is a matter of need, or all are the same. */
export function best(better: Schemas['FieldView']['better'], values: unknown[]): number[] {
  if (better === 'NEED') return [];
  const sizes = values.map(size);
  const known = sizes.filter((s): s is number => s !== undefined);
  if (known.length < 2) return [];
  const top = better === 'MORE' ? Math.max(...known) : Math.min(...known);
  return known.every((s) => s === top) ? [] : sizes.flatMap((s, i) => (s === top ? [i] : []));
}

function size(value: unknown): number | undefined {
  if (typeof value === 'number') return value;
  if (typeof value === 'boolean') return value ? 1 : 0;
  return Array.isArray(value) ? value.length : undefined;
}
