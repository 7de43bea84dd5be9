import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { followable } from './followable';

const card = (build: string, tier: string) =>
  ({ build, tier, tierName: tier, buildName: build }) as Schemas['BuildCard'];
const LADDER = {
  slots: [
    { slot: 'GRAPHICS_CARD', kind: 'GRAPHICS_CARD' },
    { slot: 'PROCESSOR', kind: 'PROCESSOR' },
  ],
  columns: [
    { card: card('main', 'Bosun'), rungs: [{ slot: 'GRAPHICS_CARD', line: 'l1', label: 'Vane Four' }] },
    { card: card('silent', 'Bosun'), rungs: [{ slot: 'GRAPHICS_CARD', line: 'l2', label: 'Vane Two' }] },
    {
      card: card('mate', 'Mate'),
      rungs: [
        { slot: 'GRAPHICS_CARD', line: 'l3', label: 'Mica Six' },
        { slot: 'PROCESSOR', line: 'l4', label: 'Fennel' },
      ],
    },
  ],
} as unknown as Schemas['LadderView'];
const isLead = (c: { build: string }) => c.build !== 'silent';

describe('what a line can follow', () => {
  it('is every line of its kind in another build, with the one of its own main build told', () => {
    const line = { slot: 'GRAPHICS_CARD', kind: 'GRAPHICS_CARD' } as const;
    expect(followable(LADDER, line, card('silent', 'Bosun'), isLead)).toEqual([
      { line: 'l1', isLead: true, where: 'Bosun, main: Vane Four' },
      { line: 'l3', isLead: false, where: 'Mate, mate: Mica Six' },
    ]);
  });

  it('is nothing as long as nothing is known', () => {
    expect(followable(undefined, undefined, undefined, isLead)).toEqual([]);
  });
});
