import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { swappedIn, withoutPackage, withSwap } from './swaps';

const extras: Schemas['ExtrasForm'] = {
  adjustments: [],
  packages: [
    {
      id: 'machine',
      name: 'Harbour machine',
      members: [
        { line: 'l1', key: 'part:old', quantity: 1 },
        { line: 'l2', key: 'part:case', quantity: 1 },
      ],
    },
  ],
};
const line = (part: string, more: object = {}) =>
  ({ id: 'l1', quantity: 1, choice: { type: 'PART', part }, ...more }) as Schemas['LineView'];

describe('a part of a package that was swapped', () => {
  it('asks for the seller’s price', () => {
    expect(swappedIn(extras, line('new'))?.id).toBe('machine');
    expect(swappedIn(extras, line('old', { quantity: 2 }))?.id).toBe('machine');
  });

  it('does not ask where it is the part that was priced, is included, or is in no package', () => {
    expect(swappedIn(extras, line('old'))).toBeUndefined();
    expect(swappedIn(extras, line('new', { included: { pack: 'machine', name: '' } }))).toBeUndefined();
    expect(swappedIn(extras, line('new', { id: 'l9' }))).toBeUndefined();
  });

  it('is bound anew with what the seller asks more, or ends the package', () => {
    expect(withSwap(extras, 'machine', 'l1', 3000).packages[0]!.members).toEqual([
      { line: 'l1', swapMinor: 3000 },
      { line: 'l2', key: 'part:case', quantity: 1 },
    ]);
    expect(withSwap(extras, 'machine', 'l1', 0).packages[0]!.members[0]).toEqual({ line: 'l1', swapMinor: undefined });
    expect(withoutPackage(extras, 'machine').packages).toEqual([]);
  });
});
