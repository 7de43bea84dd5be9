import { describe, expect, it } from 'vitest';
import { Format } from '$lib/format';
import { band, standing } from './standing';

const format = new Format('EUR', 'en');

describe('where a total stands', () => {
  it.each([
    [{ state: 'INSIDE', byMinor: 4760 } as const, '47.60 left'],
    [{ state: 'OVER', byMinor: 1810 } as const, '18.10 over'],
    [{ state: 'UNDER', byMinor: 1 } as const, '0.01 under'],
    [{ state: 'NOT_KNOWN' } as const, 'a price is missing'],
    [{ state: 'NO_BAND' } as const, 'no ceiling'],
  ])('%j is "%s"', (of, words) => expect(standing({ said: '', ...of }, format)).toBe(words));
});

describe('a band in words', () => {
  it.each([
    [{ type: 'FROM_TO', fromMinor: 84000, toMinor: 92050 } as const, '840 to 920.50'],
    [{ type: 'POINT', pointMinor: 124000, tolerancePermille: 25 } as const, '1,240 ±2.5%'],
    [{ type: 'NONE' } as const, 'no ceiling'],
  ])('%j is "%s"', (of, words) => expect(band(of, format)).toBe(words));
});
