import { describe, expect, it } from 'vitest';
import { emptyShop, feedForm, guessed, shopForm, typedShop } from './forms';

describe('a shop as it is typed', () => {
  it('comes back as it was', () => {
    const shop = shopForm({
      ...emptyShop(),
      name: 'Ferrowby',
      host: 'ferrowby.example',
      free: '79',
      shipping: '4.90',
      pace: '250',
      hasFeed: true,
      feedPath: '/lists/all.csv',
      feedFormat: 'SEMICOLON',
      columns: { PRICE: 'price', LINK: 'address', NAME: ' ' },
    });
    expect(shop).toMatchObject({ freeFromMinor: 7900, shippingMinor: 490, paceMs: 250, lanes: 2, taxPermille: 200 });
    expect(shop.feed).toEqual({
      path: '/lists/all.csv',
      format: 'SEMICOLON',
      columns: { PRICE: 'price', LINK: 'address' },
    });
    expect(shopForm(typedShop(shop))).toEqual(shop);
  });

  it.each([
    ['JPY', 7900, 490],
    ['KWD', 7900000, 490000],
  ])('counts sums in the minor units of %s', (currency, free, shipping) => {
    const shop = shopForm({ ...emptyShop(), currency, free: '7900', shipping: '490' });
    expect(shop).toMatchObject({ freeFromMinor: free, shippingMinor: shipping });
    expect(shopForm(typedShop(shop))).toEqual(shop);
  });

  it('says which figure is none', () => {
    expect(() => shopForm({ ...emptyShop(), free: 'much' })).toThrow('threshold "much" is not a sum');
    expect(() => shopForm({ ...emptyShop(), pace: 'slow' })).toThrow('pace "slow" is not a whole number');
  });

  it('has no list until one is named', () => {
    expect(feedForm(emptyShop())).toBeUndefined();
  });

  it('guesses columns by their names and leaves what was chosen', () => {
    expect(guessed(['ean', 'title', 'price', 'address', 'colour'], { NAME: 'colour' })).toEqual({
      GTIN: 'ean',
      NAME: 'colour',
      PRICE: 'price',
      LINK: 'address',
    });
  });
});
