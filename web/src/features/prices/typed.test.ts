import { describe, expect, it } from 'vitest';
import { basisForm, emptyBasis, emptyPrice, priceForm, typedBasis } from './typed';

const shop = { id: 's', currency: 'EUR' };

describe('a typed price', () => {
  it('is sent in minor units, with what was left empty left out', () => {
    const form = priceForm({ ...emptyPrice(), price: '309,50', claim: '20', source: 'by telephone' }, shop);
    expect(form).toMatchObject({ priceMinor: 30950, claimBackMinor: 2000, currency: 'EUR', shop: 's' });
    expect(form.shippingMinor).toBeUndefined();
    expect(form.link).toBeUndefined();
  });

  it('is counted in the minor units of its shop', () => {
    const typed = { ...emptyPrice(), price: '48000', source: 'by telephone' };
    expect(priceForm(typed, { ...shop, currency: 'JPY' }).priceMinor).toBe(48000);
    expect(priceForm(typed, { ...shop, currency: 'KWD' }).priceMinor).toBe(48000000);
  });

  it.each([
    ['', 'Type the price'],
    ['much', 'The price "much" is not a sum'],
    ['1.2.3', 'The price "1.2.3" is not a sum'],
  ])('that is "%s" is refused', (price, words) =>
    expect(() => priceForm({ ...emptyPrice(), price }, shop)).toThrow(words),
  );
});

describe('the basis of an estimate', () => {
  it('goes there and back', () => {
    const form = basisForm({ ...emptyBasis(), comparable: 'p', factor: '1,15', spread: '7.5' }, 'EUR');
    expect(form).toEqual({ type: 'TIMES', comparable: 'p', factorPermille: 1150, spreadPermille: 75 });
    expect(typedBasis(form, 'EUR')).toMatchObject({ comparable: 'p', factor: '1.15', spread: '7.5' });
  });

  it('may be a step downwards', () =>
    expect(basisForm({ ...emptyBasis(), type: 'STEP', comparable: 'p', step: '-20' }, 'EUR').stepMinor).toBe(-2000));

  it.each([
    [{ comparable: '' }, 'Choose the part'],
    [{ comparable: 'p', factor: 'twice' }, 'The factor "twice"'],
    [{ comparable: 'p', spread: '' }, 'give or take'],
    [{ comparable: 'p', type: 'STEP' as const }, 'Type the step'],
  ])('%j is refused', (part, words) => expect(() => basisForm({ ...emptyBasis(), ...part }, 'EUR')).toThrow(words));
});
