import { describe, expect, it, vi } from 'vitest';
import { Problem, type Schemas } from '$lib/api/client';
import { bare, Entry, paste, pastedLines, type Send } from './sheet.svelte';

const price = (last?: number): Schemas['PriceToType'] => ({
  part: `part-${Math.random()}`,
  name: 'Byre M, black',
  state: 'MISSING',
  uses: [{ build: 'b', line: 'l', slot: 'Case', where: 'Bosun' }],
  last:
    last == null ? undefined : { minor: last, currency: 'EUR', seller: 'Turnstone', seenAt: '2026-11-12T10:00:00Z' },
  why: '',
});
const gone = vi.fn(() => Promise.resolve());
const entry = (send: Send, last?: number) => new Entry(price(last), 'EUR', send, gone);
const settled = () => new Promise((done) => setTimeout(done));

describe('a figure as it is copied', () => {
  it.each([
    ['309', '309'],
    [' 309,50 EUR ', '309,50'],
    ['€309.50', '309.50'],
    ['309 USD', '309 USD'],
  ])('"%s" is "%s" in euros', (text, figure) => expect(bare(text, 'EUR')).toBe(figure));
});

describe('a line of the price sheet', () => {
  it('is sent with what was typed', async () => {
    const send = vi.fn<Send>(() => Promise.resolve(7));
    const line = entry(send);
    line.text = '309,50';
    expect(line.enter()).toBe(true);
    await settled();
    expect(send).toHaveBeenCalledWith(line.price, { minor: 30950, sure: false, shop: undefined, link: undefined });
    expect([line.state, line.number]).toEqual(['saved', 7]);
  });

  it.each(['', 'soon', '309 USD', '309.505', '-5', '0'])('does not take "%s" for a price', (text) => {
    const send = vi.fn<Send>();
    const line = entry(send);
    line.text = text;
    expect(line.enter()).toBe(false);
    expect(send).not.toHaveBeenCalled();
    expect(line.sentence).toContain('is not a price in EUR');
  });

  it('keeps the last price as still so today, without being asked', async () => {
    const send = vi.fn<Send>(() => Promise.resolve(7));
    const line = entry(send, 30900);
    expect(line.stillSo()).toBe(true);
    await settled();
    expect(send).toHaveBeenCalledWith(line.price, expect.objectContaining({ minor: 30900, sure: true }));
    expect(entry(send).stillSo()).toBe(false);
  });

  it('asks about a price far from the last, and takes the same again', async () => {
    const far = new Problem(409, 'conflict', '6.25 is under 30% of 62.24', { isFarOff: true });
    const send = vi.fn<Send>(() => Promise.reject(far));
    const line = entry(send);
    line.text = '6.25';
    line.enter();
    await settled();
    expect([line.state, line.sentence]).toEqual(['asked', '6.25 is under 30% of 62.24']);
    line.enter();
    await settled();
    expect(send).toHaveBeenLastCalledWith(line.price, expect.objectContaining({ sure: true }));
  });

  it('is asked about anew when the far price was typed over', async () => {
    const send = vi.fn<Send>(() => Promise.reject(new Problem(409, 'conflict', 'far', { isFarOff: true })));
    const line = entry(send);
    line.text = '6.25';
    line.enter();
    await settled();
    line.text = '6.26';
    line.edited();
    line.enter();
    expect(send).toHaveBeenLastCalledWith(line.price, expect.objectContaining({ sure: false }));
    await settled();
  });

  it('says what was refused and keeps what was typed', async () => {
    const line = entry(() => Promise.reject(new Problem(0, 'away', 'The server cannot be reached.')));
    line.text = '309';
    line.enter();
    await settled();
    expect([line.state, line.text, line.sentence]).toEqual(['refused', '309', 'The server cannot be reached.']);
  });

  it('is taken back by its number', async () => {
    const line = entry(() => Promise.resolve(7));
    line.text = '309';
    line.enter();
    await settled();
    await line.undo();
    expect(gone).toHaveBeenCalledWith(line.price, 7);
    expect([line.state, line.text]).toEqual(['open', '']);
  });
});

describe('a pasted column', () => {
  const rows = (many: number, send: Send) => Array.from({ length: many }, () => entry(send));

  it('has no line for the end of the last one', () => expect(pastedLines('1\r\n\r\n2\n\n')).toEqual(['1', '', '2']));

  it('fills the rows from where it is pasted, and says what became of it', () => {
    const send = vi.fn<Send>(() => Promise.resolve(1));
    const all = rows(5, send);
    expect(paste(all, 1, ['309', '', 'soon', '12,5'])).toBe(
      '4 lines pasted, 2 prices taken; 1 empty lines passed over; 1 are no prices.',
    );
    expect(all.map((e) => e.text)).toEqual(['', '309', '', 'soon', '12,5']);
    expect(all[3]!.state).toBe('refused');
  });

  it('tells the lines that had no row left', () =>
    expect(
      paste(
        rows(1, () => Promise.resolve(1)),
        0,
        ['1', '2', '3'],
      ),
    ).toBe('3 lines pasted, 1 prices taken; 2 lines had no row left.'));
});
