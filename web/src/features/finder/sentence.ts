import type { Schemas } from '$lib/api/client';

/** A condition on one figure, as the query sentence holds it. */
export interface Clause {
  least?: number | null;
  most?: number | null;
  words?: string[] | null;
  yes?: boolean | null;
}

export type Order = 'PRICE' | 'PRICE_OF_A_UNIT' | 'TRUE_DIFFERENCE' | 'NEWNESS' | 'SAME_FOR_LESS';

export const orders: { order: Order; label: string }[] = [
  { order: 'PRICE', label: 'price' },
  { order: 'TRUE_DIFFERENCE', label: 'net change' },
  { order: 'PRICE_OF_A_UNIT', label: 'price of a unit' },
  { order: 'NEWNESS', label: 'recently added' },
  { order: 'SAME_FOR_LESS', label: 'cheaper equivalent' },
];

/** What is looked for: conditions by figure, forgiving text, an order. */
export interface Sentence {
  clauses: Record<string, Clause>;
  text: string;
  by: Order;
}

export const nothing = (): Sentence => ({ clauses: {}, text: '', by: 'PRICE' });

/** Whether a condition asks for anything. */
export function asks(clause: Clause): boolean {
  return clause.least != null || clause.most != null || clause.yes != null || !!clause.words?.length;
}

/** The written form, which is an address; docs/formats tells how it is made. */
export function write(sentence: Sentence): string {
  const pairs = Object.entries(sentence.clauses)
    .filter(([, clause]) => asks(clause))
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([figure, clause]) => `${encodeURIComponent(figure)}=${value(clause)}`);
  if (sentence.text.trim()) pairs.push(`text=${encodeURIComponent(sentence.text.trim())}`);
  if (sentence.by !== 'PRICE') pairs.push(`by=${sentence.by}`);
  return pairs.join('&');
}

function value(clause: Clause): string {
  if (clause.words?.length) return clause.words.map(encodeURIComponent).join('|');
  if (clause.yes != null) return clause.yes ? 'yes' : 'no';
  return `${clause.least ?? ''}..${clause.most ?? ''}`;
}

/** Reads a written form; what is no condition is left out. */
export function read(written: string): Sentence {
  const sentence = nothing();
  for (const pair of written.split('&')) {
    const at = pair.indexOf('=');
    if (at < 1) continue;
    const [name, raw] = [decode(pair.slice(0, at)), pair.slice(at + 1)];
    if (name === 'text') sentence.text = decode(raw);
    else if (name === 'by') sentence.by = orders.find((o) => o.order === raw)?.order ?? 'PRICE';
    else sentence.clauses[name] = clause(raw);
  }
  return sentence;
}

function clause(raw: string): Clause {
  const range = /^(\d*)\.\.(\d*)$/.exec(raw);
  if (range) return { least: range[1] ? Number(range[1]) : null, most: range[2] ? Number(range[2]) : null };
  if (raw === 'yes' || raw === 'no') return { yes: raw === 'yes' };
  return { words: raw.split('|').filter(Boolean).map(decode) };
}

function decode(text: string): string {
  try {
    return decodeURIComponent(text.replaceAll('+', ' '));
  } catch {
    return text;
  }
}

/** A condition in words: "memory 8 GB or more", "chip Vane Five or Mica Six". */
export function worded(word: Pick<Schemas['WordView'], 'label' | 'unit'>, clause: Clause): string {
  const unit = word.unit ? ` ${word.unit}` : '';
  if (clause.words?.length) return `${word.label} ${clause.words.join(' or ')}`;
  if (clause.yes != null) return clause.yes ? word.label : `no ${word.label}`;
  if (clause.least != null && clause.least === clause.most) return `${word.label} ${clause.least}${unit}`;
  if (clause.least != null && clause.most != null) return `${word.label} ${clause.least} to ${clause.most}${unit}`;
  return clause.least != null
    ? `${word.label} ${clause.least}${unit} or more`
    : `${word.label} ${clause.most ?? ''}${unit} at most`;
}
