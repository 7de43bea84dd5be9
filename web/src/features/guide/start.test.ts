import { afterEach, describe, expect, it, vi } from 'vitest';
import { serve } from '../../testing/server';
import { addTier, emptyStart } from './start';
import type { Schemas } from '$lib/api/client';

const form = () => ({ name: 'Skipper' }) as Schemas['TierForm'];

describe('a new tier', () => {
  afterEach(() => vi.unstubAllGlobals());

  it.each([
    ['EMPTY', 'tiers'],
    ['COPY', 'tiers/from-build'],
    ['FOLLOW', 'tiers/from-build'],
    ['REOPEN', 'tiers/reopened'],
  ] as const)('that starts as %s is made at its own address', async (how, path) => {
    const asked = serve(() => ({ tier: 't' }));
    await addTier('g', 'e', { ...emptyStart('e'), how, build: 'b', tier: 't' }, form);
    expect(asked.map((a) => a.path)).toEqual([`/api/guides/g/editions/e/${path}`]);
  });

  it('says what is still to be chosen', async () => {
    await expect(addTier('g', 'e', { ...emptyStart('e'), how: 'COPY' }, form)).rejects.toThrow('Choose the build');
    await expect(addTier('g', 'e', { ...emptyStart('e'), how: 'REOPEN' }, form)).rejects.toThrow('Choose the tier');
  });
});
