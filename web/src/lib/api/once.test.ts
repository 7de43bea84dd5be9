import { describe, expect, it } from 'vitest';
import { keyed, newKey, sendOnce } from './once';

const post = (path: string): Request => new Request(`http://desk.example${path}`, { method: 'POST', body: '{"a":1}' });
const key = (request: Request): string | null => request.headers.get('Idempotency-Key');

describe('what is sent', () => {
  it.each([
    ['/api/editions/e/undo', true],
    ['/api/guides', true],
    ['/api/parts/p/estimate', true],
    ['/api/session', false],
    ['/api/people/p/links', false],
    ['/api/accounts/first', false],
    ['/api/account/password', false],
    ['/api/links/use', false],
    ['/api/shops/trial', false],
    ['/api/intake/links', false],
    ['/api/rates/refresh', false],
    ['/api/kinds/CASE/file', true],
    ['/api/kinds/CASE/sentences', true],
  ])('%s carries a key: %s', (path, has) => {
    expect(key(keyed(post(path))) !== null).toBe(has);
  });

  it('a change that names its version carries one', () => {
    const bound = (path: string): Request =>
      new Request(`http://desk.example${path}`, { method: 'PATCH', headers: { 'If-Match': '"3"' }, body: '{}' });
    expect(key(keyed(bound('/api/parts/p')))).not.toBeNull();
    expect(key(keyed(bound('/api/editions/e/lines/l')))).not.toBeNull();
  });

  it('reads carry none', () => {
    expect(key(keyed(new Request('http://desk.example/api/guides')))).toBeNull();
  });

  it('a key that is there stays', () => {
    const request = post('/api/guides');
    request.headers.set('Idempotency-Key', 'mine-of-before');
    expect(key(keyed(request))).toBe('mine-of-before');
  });

  it('every act has a key of its own', () => {
    expect(newKey()).toMatch(/^[0-9a-f]{32}$/);
    expect(newKey()).not.toBe(newKey());
  });
});

describe('an answer that is lost', () => {
  async function sent(request: Request, losses: number): Promise<{ keys: (string | null)[]; bodies: string[] }> {
    const keys: (string | null)[] = [];
    const bodies: string[] = [];
    const send = async (each: Request): Promise<Response> => {
      keys.push(key(each));
      bodies.push(await each.text());
      if (keys.length <= losses) throw new TypeError('lost');
      return new Response('{}');
    };
    await sendOnce(request, send, async () => undefined).catch(() => undefined);
    return { keys, bodies };
  }

  it('is asked for again with the same key and body', async () => {
    const { keys, bodies } = await sent(keyed(post('/api/parts')), 2);
    expect(keys).toHaveLength(3);
    expect(new Set(keys).size).toBe(1);
    expect(new Set(bodies)).toEqual(new Set(['{"a":1}']));
  });

  it('is given up after three tries', async () => {
    expect((await sent(keyed(post('/api/parts')), 9)).keys).toHaveLength(3);
  });

  it('is not asked for again without a key', async () => {
    expect((await sent(keyed(post('/api/session')), 9)).keys).toHaveLength(1);
  });
});
