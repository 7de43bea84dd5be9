import { describe, expect, it } from 'vitest';
import { ALL_GUIDES, PriceEntry } from './typed.svelte';

function entry(fields: Partial<Pick<PriceEntry, 'price' | 'seller' | 'name' | 'source' | 'rebate' | 'guide'>>) {
  return Object.assign(new PriceEntry('g'), fields);
}

describe('a typed price', () => {
  it('is sent in minor units for its guide, with what was left empty left out', () => {
    const form = entry({ price: '309,50', rebate: '20', source: 'by telephone' }).form('EUR');
    expect(form).toMatchObject({
      priceMinor: 30950,
      claimBackMinor: 2000,
      currency: 'EUR',
      guide: 'g',
      allGuides: false,
    });
    expect(form.source).toBe('by telephone');
    expect(form.shippingMinor).toBeUndefined();
    expect(form.shop).toBeUndefined();
    expect(form.link).toBeUndefined();
  });

  it('says of a boxed cooler only what is known', () => {
    const of = (boxedCooler: PriceEntry['boxedCooler']) =>
      Object.assign(entry({ price: '1' }), { boxedCooler }).form('EUR').boxedCooler;
    expect([of('UNKNOWN'), of('WITH'), of('WITHOUT')]).toEqual([undefined, true, false]);
  });

  it('is for all guides where that is chosen', () =>
    expect(entry({ price: '1', guide: ALL_GUIDES }).form('EUR')).toMatchObject({ guide: undefined, allGuides: true }));

  it('takes an address for a link and anything else for a source', () => {
    const link = entry({ price: '1', source: ' https://pier.example/1 ' }).form('EUR');
    expect(link).toMatchObject({ link: 'https://pier.example/1', source: undefined });
  });

  it('is of a person, of another shop, or of a shop of the desk', () => {
    expect(entry({ price: '1', seller: 'PERSON', name: 'Liv' }).form('EUR')).toMatchObject({
      seller: 'Liv',
      sellerIsPerson: true,
    });
    expect(entry({ price: '1', seller: 'shop-1' }).form('EUR')).toMatchObject({
      shop: 'shop-1',
      sellerIsPerson: false,
    });
    expect(() => entry({ price: '1', seller: 'OTHER_SHOP' }).form('EUR')).toThrow("Enter the shop's name");
  });

  it('is counted in the minor units of its currency', () => {
    expect(entry({ price: '48000' }).form('JPY').priceMinor).toBe(48000);
    expect(entry({ price: '48000' }).form('KWD').priceMinor).toBe(48000000);
  });

  it.each([
    ['', 'Enter the price'],
    ['much', 'Price "much" is not a sum'],
    ['1.2.3', 'Price "1.2.3" is not a sum'],
  ])('that is "%s" is refused', (price, words) => {
    expect(() => entry({ price }).form('EUR')).toThrow(words);
    expect(entry({ price }).draft('EUR')).toBeNull();
  });
});
