import { describe, expect, it, vi } from 'vitest';
import { Problem, type Schemas } from '$lib/api/client';
import { bare, Entry, paste, pastedLines, Sheet, type Acts, type Send } from './sheet.svelte';

const price = (last?: number): Schemas['PriceToType'] => ({
  key: `part:${Math.random()}`,
  part: `part-${Math.random()}`,
  stands: last == null ? '' : `${last} 2026-11-12`,
  name: 'Byre M, black',
  state: 'MISSING',
  uses: [{ build: 'b', line: 'l', slot: 'Case', where: 'Bosun' }],
  last:
    last == null ? undefined : { minor: last, condition: 'new', seller: 'Turnstone', seenAt: '2026-11-12T10:00:00Z' },
  why: '',
});
const gone = vi.fn(() => Promise.resolve());
const acts = (part: Partial<Acts>): Acts => ({
  send: () => Promise.resolve(7),
  takeBack: gone,
  confirm: () => Promise.resolve('c'),
  takeBackAll: gone,
  ...part,
});
const entry = (send: Send, last?: number) => new Entry(price(last), 'EUR', acts({ send }));
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
    expect(send).toHaveBeenCalledWith(line.price, { minor: 30950, sure: false });
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

  it('confirms the last price as it was shown, and takes that back', async () => {
    const confirm = vi.fn(() => Promise.resolve('c-1'));
    const takeBackAll = vi.fn(() => Promise.resolve());
    const line = new Entry(price(30900), 'EUR', acts({ confirm, takeBackAll }));
    expect(await line.confirm()).toBe(true);
    expect(confirm).toHaveBeenCalledWith([line.price], false);
    expect([line.state, line.canUndo]).toEqual(['confirmed', true]);
    await line.undo();
    expect(takeBackAll).toHaveBeenCalledWith('c-1');
    expect(line.state).toBe('open');
  });

  it('has nothing to confirm without a last price, or once something is typed', async () => {
    const confirm = vi.fn(() => Promise.resolve('c-1'));
    const without = new Entry(price(), 'EUR', acts({ confirm }));
    const typed = new Entry(price(30900), 'EUR', acts({ confirm }));
    typed.text = '5';
    expect([await without.confirm(), await typed.confirm()]).toEqual([false, false]);
    expect(confirm).not.toHaveBeenCalled();
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

describe('all rows of a sheet', () => {
  const rows = (made: Acts) => [price(100), price(), price(300)].map((p) => new Entry(p, 'EUR', made));

  it('are confirmed in one step, those that have a last price, and taken back in one', async () => {
    const confirm = vi.fn<Acts['confirm']>(() => Promise.resolve('c-1'));
    const takeBackAll = vi.fn(() => Promise.resolve());
    const made = acts({ confirm, takeBackAll });
    const sheet = new Sheet(rows(made), made);
    await sheet.confirmAll();
    expect(confirm.mock.calls[0]![0]).toHaveLength(2);
    expect(sheet.told).toBe('2 prices confirmed.');
    expect(sheet.entries.map((e) => e.state)).toEqual(['confirmed', 'open', 'confirmed']);
    await sheet.undo();
    expect(takeBackAll).toHaveBeenCalledWith('c-1');
    expect(sheet.entries.map((e) => e.state)).toEqual(['open', 'open', 'open']);
    expect(sheet.canUndo).toBe(false);
  });

  it('say what changed meanwhile, and none is confirmed', async () => {
    const made = acts({ confirm: () => Promise.reject(new Problem(409, 'conflict', 'Changed since: Byre.')) });
    const sheet = new Sheet(rows(made), made);
    await sheet.confirmAll();
    expect(sheet.problem).toBe('Changed since: Byre.');
    expect(sheet.entries.map((e) => e.state)).toEqual(['open', 'open', 'open']);
  });

  it('are sent as sure once one is far from what others ask', async () => {
    const confirm = vi
      .fn<Acts['confirm']>()
      .mockRejectedValueOnce(new Problem(409, 'conflict', 'Byre: far', { isFarOff: true }))
      .mockResolvedValueOnce('c-1');
    const made = acts({ confirm });
    const sheet = new Sheet(rows(made), made);
    await sheet.confirmAll();
    expect(sheet.problem).toContain('Confirm again');
    await sheet.confirmAll();
    expect(confirm.mock.calls[1]![1]).toBe(true);
    expect(sheet.problem).toBe('');
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
