import type { Schemas } from '$lib/api/client';

const stocks: Partial<Record<Schemas['OfferRead']['stock'], string>> = {
  OUT_OF_STOCK: 'sold out',
  GONE: 'no longer sold',
  BACK_ORDER: 'back order',
  PRE_ORDER: 'pre-order',
};

/** What keeps an offer from counting everywhere: ", used, sold out"; nothing for a new one in stock for anyone. */
export function offerWords(offer: Schemas['OfferRead'], today = new Date().toISOString().slice(0, 10)): string {
  const words = [
    offer.condition === 'NEW' ? '' : offer.condition.toLowerCase(),
    stocks[offer.stock] ?? '',
    offer.membersOnly ? 'members only' : '',
    offer.validUntil && offer.validUntil < today ? `ended on ${offer.validUntil}` : '',
  ].filter(Boolean);
  return words.length ? `, ${words.join(', ')}` : '';
}
