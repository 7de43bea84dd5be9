import type { Schemas } from '$lib/api/client';
import type { Format } from '$lib/format';

/** Where a total stands, in words. */
export function standing(of: Schemas['Standing'], format: Format): string {
  const by = format.money(of.byMinor);
  return {
    INSIDE: `${by} left`,
    OVER: `${by} over`,
    UNDER: `${by} under`,
    RANGING: 'an estimate, may leave its band',
    NOT_KNOWN: 'a price is missing',
    NO_BAND: 'no ceiling',
  }[of.state];
}

/** The colour that goes with the word. */
export function tone(of: Schemas['Standing']): string {
  return {
    INSIDE: 'text-moss',
    NO_BAND: 'text-soft',
    OVER: 'text-clay',
    UNDER: 'text-straw',
    RANGING: 'text-slate',
    NOT_KNOWN: 'text-slate',
  }[of.state];
}

/** A band in words: "840 to 920", "1,240 ±2%". */
export function band(form: Schemas['BandForm'], format: Format): string {
  if (form.type === 'FROM_TO') return `${format.short(form.fromMinor!)} to ${format.short(form.toMinor!)}`;
  return form.type === 'POINT' ? `${format.short(form.pointMinor!)} ±${form.tolerancePermille! / 10}%` : 'no ceiling';
}
