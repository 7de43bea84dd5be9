import { api, taken, type Schemas } from '$lib/api/client';
import type { Acts } from './sheet.svelte';

type PriceToType = Schemas['PriceToType'];

/** Who sold last time sells again; a price of nobody in particular includes its shipping. */
function again(price: PriceToType, minor: number, sure: boolean, guide: PricedAt): Schemas['TypedPrice'] {
  const place = price.place;
  const isNobody = !place?.shop && !place?.seller;
  return {
    guide: guide.id,
    allGuides: false,
    shop: place?.shop,
    seller: place?.seller,
    sellerIsPerson: place?.byPerson ?? false,
    link: place?.link,
    condition: (place?.condition as Schemas['TypedPrice']['condition']) ?? 'NEW',
    stock: 'IN_STOCK',
    priceMinor: minor,
    shippingMinor: price.last?.shippingMinor ?? (isNobody ? 0 : undefined),
    currency: guide.currency,
    membersOnly: false,
    sure,
  };
}

/** The guide whose prices they are. */
export interface PricedAt {
  id: string;
  currency: string;
}

/** What the sheet of an edition does at the server. */
export function sheetActs(edition: string, guide: () => PricedAt): Acts {
  return {
    send: async (price, typed) => {
      if (price.part) {
        const body = again(price, typed.minor, typed.sure, guide());
        const answer = api.POST('/api/parts/{part}/prices', { params: { path: { part: price.part } }, body });
        return (await taken(answer)).number;
      }
      await taken(
        api.PATCH('/api/editions/{edition}/lines/{line}', {
          params: {
            path: { edition, line: price.uses[0]!.line },
            header: { 'If-Match': `"${price.version}"` },
          },
          body: { choice: { ...price.choice!, priceMinor: typed.minor } },
        }),
      );
      return undefined;
    },
    takeBack: async (price, number) => {
      await taken(api.DELETE('/api/parts/{part}/prices/{number}', { params: { path: { part: price.part!, number } } }));
    },
    confirm: async (prices, sure) => {
      const body = { prices: prices.map((p) => ({ key: p.key, stands: p.stands })), sure };
      const answer = api.POST('/api/editions/{edition}/price-sheet/confirmations', {
        params: { path: { edition } },
        body,
      });
      return (await taken(answer)).id;
    },
    takeBackAll: async (id) => {
      await taken(
        api.DELETE('/api/editions/{edition}/price-sheet/confirmations/{id}', { params: { path: { edition, id } } }),
      );
    },
  };
}

/** Lets a pinned line take the cheapest offer again. */
export const unpin = (edition: string, price: PriceToType) =>
  taken(
    api.PATCH('/api/editions/{edition}/lines/{line}', {
      params: { path: { edition, line: price.uses[0]!.line }, header: { 'If-Match': `"${price.version}"` } },
      body: { hold: { why: '' } },
    }),
  );
