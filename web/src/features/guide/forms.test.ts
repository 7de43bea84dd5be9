import { describe, expect, it } from 'vitest';
import { emptyGuide, emptyTier, settingsOf, tierForm, tierLike, typedTier } from './forms';

describe('a typed tier', () => {
  it('comes back as it was typed', () => {
    const typed = { ...emptyTier(), name: 'Bosun', from: '840', to: '920.50' };
    expect(typedTier(tierForm(typed, 'EUR'), 'EUR')).toEqual({ ...typed, point: '' });
  });
  it.each([
    ['JPY', '120000', 120000],
    ['KWD', '310.250', 310250],
  ])('is counted in the minor units of %s', (currency, from, minor) => {
    const typed = { ...emptyTier(), name: 'Bosun', from, to: from };
    const form = tierForm(typed, currency);
    expect(form.band.fromMinor).toBe(minor);
    expect(typedTier(form, currency).from).toBe(from);
  });
  it('refuses decimals that its currency does not have', () =>
    expect(() => tierForm({ ...emptyTier(), from: '840.50' }, 'JPY')).toThrow('not a sum in JPY; write it like 840.'));
  it('sends only the figures of its form', () => {
    expect(tierForm({ ...emptyTier(), type: 'NONE', from: 'rubbish' }, 'EUR').band).toEqual({ type: 'NONE' });
    expect(tierForm({ ...emptyTier(), type: 'POINT', point: '1240', tolerance: '2,5' }, 'EUR').band).toEqual({
      type: 'POINT',
      pointMinor: 124000,
      tolerancePermille: 25,
    });
  });
  it('names the figure that is none', () => {
    expect(() => tierForm({ ...emptyTier(), from: 'many' }, 'EUR')).toThrow('lower limit "many"');
    expect(() => tierForm({ ...emptyTier(), type: 'POINT', point: '1240', tolerance: 'x' }, 'EUR')).toThrow(
      'tolerance "x"',
    );
  });
});

describe('the settings of a guide', () => {
  it('are sent back whole, so that saving one loses no other', () => {
    const settings = {
      ...emptyGuide(),
      energy: { gamingHours: 3, idleHours: 3, tariffHundredths: 2800 },
      readerRegions: [{ name: 'Sweden', currency: 'SEK', taxPermille: 250 }],
      rounds: { often: 'DAILY', at: '05:30', scope: 'ALL' } as const,
    };
    expect(settingsOf({ ...settings, id: 'g', slug: 'guide', version: 4 } as never)).toEqual(settings);
  });
});

describe('a tier that starts from another', () => {
  const below = {
    ...emptyTier(),
    name: 'Bosun',
    promise: '1080p at high rates',
    audience: 'crew',
    type: 'POINT' as const,
    point: '880',
    countsShipping: true,
    countsTax: true,
    policy: { conditions: ['NEW' as const, 'USED' as const], why: 'tested' },
  };

  it('keeps promise, audience, wishes, policy and what counts, and has its own name and band', () => {
    const made = tierLike({ ...emptyTier(), name: 'Mate' }, below);
    expect(made).toMatchObject({
      name: 'Mate',
      point: '',
      type: 'POINT',
      promise: below.promise,
      audience: 'crew',
      countsShipping: true,
      countsTax: true,
      policy: below.policy,
    });
  });

  it('keeps a band that is typed already', () =>
    expect(tierLike({ ...emptyTier(), from: '1200', to: '1300' }, below)).toMatchObject({
      type: 'FROM_TO',
      from: '1200',
      to: '1300',
    }));
});
