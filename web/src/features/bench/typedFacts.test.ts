import { describe, expect, it } from 'vitest';
import { withFacts } from './reasons.svelte';

describe('typed figures made facts', () => {
  const text = 'It has 12 GB and costs 412.90 EUR.';
  const memory = { start: 7, end: 12, written: '12 GB', fact: '{{spec.memory}}' };
  const price = { start: 23, end: 29, written: '412.90', fact: '{{price}}' };

  it('keeps the places of those before', () => {
    expect(withFacts(text, [memory, price])).toBe('It has {{spec.memory}} and costs {{price}} EUR.');
  });

  it('takes one alone', () => {
    expect(withFacts(text, [price])).toBe('It has 12 GB and costs {{price}} EUR.');
  });

  it('leaves a figure that is no longer there', () => {
    expect(withFacts('It has 8 GB and costs 412.90 EUR.', [memory])).toBe('It has 8 GB and costs 412.90 EUR.');
  });
});
