import { afterEach, describe, expect, it, vi } from 'vitest';
import { problem, serve } from '../../testing/server';
import { addresses, Link, Links } from './links.svelte';
import { offerWords } from './offerWords';

const value = (shown: string, of: unknown = shown) => ({ value: of, shown, where: 'table 1', words: shown });
const ridge = {
  kind: 'POWER_SUPPLY',
  maker: 'Kelder',
  makerProposed: false,
  name: 'Ridge 650 W',
  version: '',
  gtin: '2040000900011',
  makerNumber: 'KR-650',
  offer: { priceMinor: 10490, condition: 'NEW', stock: 'IN_STOCK', membersOnly: false },
  figures: [
    { field: 'rating', label: 'rated power', unit: 'W', values: [value('650 W', 650), value('650 W', 650)] },
    { field: 'length', label: 'length', unit: 'mm', values: [value('140 mm', 140), value('160 mm', 160)] },
  ],
};
const page = (products: unknown[], sentence?: string) => ({
  shop: 'shop-1',
  shopName: 'Ferrowby',
  currency: 'EUR',
  products,
  sentence,
});
const URL_OF_IT = 'https://ferrowby.example/new/ridge';

describe('addresses in a pasted text', () => {
  it('are those that begin like one, each once', () =>
    expect(addresses(` ${URL_OF_IT}\nsome words ${URL_OF_IT}\thttps://b.example/p ftp://c.example`)).toEqual([
      URL_OF_IT,
      'https://b.example/p',
    ]));
});

describe('a part from a link', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('is added with what was read, its page and its price', async () => {
    const kept = { part: 'part-1', wasKnown: false, price: 'Price saved.', counts: true };
    const asked = serve(({ path }) => (path === '/api/intake/pages' ? page([ridge]) : kept));
    const link = new Link(URL_OF_IT);
    await link.read();
    expect(link.figures.map((f) => f.chosen)).toEqual([0, null]);
    await link.save();
    expect([link.state, link.kept?.price]).toEqual(['saved', 'Price saved.']);
    expect(asked.map((a) => a.path)).toEqual(['/api/intake/pages', '/api/intake/parts']);
    expect(asked[1]!.body).toMatchObject({
      address: URL_OF_IT,
      maker: 'Kelder',
      makerNumber: 'KR-650',
      spec: { rating: 650 },
      wheres: { rating: 'table 1' },
      offer: { priceMinor: 10490 },
    });
    expect(asked[1]!.body).not.toHaveProperty('spec.length');
  });

  it('asks which one where the page shows several', async () => {
    serve(() => page([ridge, { ...ridge, name: 'Ridge 750 W' }]));
    const link = new Link(URL_OF_IT);
    await link.read();
    expect(link.part).toBeUndefined();
    await link.save();
    expect(link.sentence).toBe('Choose which of the products it is.');
    link.choose(1);
    expect(link.name).toBe('Ridge 750 W');
  });

  it('asks for the kind where nothing tells it', async () => {
    serve(() => page([{ ...ridge, kind: undefined }]));
    const link = new Link(URL_OF_IT);
    await link.read();
    await link.save();
    expect(link.sentence).toBe('Choose what kind of part it is.');
  });

  it('that is known is given only the figures that are new', async () => {
    const known = { id: 'part-9', name: 'Kelder Ridge', spec: { rating: 650 } };
    const asked = serve(({ path }) =>
      path === '/api/intake/pages' ? page([{ ...ridge, known }]) : { version: 4, number: 1 },
    );
    const link = new Link(URL_OF_IT);
    await link.read();
    link.figures[1]!.chosen = 0;
    expect(link.news.map((f) => f.figure.field)).toEqual(['length']);
    await link.save();
    expect(asked[1]!.body).toMatchObject({ known: 'part-9', spec: { length: 140 }, wheres: { length: 'table 1' } });
    expect(asked[1]!.body).not.toHaveProperty('spec.rating');
  });

  it.each([
    [{}, ''],
    [{ condition: 'USED' as const, stock: 'OUT_OF_STOCK' as const }, ', used, sold out'],
    [{ membersOnly: true, validUntil: '2026-11-30' }, ', members only, ended on 2026-11-30'],
  ])('tells of its price what keeps it from counting: %j', (offer, words) =>
    expect(offerWords({ ...ridge.offer, condition: 'NEW', stock: 'IN_STOCK', ...offer }, '2026-12-01')).toBe(words),
  );

  it('keeps what was read when saving is refused', async () => {
    serve(({ path }) => (path === '/api/intake/pages' ? page([ridge]) : problem(422, 'It is there already.')));
    const link = new Link(URL_OF_IT);
    await link.read();
    await link.save();
    expect([link.state, link.sentence, link.name]).toEqual(['read', 'It is there already.', 'Ridge 650 W']);
  });
});

describe('many links', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('are read one after the other, and those that fail do not hold up the rest', async () => {
    let many = 0;
    serve(() => (many++ % 5 === 0 ? page([], 'the shop could not be reached') : page([ridge])));
    const links = new Links();
    const text = Array.from({ length: 60 }, (_, i) => `https://ferrowby.example/new/${i}`).join('\n');
    expect(await links.paste(text)).toBe(50);
    expect(links.ready).toHaveLength(40);
    links.links.find((l) => l.part)!.page = page([{ ...ridge, known: { id: 'k', name: 'Ridge', spec: {} } }]) as never;
    expect(links.ready).toHaveLength(39);
    expect(links.links.filter((l) => l.state === 'failed').map((l) => l.sentence)).toContain(
      'the shop could not be reached',
    );
  });
});
