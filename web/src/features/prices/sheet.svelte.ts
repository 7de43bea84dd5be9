import type { Schemas } from '$lib/api/client';
import { Problem } from '$lib/api/client';
import { like, typedMinor, writtenMinor } from '$lib/money';

type PriceToType = Schemas['PriceToType'];

/** What is sent for one price. */
export interface Typed {
  minor: number;
  shop?: string;
  link?: string;
  /** Whether the author has said that a price far from the last is right. */
  sure: boolean;
}

export type Send = (price: PriceToType, typed: Typed) => Promise<number | undefined>;
export type TakeBack = (price: PriceToType, number: number) => Promise<void>;

/** A figure without the guide's own currency beside it, as it is copied from a table. */
export function bare(text: string, currency: string): string {
  const symbol = new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
    .formatToParts(0)
    .find((p) => p.type === 'currency')!.value;
  const trimmed = text.trim();
  const sign = [currency, symbol].find((s) => trimmed.startsWith(s) || trimmed.endsWith(s));
  return sign ? trimmed.replace(sign, '').trim() : trimmed;
}

/** One line of the price sheet: what is typed in it, and what has become of it. */
export class Entry {
  text = $state('');
  shop = $state('');
  link = $state('');
  state = $state<'open' | 'saving' | 'saved' | 'asked' | 'refused'>('open');
  sentence = $state('');
  /** By which it is taken back; absent for what cannot be. */
  number = $state<number>();
  /** The text that was found to be far from the last price; the same again is meant. */
  private doubted = '';

  constructor(
    readonly price: PriceToType,
    private readonly currency: string,
    private readonly send: Send,
    private readonly takeBack: TakeBack,
  ) {
    this.shop = price.place?.shop ?? '';
    this.link = price.place?.link ?? '';
  }

  get key(): string {
    return this.price.part ?? this.price.uses[0]!.line;
  }

  /** What the price was, as it would be typed; nothing where it was in another currency or is not known. */
  get lastText(): string {
    const last = this.price.last;
    return last?.currency === this.currency ? writtenMinor(last.minor, last.currency) : '';
  }

  /** Sends what is typed; false when it is no sum, so that the author stays here. */
  enter(): boolean {
    const minor = typedMinor(bare(this.text, this.currency), this.currency);
    if (minor == null || minor <= 0) {
      this.state = 'refused';
      this.sentence = `"${this.text.slice(0, 20)}" is not a price in ${this.currency}; write it like ${like(309, this.currency)}.`;
      return false;
    }
    void this.saved({ minor, sure: this.state === 'asked' && this.doubted === this.text });
    return true;
  }

  /** The last price holds today; false when there is none. */
  stillSo(): boolean {
    if (!this.lastText) return false;
    this.text = this.lastText;
    void this.saved({ minor: this.price.last!.minor, sure: true });
    return true;
  }

  edited(): void {
    if (this.state !== 'saving') {
      this.state = 'open';
      this.sentence = '';
    }
  }

  private async saved(typed: Pick<Typed, 'minor' | 'sure'>): Promise<void> {
    const text = this.text;
    this.state = 'saving';
    this.sentence = '';
    try {
      const shop = this.shop || undefined;
      this.number = await this.send(this.price, { ...typed, shop, link: (shop && this.link.trim()) || undefined });
      this.state = 'saved';
    } catch (problem) {
      const isFarOff = problem instanceof Problem && problem.body.isFarOff === true;
      this.doubted = isFarOff ? text : '';
      this.state = isFarOff ? 'asked' : 'refused';
      this.sentence = (problem as Error).message.replace(/; say that you are sure if it is right\.$/, '.');
    }
  }

  async undo(): Promise<void> {
    const number = this.number;
    if (number == null) return;
    try {
      await this.takeBack(this.price, number);
      this.number = undefined;
      this.state = 'open';
      this.text = '';
      this.sentence = '';
    } catch (problem) {
      this.sentence = (problem as Error).message;
    }
  }
}

/** The lines of a pasted column; an empty line at its end is none. */
export function pastedLines(text: string): string[] {
  const lines = text.replace(/\r/g, '').split('\n');
  while (lines.length && !lines.at(-1)!.trim()) lines.pop();
  return lines;
}

/** Fills the entries from one on with a pasted column and sends each; says in a sentence how far it went. */
export function paste(entries: Entry[], from: number, lines: string[]): string {
  const places = entries.slice(from);
  let taken = 0;
  lines.slice(0, places.length).forEach((line, i) => {
    if (!line.trim()) return;
    places[i]!.text = line.trim();
    if (places[i]!.enter()) taken += 1;
  });
  const blank = lines.slice(0, places.length).filter((line) => !line.trim()).length;
  const left = Math.max(0, lines.length - places.length);
  const refused = Math.min(lines.length, places.length) - taken - blank;
  return [
    `${lines.length} lines pasted, ${taken} prices taken`,
    blank ? `${blank} empty lines passed over` : '',
    refused ? `${refused} are no prices` : '',
    left ? `${left} lines had no row left` : '',
  ]
    .filter(Boolean)
    .join('; ')
    .concat('.');
}
