import type { Schemas } from '$lib/api/client';

/** What an offer says of a CPU's boxed cooler; nothing where it does not say. */
export function coolerWords(offer: Pick<Schemas['OfferView'], 'boxedCooler'>): string {
  if (offer.boxedCooler == null) return '';
  return offer.boxedCooler ? ', with boxed cooler' : ', without boxed cooler';
}
