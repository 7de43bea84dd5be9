import { describe, expect, it } from 'vitest';
import { decimals, like, shortMinor, smallest, typedMinor, writtenMinor } from './money';

describe('a typed sum', () => {
  it.each([
    ['309', 'EUR', 30900],
    ['309.5', 'EUR', 30950],
    ['309,50', 'EUR', 30950],
    [' 1 264.80 ', 'EUR', 126480],
    ["1'264", 'EUR', 126400],
    ['-4.90', 'EUR', -490],
    ['0', 'EUR', 0],
    ['48000', 'JPY', 48000],
    ['309.125', 'KWD', 309125],
    ['309.5', 'KWD', 309500],
  ])('%s in %s is %d minor units', (text, currency, minor) => expect(typedMinor(text, currency)).toBe(minor));

  it.each([
    ['', 'EUR'],
    ['abc', 'EUR'],
    ['1.234,56', 'EUR'],
    ['12.345', 'EUR'],
    ['1e5', 'EUR'],
    ['9999999999999', 'EUR'],
    ['309 EUR', 'EUR'],
    ['--1', 'EUR'],
    ['48000.5', 'JPY'],
    ['1,500', 'JPY'],
    ['1.2345', 'KWD'],
  ])('%s in %s is none', (text, currency) => expect(typedMinor(text, currency)).toBeNull());

  it.each(['EUR', 'JPY', 'KWD'])('in %s comes back as it was written', (currency) => {
    for (const minor of [0, 1, 999, 48000, -1234567])
      expect([
        typedMinor(writtenMinor(minor, currency), currency),
        typedMinor(shortMinor(minor, currency), currency),
      ]).toEqual([minor, minor]);
  });
});

describe('a written sum', () => {
  it('has the decimals of its currency', () =>
    expect(['EUR', 'JPY', 'KWD'].map((c) => writtenMinor(126480, c))).toEqual(['1264.80', '126480', '126.480']));
  it('leaves out decimals that are all nought where it is short', () =>
    expect([
      shortMinor(84000, 'EUR'),
      shortMinor(92050, 'EUR'),
      shortMinor(840, 'JPY'),
      shortMinor(840000, 'KWD'),
    ]).toEqual(['840', '920.50', '840', '840']));
  it('is nothing when nothing is known', () =>
    expect([writtenMinor(null, 'EUR'), shortMinor(undefined, 'EUR')]).toEqual(['', '']));
  it('is told by example', () =>
    expect(['EUR', 'JPY', 'KWD'].map((c) => like(840, c))).toEqual(['840 or 840.50', '840', '840 or 840.500']));
  it('is divided into what the currency has', () =>
    expect(['EUR', 'JPY', 'KWD'].map(smallest)).toEqual(['cents', 'JPY', 'thousandths']));
  it('has two decimals while its currency is still being typed', () => expect(decimals('E')).toBe(2));
});
