import { decimals } from './money';

/** Figures and dates as the guide's readers write them. */
export class Format {
  private readonly digits: number;
  private readonly number: Intl.NumberFormat;

  constructor(
    readonly currency: string,
    private readonly locale: string,
    private readonly zone = 'UTC',
  ) {
    this.digits = decimals(currency);
    this.number = new Intl.NumberFormat(locale, {
      minimumFractionDigits: this.digits,
      maximumFractionDigits: this.digits,
    });
  }

  get language(): string {
    return this.locale;
  }

  /** A sum in minor units, or the words for one that is not known. */
  money(minor: number | null | undefined): string {
    return minor == null ? 'not known' : this.number.format(minor / 10 ** this.digits);
  }

  /** A sum as it came: exact, from where to where it is estimated, or not known. */
  sum(of: { minor?: number | null; span?: { lowMinor: number; likelyMinor: number; highMinor: number } }): string {
    return of.span
      ? `about ${this.money(of.span.likelyMinor)}, ${this.money(of.span.lowMinor)} to ${this.money(of.span.highMinor)}`
      : this.money(of.minor);
  }

  /** Without decimals when there are none, for the ends of a band. */
  short(minor: number): string {
    return minor % 10 ** this.digits === 0
      ? new Intl.NumberFormat(this.locale).format(minor / 10 ** this.digits)
      : this.money(minor);
  }

  /** Thousandths as percent with a sign: a premium. */
  percent(permille: number): string {
    const size = (Math.abs(permille) / 10).toLocaleString(this.locale, { maximumFractionDigits: 1 });
    return `${permille > 0 ? '+' : permille < 0 ? '−' : ''}${size}%`;
  }

  /** Thousandths of a whole as percent. */
  share(permille: number): string {
    return `${(permille / 10).toLocaleString(this.locale, { maximumFractionDigits: 1 })}%`;
  }

  /** A difference with its sign; none is told in words, by default as against the last edition; nothing for nothing known. */
  signed(minor: number | null | undefined, none = 'as last'): string {
    if (minor == null) return '';
    return minor === 0 ? none : (minor > 0 ? '+' : '−') + this.money(Math.abs(minor));
  }

  date(instant: string): string {
    return new Intl.DateTimeFormat(this.locale, {
      day: 'numeric',
      month: 'short',
      hour: '2-digit',
      minute: '2-digit',
      timeZone: this.zone,
    }).format(new Date(instant));
  }

  /** A day of the calendar, which is the same everywhere. */
  day(date: string): string {
    return new Intl.DateTimeFormat(this.locale, { day: 'numeric', month: 'long', timeZone: 'UTC' }).format(
      new Date(date),
    );
  }

  month(period: string): string {
    return new Intl.DateTimeFormat(this.locale, { month: 'long', timeZone: 'UTC' }).format(new Date(period));
  }

  monthShort(period: string): string {
    return new Intl.DateTimeFormat(this.locale, { month: 'short', timeZone: 'UTC' }).format(new Date(period));
  }
}

/** A label within a sentence: "graphics card", but "CPU cooler" and "Wi-Fi adapter", which begin with a name. */
export function inSentence(label: string): string {
  return /^.\S*[A-Z]/.test(label) ? label : label.charAt(0).toLowerCase() + label.slice(1);
}

/** The month after that of a day, as "2027-01"; nothing for no day. */
export function monthAfter(day: string | undefined): string {
  if (!day) return '';
  const [year, month] = day.split('-').map(Number);
  const next = year! * 12 + month!;
  return `${Math.floor(next / 12)}-${String((next % 12) + 1).padStart(2, '0')}`;
}
