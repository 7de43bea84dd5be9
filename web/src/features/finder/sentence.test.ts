import { describe, expect, it } from 'vitest';
import { asks, nothing, read, worded, write } from './sentence';

describe('the query sentence', () => {
  it.each([
    '',
    'memory=8..',
    'length=..310&memory=8..16',
    'chip=Mica%20Six|Vane%20Five&text=quiet%20card&by=NEWNESS',
    'bracket=no&text=a%26b',
  ])('comes back from its written form: %s', (written) => {
    expect(write(read(written))).toBe(written);
  });
  it('leaves out what asks for nothing', () => {
    expect(write({ ...nothing(), clauses: { chip: { words: [] }, memory: { least: null } }, text: '  ' })).toBe('');
    expect(asks({ yes: false })).toBe(true);
  });
  it('forgives an address that somebody shortened', () => {
    expect(read('text=%zz&memory&by=LUCK')).toEqual({ ...nothing(), text: '%zz' });
  });
  it('is told in words', () => {
    const memory = { label: 'memory', unit: 'GB' };
    expect(worded(memory, { least: 8 })).toBe('memory 8 GB or more');
    expect(worded(memory, { most: 12 })).toBe('memory 12 GB at most');
    expect(worded(memory, { least: 8, most: 8 })).toBe('memory 8 GB');
    expect(worded(memory, { least: 8, most: 12 })).toBe('memory 8 to 12 GB');
    expect(worded({ label: 'chip', unit: '' }, { words: ['Vane Five', 'Basalt'] })).toBe('chip Vane Five or Basalt');
    expect(worded({ label: 'unlocked', unit: '' }, { yes: false })).toBe('no unlocked');
  });
});
