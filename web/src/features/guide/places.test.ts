import { describe, expect, it } from 'vitest';
import { currencies, here, languages, proposedCurrency, zones } from './places';

describe('where a guide is at home', () => {
  it('is proposed from the browser', () => {
    expect(here({ zone: 'CET', language: 'nb' })).toEqual({ zone: 'CET', locale: 'nb' });
    expect(here({ zone: 'EET', language: 'de-LI' })).toEqual({ zone: 'EET', locale: 'de' });
    expect(here({ zone: '', language: 'xx' })).toEqual({ zone: 'UTC', locale: 'en' });
  });

  it('counts in the currency of the shops, else of the region', () => {
    expect(proposedCurrency([{ currency: 'PLN' }, { currency: 'EUR' }], 'en-US')).toBe('PLN');
    expect(proposedCurrency([], 'ja')).toBe('JPY');
    expect(proposedCurrency([], 'de')).toBe('EUR');
  });

  it('has every zone, currency and language by name', () => {
    expect(zones().map((z) => z.value)).toEqual(expect.arrayContaining(['CET', 'UTC']));
    expect(currencies()).toContainEqual({ value: 'SEK', label: 'SEK, Swedish Krona' });
    expect(languages()).toContainEqual({ value: 'en', label: 'English (en)' });
  });
});
