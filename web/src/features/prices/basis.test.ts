import { describe, expect, it } from 'vitest';
import { basisForm, emptyBasis, typedBasis } from './basis';

describe('the basis of an estimate', () => {
  it('goes there and back', () => {
    const form = basisForm({ ...emptyBasis(), comparable: 'p', factor: '1,15', spread: '7.5' }, 'EUR');
    expect(form).toEqual({ type: 'TIMES', comparable: 'p', factorPermille: 1150, spreadPermille: 75 });
    expect(typedBasis(form, 'EUR')).toMatchObject({ comparable: 'p', factor: '1.15', spread: '7.5' });
  });

  it('may be a step downwards', () =>
    expect(basisForm({ ...emptyBasis(), type: 'STEP', comparable: 'p', step: '-20' }, 'EUR').stepMinor).toBe(-2000));

  it.each([
    [{ comparable: '' }, 'Choose the part'],
    [{ comparable: 'p', factor: 'twice' }, 'The factor "twice"'],
    [{ comparable: 'p', spread: '' }, 'give or take'],
    [{ comparable: 'p', type: 'STEP' as const }, 'Type the step'],
  ])('%j is refused', (part, words) => expect(() => basisForm({ ...emptyBasis(), ...part }, 'EUR')).toThrow(words));
});
