import type { Schemas } from '$lib/api/client';
import { typedMinor } from '$lib/format';

export function emptyGuide(): Schemas['GuideForm'] {
  return {
    name: '',
    region: '',
    zone: 'CET',
    currency: 'EUR',
    locale: 'en',
    schedule: 'monthly',
    disclosure: '',
    policy: { conditions: ['NEW'], stock: ['IN_STOCK', 'LIMITED'], membersOnly: false, greatestAgeDays: 7 },
    oldAfterDays: 3,
    shops: [],
  };
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
  };
}

const sum = (minor: number | null | undefined) =>
  minor == null ? '' : (minor / 100).toFixed(minor % 100 === 0 ? 0 : 2);

export function typedTier(form: Schemas['TierForm']): TypedTier {
  const band = form.band;
  return {
    name: form.name,
    audience: form.audience,
    promise: form.promise,
    type: band.type,
    from: sum(band.fromMinor),
    to: sum(band.toMinor),
    point: sum(band.pointMinor),
    tolerance: band.tolerancePermille == null ? '2' : String(band.tolerancePermille / 10),
    countsShipping: form.countsShipping,
  };
}

function figure(what: string, text: string): number {
  const minor = typedMinor(text);
  if (minor == null) throw new Error(`The ${what} "${text.slice(0, 20)}" is not a sum; write it like 840 or 840.50.`);
  return minor;
}

/** The tier to send; says which figure is none. Whether the band makes sense is the server's to say. */
export function tierForm(typed: TypedTier): Schemas['TierForm'] {
  const band: Schemas['BandForm'] = { type: typed.type };
  if (typed.type === 'FROM_TO') {
    band.fromMinor = figure('lower limit', typed.from);
    band.toMinor = figure('upper limit', typed.to);
  } else if (typed.type === 'POINT') {
    band.pointMinor = figure('price point', typed.point);
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
  };
}
