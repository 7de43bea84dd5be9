import type { Schemas } from '$lib/api/client';
import { like, shortMinor, typedMinor } from '$lib/money';
import { differing } from './offers';

export function emptyGuide(): Schemas['GuideForm'] {
  return {
    name: '',
    region: '',
    zone: 'CET',
    currency: 'EUR',
    locale: 'en',
    schedule: 'monthly',
    disclosure: '',
    policy: {
      conditions: ['NEW'],
      stock: ['IN_STOCK', 'LIMITED'],
      membersOnly: false,
      greatestAgeDays: 7,
      sellers: ['SHOP', 'MARKET'],
      regions: [],
      usedReturnDays: 0,
    },
    oldAfterDays: 3,
    shops: [],
  };
}

/** Every setting of a guide, as a copy to be changed; what is left out when it is sent back would be lost. */
export function settingsOf(guide: Schemas['GuideInfo']): Schemas['GuideForm'] {
  const settings = JSON.parse(JSON.stringify(guide)) as Partial<Schemas['GuideInfo']>;
  delete settings.id;
  delete settings.slug;
  delete settings.version;
  return settings as Schemas['GuideForm'];
}

/** A tier as it is typed; sums are text until they are sent. */
export interface TypedTier {
  name: string;
  audience: string;
  promise: string;
  type: Schemas['BandForm']['type'];
  from: string;
  to: string;
  point: string;
  tolerance: string;
  countsShipping: boolean;
  /** Whether the band is about the total with sales tax. */
  countsTax: boolean;
  showsBuilds: boolean;
  wishes: TypedWishes;
  /** Which other offers count in the tier; nothing where it goes by the guide. */
  policy: Schemas['OverrideForm'];
}

/** What a tier asks for, as it is typed: words with commas between. */
export interface TypedWishes {
  colours: string;
  rearPorts: string;
  lighting: NonNullable<Schemas['WishForm']['lighting']>;
  radio: boolean;
  errorCorrection: boolean;
  secureBoot: boolean;
  warrantyHere: boolean;
  overclocking: boolean;
  cpuUpgrade: boolean;
  mostNoise: string;
  leastCardMemory: string;
  leastStorage: string;
  leastEndurance: string;
  supplyFloor: string;
  /** Whether the tier says what its total leaves out, and which slots those are. */
  saysCounted: boolean;
  beside: NonNullable<Schemas['WishForm']['beside']>;
}

export function emptyWishes(): TypedWishes {
  return {
    colours: '',
    rearPorts: '',
    lighting: 'EITHER',
    radio: false,
    errorCorrection: false,
    secureBoot: false,
    warrantyHere: false,
    overclocking: false,
    cpuUpgrade: false,
    mostNoise: '',
    leastCardMemory: '',
    leastStorage: '',
    leastEndurance: '',
    supplyFloor: '',
    saysCounted: false,
    beside: [],
  };
}

const words = (list?: string[] | null) => (list ?? []).join(', ');
const list = (text: string) =>
  text
    .split(',')
    .map((w) => w.trim())
    .filter(Boolean);

const asTyped = (value?: number | null) => (value == null ? '' : String(value));

/** A whole figure as it was typed, or none; anything else is told. */
function whole(what: string, text: string, unit: string): number | undefined {
  const bare = text.trim();
  if (bare && !/^[0-9]{1,6}$/.test(bare))
    throw new Error(`The ${what} "${bare.slice(0, 20)}" is not a number of ${unit}; write it like 34.`);
  return bare ? Number(bare) : undefined;
}

export function typedWishes(form?: Schemas['WishForm'] | null): TypedWishes {
  return {
    ...emptyWishes(),
    colours: words(form?.colours),
    rearPorts: words(form?.rearPorts),
    lighting: form?.lighting ?? 'EITHER',
    radio: form?.radio ?? false,
    errorCorrection: form?.errorCorrection ?? false,
    secureBoot: form?.secureBoot ?? false,
    warrantyHere: form?.warrantyHere ?? false,
    overclocking: form?.overclocking ?? false,
    cpuUpgrade: form?.cpuUpgrade ?? false,
    mostNoise: asTyped(form?.mostNoise),
    leastCardMemory: asTyped(form?.leastCardMemory),
    leastStorage: asTyped(form?.leastStorage),
    leastEndurance: asTyped(form?.leastEndurance),
    supplyFloor: form?.supplyFloor ?? '',
    saysCounted: form?.beside != null,
    beside: form?.beside ?? [],
  };
}

