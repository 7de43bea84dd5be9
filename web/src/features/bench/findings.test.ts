import { expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { rows, shelves } from './findings';

const finding = (rule: string, gap?: [string, string]): Schemas['FindingView'] => ({
  check: rule,
  decisive: true,
  evidence: `${gap?.[1] ?? rule} is told`,
  fingerprint: rule,
  gap: gap && { part: gap[0], field: gap[1], label: gap[1] },
  lines: [],
  onUsualValue: false,
  carriedOver: false,
  earlier: [],
  rule,
  verdict: gap ? 'NOT_KNOWN' : 'CLASH',
});

it('tells a missing figure once, with every check that waits for it, where the first of them stood', () => {
  const told = rows([
    finding('socket'),
    finding('fits the case', ['card', 'length']),
    finding('spares the supply', ['card', 'boardPower']),
    finding('needs a bracket', ['card', 'length']),
    finding('lies flat', ['board', 'length']),
    finding('memory'),
  ]);
  expect(told.map((row) => row.rules)).toEqual([
    ['socket'],
    ['fits the case', 'needs a bracket'],
    ['spares the supply'],
    ['lies flat'],
    ['memory'],
  ]);
  expect(told[1]?.finding.evidence).toBe('length is told');
});

it('keeps notes and what only advises out of what stands open', () => {
  const clash = finding('clash');
  const note = { ...finding('note'), verdict: 'NOTE' as const };
  const advisory = { ...finding('advice', ['part', 'figure']), decisive: false };
  const answered = { ...advisory, answer: 'it is known to us' };
  expect(shelves([clash, note, advisory, answered])).toEqual({
    open: [clash, answered],
    notes: [note],
    advisory: [advisory],
  });
});

it('names a check once, however many of its findings wait for the figure', () => {
  const one = finding('drive', ['part', 'figure']);
  expect(rows([one, one, finding('slot', ['part', 'figure'])])).toEqual([{ finding: one, rules: ['drive', 'slot'] }]);
});
