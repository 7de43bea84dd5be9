import { describe, expect, it } from 'vitest';
import { steps } from './steps';

const next = (shops: number, parts: number) => steps(shops, parts).find((s) => s.isNext)?.title;

describe('the first steps of a desk', () => {
  it('begin with shops, go on with parts and the guide', () => {
    expect([next(0, 0), next(2, 0), next(2, 1), next(0, 3)]).toEqual(['Shops', 'Parts', 'Guide', 'Guide']);
  });

  it('say what is there, and can be come back to', () => {
    const [shops, parts] = steps(1, 12);
    expect([shops!.done, parts!.done]).toEqual(['1 shop so far.', '12 parts so far.']);
    expect([shops!.path, parts!.path]).toEqual(['/shops', '/catalogue']);
  });
});
