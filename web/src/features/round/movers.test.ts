import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { choices, laidOut, placeOf } from './movers';

type Mover = Schemas['Mover'];
const mover = (key: string, form: Mover['form'], inside: Mover[] = [], places: Mover['places'] = []) =>
  ({ key, form, inside, places }) as Mover;

describe('the queue of a round', () => {
  const slips = [mover('price:1', 'SET_ASIDE'), mover('price:2', 'SET_ASIDE')];
  const queue = [mover('shop:f', 'SHOP', slips), mover('kind:MEMORY', 'KIND', [mover('part:m', 'MOVED')])];

  it('lays the prices of a shop out behind it when they are looked at one by one', () => {
    expect(laidOut(queue, []).map((m) => m.key)).toEqual(['shop:f', 'kind:MEMORY']);
    expect(laidOut(queue, ['shop:f', 'kind:MEMORY']).map((m) => m.key)).toEqual([
      'shop:f',
      'price:1',
      'price:2',
      'kind:MEMORY',
    ]);
  });

  it.each<[Mover['form'], string[]]>([
    ['SHOP', ['KEEP', 'SET_ASIDE']],
    ['SET_ASIDE', ['KEEP', 'SET_ASIDE']],
    ['MOVED', ['KEEP', 'HOLD', 'SET_ASIDE']],
    ['PREMIUM', ['KEEP', 'HOLD']],
    ['GONE', ['KEEP']],
  ])('knows what can be decided about %s', (form, decisions) => {
    expect(choices(mover('k', form))).toEqual(decisions);
  });

  it('swaps where there is one choice, and nowhere for many at once', () => {
    const places = [{ tier: 'Mate', build: 'b', line: 'l', slot: 'Case' }];
    expect(placeOf(mover('part:c', 'MOVED', [], places), 'guide', 'e')).toBe(
      '/guides/guide/editions/e/builds/b/lines/l',
    );
    expect(placeOf(mover('part:c', 'MOVED'), 'guide', 'e')).toBeUndefined();
    expect(placeOf(mover('shop:f', 'SHOP', slips, places), 'guide', 'e')).toBeUndefined();
  });
});
