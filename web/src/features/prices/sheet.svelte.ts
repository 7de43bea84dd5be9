import type { Schemas } from '$lib/api/client';
import { like, typedMinor, writtenMinor } from '$lib/money';
import { isFarOff } from './typed.svelte';

type PriceToType = Schemas['PriceToType'];

/** What is sent for one price. */
export interface Typed {
  minor: number;
  /** Whether the author has said that a price far from the last is right. */
  sure: boolean;
}

export type Send = (price: PriceToType, typed: Typed) => Promise<number | undefined>;
export type TakeBack = (price: PriceToType, number: number) => Promise<void>;
/** Confirms prices as they were shown, all or none; the id by which that is taken back. */
export type Confirm = (prices: PriceToType[], sure: boolean) => Promise<string>;
export type TakeBackAll = (confirmation: string) => Promise<void>;

/** What the sheet does at the server. */
export interface Acts {
  send: Send;
  takeBack: TakeBack;
  confirm: Confirm;
  takeBackAll: TakeBackAll;
}

/** A figure without the guide's own currency beside it, as it is copied from a table. */
export function bare(text: string, currency: string): string {
  const symbol = new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
    .formatToParts(0)
    .find((p) => p.type === 'currency')!.value;
  const trimmed = text.trim();
  const sign = [currency, symbol].find((s) => trimmed.startsWith(s) || trimmed.endsWith(s));
  return sign ? trimmed.replace(sign, '').trim() : trimmed;
}

const again = (problem: unknown) =>
  (problem as Error).message.replace(/; say that you are sure if it is right\.$/, '.');

/** One line of the price sheet: what is typed in it, and what has become of it. */
export class Entry {
  text = $state('');
  state = $state<'open' | 'saving' | 'saved' | 'confirmed' | 'asked' | 'refused'>('open');
  sentence = $state('');
  /** By which it is taken back; absent for what cannot be. */
  number = $state<number>();
  private confirmation = $state<string>();
  /** The text that was found to be far from the last price; the same again is meant. */
  private doubted = '';

  constructor(
    readonly price: PriceToType,
    private readonly currency: string,
    private readonly acts: Acts,
  ) {}

  get key(): string {
    return this.price.key;
  }

  /** Whether a price is typed here; packages and estimates are changed where they are made. */
  get isTyped(): boolean {
    return this.price.state !== 'PACKAGE' && this.price.state !== 'ESTIMATED';
  }

  /** Whether there is a last price, and nothing else was said here yet. */
  get isConfirmable(): boolean {
    return this.price.stands !== '' && !this.text && this.state !== 'saved' && this.state !== 'confirmed';
  }

  get canUndo(): boolean {
    return (this.state === 'saved' && this.number != null) || (this.state === 'confirmed' && !!this.confirmation);
  }

  /** What the price was, as it would be typed; nothing where it is not known. */
  get lastText(): string {
    return writtenMinor(this.price.last?.minor, this.currency);
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
  async confirm(): Promise<boolean> {
    if (!this.isConfirmable) return false;
    const isSure = this.state === 'asked';
    this.state = 'saving';
    try {
      this.confirmed(await this.acts.confirm([this.price], isSure));
      return true;
    } catch (problem) {
      this.state = isFarOff(problem) ? 'asked' : 'refused';
      this.sentence = again(problem);
      return false;
    }
  }

  /** It was confirmed, alone or with others; with others it is taken back with them. */
  confirmed(confirmation?: string): void {
    this.confirmation = confirmation;
    this.state = 'confirmed';
    this.sentence = '';
  }

  reopen(): void {
    this.confirmation = undefined;
    this.number = undefined;
    this.state = 'open';
    this.text = '';
    this.sentence = '';
  }

  edited(): void {
    if (this.state !== 'saving') {
      this.state = 'open';
      this.sentence = '';
    }
  }

  private async saved(typed: Typed): Promise<void> {
    const text = this.text;
    this.state = 'saving';
    this.sentence = '';
    try {
      this.number = await this.acts.send(this.price, typed);
      this.state = 'saved';
    } catch (problem) {
      this.doubted = isFarOff(problem) ? text : '';
      this.state = isFarOff(problem) ? 'asked' : 'refused';
      this.sentence = again(problem);
    }
  }

  async undo(): Promise<void> {
    try {
      if (this.state === 'confirmed') await this.acts.takeBackAll(this.confirmation!);
      else await this.acts.takeBack(this.price, this.number!);
      this.reopen();
    } catch (problem) {
      this.sentence = (problem as Error).message;
    }
  }
}

/** The rows of a sheet, and what was confirmed of all of them at once. */
export class Sheet {
  told = $state('');
  problem = $state('');
  private last = $state.raw<{ id: string; entries: Entry[] }>();
  private isDoubted = false;

  constructor(
    readonly entries: Entry[],
    private readonly acts: Acts,
  ) {}

  get confirmable(): Entry[] {
    return this.entries.filter((e) => e.isConfirmable);
  }

  get canUndo(): boolean {
    return this.last !== undefined;
  }

  /** Every row that has a last price, in one step; where one is far from what others ask, the same again is meant. */
  async confirmAll(): Promise<void> {
    const entries = this.confirmable;
    if (!entries.length) return;
    this.told = '';
    this.problem = '';
    try {
      const id = await this.acts.confirm(
        entries.map((e) => e.price),
        this.isDoubted,
      );
      entries.forEach((e) => e.confirmed());
      this.last = { id, entries };
      this.isDoubted = false;
      this.told = `${entries.length} ${entries.length === 1 ? 'price' : 'prices'} confirmed.`;
    } catch (problem) {
      this.isDoubted = isFarOff(problem);
      this.problem = again(problem) + (this.isDoubted ? ' Confirm again if all are right.' : '');
    }
  }

  async undo(): Promise<void> {
    if (!this.last) return;
    try {
      await this.acts.takeBackAll(this.last.id);
      this.last.entries.forEach((e) => e.reopen());
      this.told = `${this.last.entries.length} confirmations undone.`;
      this.last = undefined;
    } catch (problem) {
      this.problem = (problem as Error).message;
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
