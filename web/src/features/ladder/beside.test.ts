import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { beside } from './beside';

const rung = (slot: string, label: string, minor: number, runsOn: boolean) =>
  ({ line: label, slot, label, goods: { minor, blame: [] }, runsOn }) as unknown as Schemas['RungView'];
const column = (build: string, total: number | null, rungs: Schemas['RungView'][]) =>
  ({
    card: { build, gauge: { total: { minor: total } } },
    rungs,
    changed: 9,
    stepMinor: 9,
  }) as unknown as Schemas['ColumnView'];

const ladder = {
  slots: [{ slot: 'CASE' }, { slot: 'SCREEN' }],
  columns: [
    column('a', 100, [rung('CASE', 'Byre', 60, false), rung('SCREEN', 'Pane', 40, false)]),
    column('b', 130, [rung('CASE', 'Barn', 130, false)]),
    column('c', 160, [rung('CASE', 'Byre', 60, false)]),
    column('d', null, [rung('CASE', 'Byre', 61, true)]),
  ],
} as unknown as Schemas['LadderView'];

describe('some builds of a ladder', () => {
  it('tells anew what runs on between those that are left', () => {
    const some = beside(ladder, ['a', 'c']);
    expect(some.columns.map((c) => c.card.build)).toEqual(['a', 'c']);
    expect(some.columns[1]!.rungs[0]!.runsOn).toBe(true);
    expect(some.columns[1]!.changed).toBe(0);
    expect(some.columns[1]!.stepMinor).toBe(60);
  });

  it('takes another price for another thing, and tells no step from a total that is not known', () => {
    const some = beside(ladder, ['c', 'd']);
    expect(some.columns[1]!.rungs[0]!.runsOn).toBe(false);
    expect(some.columns[1]!.stepMinor).toBeUndefined();
  });

  it('leaves out slots that none of them has', () => {
    expect(beside(ladder, ['b', 'c']).slots.map((s) => s.slot)).toEqual(['CASE']);
  });
});
