import type { Schemas } from '$lib/api/client';
import { like, typedMinor, writtenMinor } from '$lib/money';

function sum(what: string, text: string, currency: string): number | undefined {
  const minor = typedMinor(text, currency);
  if (text.trim() && minor == null)
    throw new Error(
      `The ${what} "${text.slice(0, 20)}" is not a sum in ${currency}; write it like ${like(309, currency)}.`,
    );
  return minor ?? undefined;
}

/** The basis of an estimate as it is typed. */
export interface TypedBasis {
  type: Schemas['EstimateForm']['type'];
  comparable: string;
  factor: string;
  step: string;
  spread: string;
}

export const emptyBasis = (): TypedBasis => ({ type: 'TIMES', comparable: '', factor: '1', step: '', spread: '10' });

export function typedBasis(form: Schemas['EstimateForm'], currency: string): TypedBasis {
  return {
    type: form.type,
    comparable: form.comparable ?? '',
    factor: form.factorPermille == null ? '1' : String(form.factorPermille / 1000),
    step: writtenMinor(form.stepMinor, form.currency ?? currency),
    spread: String(form.spreadPermille / 10),
  };
}

function thousandths(what: string, text: string, unit: number): number {
  const figure = Number(text.trim().replace(',', '.'));
  if (!text.trim() || !Number.isFinite(figure)) throw new Error(`The ${what} "${text.slice(0, 20)}" is not a number.`);
  return Math.round(figure * unit);
}

export function basisForm(typed: TypedBasis, currency: string): Schemas['EstimateForm'] {
  const spreadPermille = thousandths('share to give or take', typed.spread, 10);
  if (typed.type === 'SUGGESTED') return { type: 'SUGGESTED', spreadPermille };
  if (!typed.comparable) throw new Error('Choose the part to compare with.');
  if (typed.type === 'TIMES')
    return {
      type: 'TIMES',
      comparable: typed.comparable,
      factorPermille: thousandths('factor', typed.factor, 1000),
      spreadPermille,
    };
  const step = sum('step', typed.step, currency);
  if (step === undefined) throw new Error('Type the step; it may be less than nothing.');
  return { type: 'STEP', comparable: typed.comparable, stepMinor: step, currency, spreadPermille };
}
