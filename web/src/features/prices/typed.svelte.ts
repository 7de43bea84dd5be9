import { api, Problem, taken, type Schemas } from '$lib/api/client';
import { like, typedMinor } from '$lib/money';

export type SellerKind = 'NOBODY' | 'PERSON' | 'OTHER_SHOP' | (string & {});

/** A guide for which a price is typed. */
export type PricedGuide = Pick<Schemas['GuideInfo'], 'id' | 'name' | 'currency'>;

/** A line on which a price is to count. */
export interface PricedLine {
  edition: string;
  line: string;
}

const ALL = 'ALL';

function sum(what: string, text: string, currency: string): number | undefined {
  const minor = typedMinor(text, currency);
  if (text.trim() && minor == null)
    throw new Error(
      `${what} "${text.slice(0, 20)}" is not a sum in ${currency}. Enter it like ${like(309, currency)}.`,
    );
  return minor ?? undefined;
}

/** One price as it is typed; sums are text until they are sent. */
export class PriceEntry {
  price = $state('');
  condition = $state<Schemas['TypedPrice']['condition']>('NEW');
  /** Nobody in particular, a person, a shop that is not set up, or the id of one that is. */
  seller = $state<SellerKind>('NOBODY');
  name = $state('');
  /** An address, or where the price is from in words. */
  source = $state('');
  shipping = $state('');
  seenOn = $state('');
  rebate = $state('');
  stock = $state<Schemas['TypedPrice']['stock']>('IN_STOCK');
  membersOnly = $state(false);
  /** Whether a CPU's boxed cooler comes with it. */
  boxedCooler = $state<'UNKNOWN' | 'WITH' | 'WITHOUT'>('UNKNOWN');
  /** The id of a guide, or all of them. */
  guide = $state('');
  sure = $state(false);
  admitAt = $state<Schemas['PriceForLine']['admitAt'] | ''>('');
  pin = $state(false);
  why = $state('');

  constructor(guide: string) {
    this.guide = guide;
  }

  get isForAll(): boolean {
    return this.guide === ALL;
  }

  get isNamed(): boolean {
    return this.seller === 'PERSON' || this.seller === 'OTHER_SHOP';
  }

  private get isLink(): boolean {
    return /^https?:\/\//.test(this.source.trim());
  }

  /** The price to send; says which figure is none. */
  form(currency: string): Schemas['TypedPrice'] {
    const price = sum('Price', this.price, currency);
    if (price === undefined) throw new Error('Enter the price.');
    if (this.isNamed && !this.name.trim())
      throw new Error(this.seller === 'PERSON' ? "Enter the person's name." : "Enter the shop's name.");
    const source = this.source.trim();
    return {
      guide: this.isForAll ? undefined : this.guide,
      allGuides: this.isForAll,
      shop: this.seller === 'NOBODY' || this.isNamed ? undefined : this.seller,
      seller: this.isNamed ? this.name.trim() : undefined,
      sellerIsPerson: this.seller === 'PERSON',
      condition: this.condition,
      stock: this.stock,
      priceMinor: price,
      currency,
      shippingMinor: sum('Shipping', this.shipping, currency),
      claimBackMinor: sum('Mail-in rebate', this.rebate, currency),
      boxedCooler: this.boxedCooler === 'UNKNOWN' ? undefined : this.boxedCooler === 'WITH',
      membersOnly: this.membersOnly,
      seenOn: this.seenOn || undefined,
      source: this.isLink ? undefined : source || undefined,
      link: this.isLink ? source : undefined,
      sure: this.sure,
    };
  }

  /** The same while it is being typed; nothing until it is a price. */
  draft(currency: string): Schemas['TypedPrice'] | null {
    try {
      return this.form(currency);
    } catch {
      return null;
    }
  }

  /** For the next price of the same seller. */
  cleared(): void {
    this.price = '';
    this.shipping = '';
    this.rebate = '';
    this.boxedCooler = 'UNKNOWN';
    this.sure = false;
    this.pin = false;
    this.admitAt = '';
    this.why = '';
  }
}

export const isFarOff = (problem: unknown): boolean => problem instanceof Problem && problem.body.isFarOff === true;

/** Keeps a price: on a line, where it may count at once, or of a part alone. The number by which it is taken back. */
export async function keep(
  part: string,
  entry: PriceEntry,
  currency: string,
  line: PricedLine | undefined,
): Promise<number> {
  const price = entry.form(currency);
  if (!line) {
    return (await taken(api.POST('/api/parts/{part}/prices', { params: { path: { part } }, body: price }))).number;
  }
  const body = { part, price, admitAt: entry.admitAt || undefined, pin: entry.pin, why: entry.why.trim() || undefined };
  const answer = api.POST('/api/editions/{edition}/lines/{line}/prices', { params: { path: { ...line } }, body });
  return (await taken(answer)).number;
}

export const takeBack = (part: string, number: number) =>
  taken(api.DELETE('/api/parts/{part}/prices/{number}', { params: { path: { part, number } } }));

export { ALL as ALL_GUIDES };
