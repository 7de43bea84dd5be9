import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { textOf, wrong } from './words';

const place = { place: 'TIER', id: 't', name: 'Mate' } as Schemas['PlaceView'];

describe('texts beyond the line', () => {
  it('are empty and of version 0 where nothing is written', () => {
    const text = textOf({ places: [place], texts: [] }, place);
    expect(text.version).toBe(0);
    expect(text.state).toEqual({ place: 'TIER', introduction: '', verdict: '', disclosure: '' });
  });

  it('are found by their place and id', () => {
    const written = { id: 't', version: 3, state: { place: 'TIER', introduction: 'For most.' } } as Schemas['TextView'];
    expect(textOf({ places: [place], texts: [written] }, place).version).toBe(3);
    expect(textOf({ places: [place], texts: [written] }, { ...place, place: 'BUILD' }).version).toBe(0);
  });

  it('tell facts that fail and what differs from the data', () => {
    const proof = {
      html: '',
      problems: [{ sentence: 'There is no fact {{x}} here.' }],
      slips: [{ sentence: '16 GB: the memory is 12 GB.' }],
    } as Schemas['TextReading'];
    expect(wrong(proof)).toEqual(['There is no fact {{x}} here.', '16 GB: the memory is 12 GB.']);
    expect(wrong(undefined)).toEqual([]);
  });
});
