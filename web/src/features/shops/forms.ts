import type { Schemas } from '$lib/api/client';
import { like, typedMinor, writtenMinor } from '$lib/money';

export type Field = keyof Schemas['FeedForm']['columns'];

/** What a list's column can say, in the order in which it is asked. */
export const FIELDS: { field: string; label: string }[] = [
  { field: 'PRICE', label: 'Price' },
  { field: 'LINK', label: 'Link to the page' },
  { field: 'GTIN', label: 'GTIN' },
  { field: 'MAKER_NUMBER', label: "Maker's number" },
  { field: 'NAME', label: 'Name' },
  { field: 'SELLER', label: 'Seller' },
  { field: 'CURRENCY', label: 'Currency' },
  { field: 'CONDITION', label: 'Condition' },
  { field: 'STOCK', label: 'Stock' },
  { field: 'SHIPPING', label: 'Shipping' },
  { field: 'MEMBERS', label: 'Members only' },
];

/** A shop as it is typed; sums are text until they are sent. */
export interface TypedShop {
  name: string;
  host: string;
  currency: string;
  region: string;
  zone: string;
  tax: string;
  free: string;
  shipping: string;
  pace: string;
  lanes: string;
  mayStore: boolean;
  mayFreeze: boolean;
  shown: string;
  returns: string;
  hasPrices: boolean;
  earnsCommission: boolean;
  hasFeed: boolean;
  feedPath: string;
  feedFormat: Schemas['FeedForm']['format'];
  feedItems: string;
  columns: Record<string, string>;
}

export const emptyShop = (): TypedShop => ({
  name: '',
  host: '',
  currency: 'EUR',
  region: '',
  zone: 'CET',
  tax: '20',
  free: '',
  shipping: '',
  pace: '',
  lanes: '2',
  mayStore: true,
  mayFreeze: true,
  shown: '',
  returns: '',
  hasPrices: true,
  earnsCommission: false,
  hasFeed: false,
  feedPath: '',
  feedFormat: 'COMMA',
  feedItems: '',
  columns: {},
});

export function typedShop(shop: Schemas['Shop']): TypedShop {
  return {
    ...emptyShop(),
    name: shop.name,
    host: shop.host,
    currency: shop.currency,
    region: shop.region,
    zone: shop.zone,
    tax: String(shop.taxPermille / 10),
    free: writtenMinor(shop.freeFromMinor, shop.currency),
    shipping: writtenMinor(shop.shippingMinor, shop.currency),
    pace: shop.paceMs == null ? '' : String(shop.paceMs),
    lanes: String(shop.lanes ?? 2),
    mayStore: shop.mayStore ?? true,
    mayFreeze: shop.mayFreeze,
    shown: shop.shownDays == null ? '' : String(shop.shownDays),
    returns: shop.returnDays == null ? '' : String(shop.returnDays),
    hasPrices: shop.hasPrices !== false,
    earnsCommission: shop.earnsCommission === true,
    hasFeed: shop.feed != null,
    feedPath: shop.feed?.path ?? '',
    feedFormat: shop.feed?.format ?? 'COMMA',
    feedItems: shop.feed?.items ?? '',
    columns: { ...((shop.feed?.columns ?? {}) as Record<string, string>) },
  };
}

function optional(what: string, text: string, currency: string): number | undefined {
  const minor = typedMinor(text, currency);
  if (text.trim() && minor == null)
    throw new Error(
      `The ${what} "${text.slice(0, 20)}" is not a sum in ${currency}; write it like ${like(79, currency)}.`,
    );
  return minor ?? undefined;
}

function whole(what: string, text: string): number | undefined {
  if (!text.trim()) return undefined;
  if (!/^[0-9]{1,6}$/.test(text.trim())) throw new Error(`The ${what} "${text.slice(0, 20)}" is not a whole number.`);
  return Number(text);
}

/** How the list is read; columns that nobody named are left out. */
export function feedForm(typed: TypedShop): Schemas['FeedForm'] | undefined {
  if (!typed.hasFeed || !typed.hasPrices) return undefined;
  const columns = Object.fromEntries(Object.entries(typed.columns).filter(([, column]) => column.trim()));
  return {
    path: typed.feedPath,
    format: typed.feedFormat,
    ...((typed.feedFormat === 'JSON' || typed.feedFormat === 'XML') && typed.feedItems
      ? { items: typed.feedItems }
      : {}),
    columns,
  };
}

/** The shop to send; says which figure is none. Whether it makes sense is the server's to say. */
export function shopForm(typed: TypedShop): Schemas['Shop'] {
  return {
    name: typed.name,
    host: typed.host,
    currency: typed.currency,
    region: typed.region,
    zone: typed.zone,
    taxPermille: Math.round(Number(typed.tax.replace(',', '.')) * 10) || 0,
    freeFromMinor: optional('threshold', typed.free, typed.currency),
    shippingMinor: optional('shipping', typed.shipping, typed.currency),
    mayStore: typed.mayStore,
    mayFreeze: typed.mayFreeze,
    shownDays: whole('number of days its prices may be shown', typed.shown),
    returnDays: whole('number of days for returns', typed.returns),
    paceMs: whole('pace', typed.pace),
    lanes: whole('number of lanes', typed.lanes),
    feed: feedForm(typed),
    hasPrices: typed.hasPrices,
    earnsCommission: typed.earnsCommission,
    pages: 0,
  };
}

const GUESSES: [string, RegExp][] = [
  ['PRICE', /^(price(\.value)?|amount|cost)$/i],
  ['LINK', /^(link|url|address)$/i],
  ['GTIN', /^(gtin(13|14)?|ean|code|barcode)$/i],
  ['MAKER_NUMBER', /^(mpn|maker.?number|part.?number)$/i],
  ['NAME', /^(name|title|label)$/i],
  ['SELLER', /^(seller|merchant|vendor)$/i],
  ['CURRENCY', /^(currency|price\.currency)$/i],
  ['CONDITION', /^(condition|state|grade)$/i],
  ['STOCK', /^(stock|availability|available)$/i],
  ['SHIPPING', /^(shipping|postage|delivery)$/i],
  ['MEMBERS', /^(members?(.?only)?)$/i],
];

/** What columns of these names probably say; an author's own mapping is not touched. */
export function guessed(columns: string[], own: Record<string, string>): Record<string, string> {
  const result = { ...own };
  for (const [field, pattern] of GUESSES) {
    const found = columns.find((c) => pattern.test(c));
    if (found && !result[field]) result[field] = found;
  }
  return result;
}
