import { describe, expect, it } from 'vitest';
import { best } from './better';

describe('the better figure', () => {
  it.each([
    ['MORE', [8, 12, 12], [1, 2]],
    ['LESS', [165, 180, undefined], [0]],
    ['MORE', [8, 8], []],
    ['MORE', [8, undefined], []],
    ['NEED', [1, 2], []],
    ['MORE', [true, false], [0]],
    ['MORE', [['a'], ['a', 'b'], 'n/a'], [1]],
  ] as const)('%s of %j', (direction, values, winners) => {
    expect(best(direction, [...values])).toEqual(winners);
  });
});
