import { describe, expect, it } from 'vitest';
import { Format, inSentence, monthAfter } from './format';

describe('the month after a day', () => {
  it.each([
    ['2026-11-01', '2026-12'],
    ['2026-12-31', '2027-01'],
    [undefined, ''],
  ])('%s is %s', (day, month) => expect(monthAfter(day)).toBe(month));
});

describe('a label within a sentence', () => {
  it.each([
    ['Graphics card', 'graphics card'],
    ['CPU cooler', 'CPU cooler'],
    ['Wi-Fi adapter', 'Wi-Fi adapter'],
    ['Case', 'case'],
  ])('%s is %s', (label, words) => expect(inSentence(label)).toBe(words));
});

describe('format', () => {
  const format = new Format('EUR', 'en', 'CET');
  it('writes sums to the cent', () => expect(format.money(126480)).toBe('1,264.80'));
  it('says what is not known', () => expect(format.money(null)).toBe('not known'));
  it('signs differences', () =>
    expect([format.signed(1400), format.signed(-1100), format.signed(0), format.signed(null)]).toEqual([
      '+14.00',
      '−11.00',
      'as last',
      '',
    ]));
  it('writes premiums as percent', () =>
    expect([format.percent(40), format.percent(-17), format.percent(0)]).toEqual(['+4%', '−1.7%', '0%']));
  it('writes a day without shifting it', () => expect(format.day('2026-12-03')).toBe('December 3'));
  it('shortens band ends without cents', () =>
    expect([format.short(84000), format.short(126480)]).toEqual(['840', '1,264.80']));
  it('has three decimals where the currency has three', () =>
    expect(new Format('KWD', 'en').money(1264805)).toBe('1,264.805'));
  it('has no cents where the currency has none', () => expect(new Format('JPY', 'en').money(1500)).toBe('1,500'));
});