/** The wishes to send; what is not asked for is left out. */
export function wishForm(typed: TypedWishes): Schemas['WishForm'] {
  const noise = whole('most noise', typed.mostNoise, 'dB');
  const cardMemory = whole('least card memory', typed.leastCardMemory, 'GB');
  const storage = whole('least storage', typed.leastStorage, 'GB');
  const endurance = whole('least TBW', typed.leastEndurance, 'TB');
  return {
    ...(typed.colours.trim() ? { colours: list(typed.colours) } : {}),
    ...(typed.rearPorts.trim() ? { rearPorts: list(typed.rearPorts) } : {}),
    ...(typed.lighting === 'EITHER' ? {} : { lighting: typed.lighting }),
    ...(typed.radio ? { radio: true } : {}),
    ...(typed.errorCorrection ? { errorCorrection: true } : {}),
    ...(typed.secureBoot ? { secureBoot: true } : {}),
    ...(typed.warrantyHere ? { warrantyHere: true } : {}),
    ...(typed.overclocking ? { overclocking: true } : {}),
    ...(typed.cpuUpgrade ? { cpuUpgrade: true } : {}),
    ...(noise == null ? {} : { mostNoise: noise }),
    ...(cardMemory == null ? {} : { leastCardMemory: cardMemory }),
    ...(storage == null ? {} : { leastStorage: storage }),
    ...(endurance == null ? {} : { leastEndurance: endurance }),
    ...(typed.supplyFloor ? { supplyFloor: typed.supplyFloor } : {}),
    ...(typed.saysCounted ? { beside: typed.beside } : {}),
  };
}

export function emptyTier(): TypedTier {
  return {
    name: '',
    audience: '',
    promise: '',
    type: 'FROM_TO',
    from: '',
    to: '',
    point: '',
    tolerance: '2',
    countsShipping: false,
    countsTax: false,
    showsBuilds: false,
    policy: {},
    wishes: emptyWishes(),
  };
}

export function typedTier(form: Schemas['TierForm'], currency: string): TypedTier {
  const band = form.band;
  return {
    name: form.name,
    audience: form.audience,
    promise: form.promise,
    type: band.type,
    from: shortMinor(band.fromMinor, currency),
    to: shortMinor(band.toMinor, currency),
    point: shortMinor(band.pointMinor, currency),
    tolerance: band.tolerancePermille == null ? '2' : String(band.tolerancePermille / 10),
    countsShipping: form.countsShipping,
    countsTax: form.countsTax ?? false,
    showsBuilds: form.showsBuilds ?? false,
    policy: form.policy ?? {},
    wishes: typedWishes(form.wishes),
  };
}

/** A new tier that starts from another: what it promises, asks for and counts is the same; its name and band are its own. */
export function tierLike(typed: TypedTier, like: TypedTier): TypedTier {
  const { name, type, from, to, point, tolerance } = typed;
  const isNamed = [from, to, point].some((sum) => sum.trim());
  const band = isNamed ? { type, from, to, point, tolerance } : { type: like.type, from, to, point, tolerance };
  return { ...like, name, ...band };
}

function figure(what: string, text: string, currency: string): number {
  const minor = typedMinor(text, currency);
  if (minor == null)
    throw new Error(
      `The ${what} "${text.slice(0, 20)}" is not a sum in ${currency}; write it like ${like(840, currency)}.`,
    );
  return minor;
}

/** The tier to send; says which figure is none. Whether the band makes sense is the server's to say. */
export function tierForm(typed: TypedTier, currency: string): Schemas['TierForm'] {
  const band: Schemas['BandForm'] = { type: typed.type };
  if (typed.type === 'FROM_TO') {
    band.fromMinor = figure('lower limit', typed.from, currency);
    band.toMinor = figure('upper limit', typed.to, currency);
  } else if (typed.type === 'POINT') {
    band.pointMinor = figure('price point', typed.point, currency);
    const tolerance = Number(typed.tolerance.replace(',', '.'));
    if (!Number.isFinite(tolerance))
      throw new Error(`The tolerance "${typed.tolerance.slice(0, 20)}" is not a number of percent.`);
    band.tolerancePermille = Math.round(tolerance * 10);
  }
  return {
    name: typed.name,
    audience: typed.audience,
    promise: typed.promise,
    band,
    countsShipping: typed.countsShipping,
    ...(typed.countsTax ? { countsTax: true } : {}),
    showsBuilds: typed.showsBuilds,
    ...(differing(typed.policy) ? { policy: typed.policy } : {}),
    wishes: wishForm(typed.wishes),
  };
}
