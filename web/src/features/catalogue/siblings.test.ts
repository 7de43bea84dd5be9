import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { proposedName, proposedVersion } from './siblings';

const fields = ['size', 'speed', 'latency'].map((name) => ({ name }) as Schemas['FieldView']);
const before = { size: '8', speed: '5600', latency: '40', colour: 'black' };

describe('a sibling copied with what differs', () => {
  it('is named by the figures that differ', () => {
    const now = { ...before, size: '16', speed: '6000' };
    expect(proposedName('Slate 2 x 8 GB DDR5-5600', fields, before, now)).toBe('Slate 2 x 16 GB DDR5-6000');
  });

  it('keeps its name where the name does not hold the figure', () => {
    expect(proposedName('Slate 2 x 8 GB DDR5-5600', fields, before, { ...before, latency: '36' })).toBe(
      'Slate 2 x 8 GB DDR5-5600',
    );
    expect(proposedName('Slate 88 GB', fields, before, { ...before, size: '16' })).toBe('Slate 88 GB');
  });

  it('has its colour for a version', () => {
    expect(proposedVersion('', before, { ...before, colour: 'white' })).toBe('white');
    expect(proposedVersion('quiet, black', before, { ...before, colour: 'white' })).toBe('quiet, white');
    expect(proposedVersion('quiet', before, before)).toBe('quiet');
  });
});
