import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { again, emptyFact, factForm, scored } from './facts';

describe('what is known of a part', () => {
  it('sends a score in hundredths, with a comma or a point', () => {
    const typed = { ...emptyFact(), score: '4,35', count: '120', source: 'Ferrowby' };
    expect(factForm(typed)).toEqual({
      form: 'REVIEW',
      scoreHundredths: 435,
      outOf: 5,
      count: 120,
      words: '',
      source: 'Ferrowby',
      on: undefined,
    });
  });

  it('sends no score of anything but a review', () => {
    expect(factForm({ ...emptyFact(), form: 'OWNED', score: '4', on: '2026-12-01' })).toEqual({
      form: 'OWNED',
      words: '',
      source: '',
      on: '2026-12-01',
    });
  });

  it.each(['', 'good', '-1', '4.355'])('says that "%s" is no score', (score) => {
    expect(() => factForm({ ...emptyFact(), score, count: '1' })).toThrow(`The score "${score}" is not a figure.`);
  });

  it('is put back as it was, whoever had said it', () => {
    const fact = {
      id: '7',
      form: 'OTHER',
      formWords: 'said of it',
      words: 'hums under load',
      source: 'a reader',
      on: '2026-11-02',
      by: 'Tom',
    } as Schemas['FactView'];
    expect(again(fact)).toEqual({ form: 'OTHER', words: 'hums under load', source: 'a reader', on: '2026-11-02' });
  });

  it('says a score as it was given', () => {
    const fact = { formWords: 'review', scoreHundredths: 450, outOf: 5, count: 1 } as Schemas['FactView'];
    expect(scored(fact)).toBe('4.5 of 5, 1 review');
    expect(scored({ formWords: 'have owned it' } as Schemas['FactView'])).toBe('have owned it');
  });
});
