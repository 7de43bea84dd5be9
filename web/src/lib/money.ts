/** Sums as they are typed and written, in the minor units of their currency. */

const known = new Map<string, number>();

/** How many decimals a currency has; two for what is no currency (yet), since it may still be typed. */
export function decimals(currency: string): number {
  let digits = known.get(currency);
  if (digits == null) {
    try {
      const format = new Intl.NumberFormat('en', { style: 'currency', currency });
      digits = format.resolvedOptions().maximumFractionDigits ?? 2;
    } catch {
      return 2;
    }
    known.set(currency, digits);
  }
  return digits;
}

/** How many minor units make one of a currency. */
export const minorUnits = (currency: string): number => 10 ** decimals(currency);

/** Minor units of a typed figure ("309", "309.5", "309,50"); null when it is none, or finer than the currency. */
export function typedMinor(text: string, currency: string): number | null {
  const figure = text.trim().replace(/[\s']/g, '').replace(',', '.');
  if (!/^-?\d{1,12}(\.\d{1,3})?$/.test(figure)) return null;
  const [whole, fraction = ''] = figure.replace('-', '').split('.');
  const digits = decimals(currency);
  if (fraction.length > digits) return null;
  const minor = Number(whole) * minorUnits(currency) + Number(fraction.padEnd(digits, '0'));
  return figure.startsWith('-') ? -minor : minor;
}

/** A sum as somebody would type it, with all its decimals; nothing for nothing known. */
export function writtenMinor(minor: number | null | undefined, currency: string): string {
  return minor == null ? '' : (minor / minorUnits(currency)).toFixed(decimals(currency));
}

/** A sum as somebody would type it, without decimals when there are none. */
export function shortMinor(minor: number | null | undefined, currency: string): string {
  return minor != null && minor % minorUnits(currency) === 0
    ? String(minor / minorUnits(currency))
    : writtenMinor(minor, currency);
}

/** Sums such as one would type, for a sentence: "840 or 840.50". */
export function like(major: number, currency: string): string {
  const digits = decimals(currency);
  return digits === 0 ? String(major) : `${major} or ${(major + 0.5).toFixed(digits)}`;
}

/** What a currency is divided into, in words; itself where it is not. */
export function smallest(currency: string): string {
  return ({ 0: currency, 2: 'cents', 3: 'thousandths' } as Record<number, string>)[decimals(currency)] ?? 'minor units';
}
