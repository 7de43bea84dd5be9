import type { Schemas } from '$lib/api/client';

type NewFact = Schemas['SoftFactForm'];
type Fact = Schemas['FactView'];

/** A fact as it is typed. */
export interface TypedFact {
  form: NewFact['form'];
  score: string;
  outOf: string;
  count: string;
  words: string;
  source: string;
  on: string;
}

export const emptyFact = (): TypedFact => ({
  form: 'REVIEW',
  score: '',
  outOf: '5',
  count: '',
  words: '',
  source: '',
  on: '',
});

export const FORMS: { value: NewFact['form']; label: string }[] = [
  { value: 'REVIEW', label: 'a review score' },
  { value: 'OWNED', label: 'have owned it' },
  { value: 'BUILT_WITH', label: 'have built with it' },
  { value: 'TESTED', label: 'have tested it' },
  { value: 'CLIENTS', label: 'runs in a client’s machine' },
  { value: 'NEVER_HANDLED', label: 'never handled it' },
  { value: 'GIFT', label: 'was given to us' },
  { value: 'SPONSOR', label: 'its maker or seller sponsors us' },
  { value: 'COMMISSION', label: 'earns us a commission' },
  { value: 'OTHER', label: 'something said of it' },
];

function figure(what: string, text: string): number {
  const plain = text.trim().replace(',', '.');
  if (!/^\d{1,7}(\.\d{1,2})?$/.test(plain)) throw new Error(`The ${what} "${text.slice(0, 20)}" is not a figure.`);
  return Number(plain);
}

/** What is sent of it; a score only of a review. */
export function factForm(typed: TypedFact): NewFact {
  const score =
    typed.form === 'REVIEW'
      ? {
          scoreHundredths: Math.round(figure('score', typed.score) * 100),
          outOf: Math.round(figure('best score', typed.outOf)),
          count: Math.round(figure('number of reviews', typed.count)),
        }
      : {};
  return { form: typed.form, ...score, words: typed.words, source: typed.source, on: typed.on || undefined };
}

/** A fact as it would be sent again, to put one back that was taken out. */
export function again(fact: Fact): NewFact {
  const { form, scoreHundredths, outOf, count, words, source, on } = fact;
  return { form, scoreHundredths, outOf, count, words, source, on };
}

/** "4.5 of 5, 120 reviews". */
export function scored(fact: Fact): string {
  if (fact.scoreHundredths == null) return fact.formWords;
  return `${fact.scoreHundredths / 100} of ${fact.outOf}, ${fact.count} ${fact.count === 1 ? 'review' : 'reviews'}`;
}
