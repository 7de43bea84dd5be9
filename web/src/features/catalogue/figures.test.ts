import { describe, expect, it } from 'vitest';
import { shown, typed } from './figures';

describe('figures as they are typed', () => {
  it.each([
    ['NUMBER', '310', 310],
    ['YES_NO', 'no', false],
    ['TEXT', 'with front fans in', 'with front fans in'],
    ['SET', 'ATX, micro-ATX', ['ATX', 'micro-ATX']],
    ['PAIRS', 'Fennel = 1.20, Tansy = ', { Fennel: '1.20', Tansy: '' }],
    ['ROWS', '[{"name":"M2_1"}]', [{ name: 'M2_1' }]],
    ['NUMBER', 'n/a', 'n/a'],
    ['SET', '', null],
  ] as const)('%s %s', (holds, text, value) => {
    expect(typed({ holds }, text)).toEqual(value);
    expect(shown({ holds }, value)).toBe(text);
  });
  it('leaves what it cannot read for the server to tell', () => {
    expect(typed({ holds: 'NUMBER' }, 'long')).toBe('long');
    expect(typed({ holds: 'YES_NO' }, 'maybe')).toBe('maybe');
    expect(typed({ holds: 'ROWS' }, '[')).toBe('[');
    expect(typed({ holds: 'PAIRS' }, 'Fennel')).toBe('Fennel');
  });
});
