import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { grouped } from './lists';

const kinds = [
  { kind: 'DRIVE', label: 'Drive', plural: 'Drives', fields: [] },
  { kind: 'CASE', label: 'Case', plural: 'Cases', fields: [] },
] as Schemas['KindView'][];
const line = (name: string, kind?: Schemas['Unknown']['kind']): Schemas['Unknown'] => ({
  name,
  kind,
  address: `https://shop.example/${name}`,
});
const lines = [line('Thing'), line('Byre case', 'CASE'), line('Beck 1 TB', 'DRIVE'), line('Beck 2 TB', 'DRIVE')];

describe('the lines of a list', () => {
  it('stand by kind, in the order of the kinds, and those of none last', () => {
    expect(grouped(lines, kinds, '').map((g) => [g.label, g.lines.length])).toEqual([
      ['Drives', 2],
      ['Cases', 1],
      ['Of no kind that its name tells', 1],
    ]);
  });

  it('are found by all words in any order, and groups without any are left out', () => {
    expect(grouped(lines, kinds, '  2 BECK ').map((g) => g.lines[0]!.name)).toEqual(['Beck 2 TB']);
    expect(grouped(lines, kinds, 'nothing')).toEqual([]);
  });
});
