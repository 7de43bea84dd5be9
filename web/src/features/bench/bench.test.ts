import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { BenchState } from './bench.svelte';

interface Sent {
  method: string;
  path: string;
  version: string | null;
  body: unknown;
}

/** A server of one line, which answers as the real one does. */
class Server {
  version = 1;
  reason = '';
  away = 0;
  /** How many answers get lost after the edit was done. */
  lost = 0;
  options: unknown[] = [];
  private answered = new Map<string, string>();
  held: Promise<void> | undefined;
  sent: Sent[] = [];

  bench() {
    return {
      edition: { id: 'e', state: 'IN_WORK' },
      lines: [
        { id: 'l', version: this.version, reason: this.reason, slot: 'CASE', options: this.options },
        { id: 'm', version: 1, reason: '', slot: 'SUPPLY', options: [] },
      ],
      cards: [],
    };
  }

  async answer(request: Request): Promise<Response> {
    const path = new URL(request.url).pathname;
    const body = request.method === 'GET' ? null : await request.json().catch(() => null);
    this.sent.push({ method: request.method, path, version: request.headers.get('If-Match'), body });
    if (this.away > 0) {
      this.away--;
      return problem(503, 'database-away', 'The database cannot be reached just now.');
    }
    if (request.method === 'PATCH') return this.once(request, body as { reason: string; options?: unknown[] });
    if (path.endsWith('/undo')) return json({ label: 'Case: reason' });
    if (path.includes('/lines/')) {
      const workings = { line: path.split('/').at(-1), members: [], options: [{ name: `at ${this.version}` }] };
      await this.held;
      return json(workings);
    }
    return json(this.bench());
  }

  /** An edit that comes again with its key is answered as it was. */
  private async once(request: Request, body: { reason: string; options?: unknown[] }): Promise<Response> {
    const key = request.headers.get('Idempotency-Key') ?? '';
    const known = this.answered.get(key);
    if (known) return json(JSON.parse(known));
    const answer = this.patch(request, body);
    if (answer.ok) this.answered.set(key, await answer.clone().text());
    if (this.lost > 0) {
      this.lost--;
      throw new TypeError('connection lost');
    }
    return answer;
  }

  private patch(request: Request, body: { reason: string; options?: unknown[] }): Response {
    if (request.headers.get('If-Match') !== `"${this.version}"`) {
      return problem(412, 'stale', 'This line was changed meanwhile.', { theirs: { reason: this.reason } });
    }
    if (body.reason === 'refused') return problem(422, 'rule-broken', 'A rule is broken.');
    this.version++;
    this.reason = body.reason;
    this.options = body.options ?? this.options;
    return json(this.bench());
  }
}

const json = (value: unknown, status = 200, type = 'application/json') =>
  new Response(JSON.stringify(value), { status, headers: { 'Content-Type': type } });
const problem = (status: number, type: string, detail: string, more = {}) =>
  json({ type: `/problems/${type}`, status, detail, ...more }, status, 'application/problem+json');

describe('the bench', () => {
  let server: Server;
  let bench: BenchState;

  beforeEach(async () => {
    server = new Server();
    vi.stubGlobal('fetch', (request: Request) => server.answer(request));
    bench = new BenchState('e', 'b');
    await bench.load();
  });
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.useRealTimers();
  });

  it('sends edits one after the other, each with the version the one before answered with', async () => {
    void bench.edit('l', { reason: 'one' });
    void bench.edit('l', { reason: 'two' });
    await bench.edit('l', { reason: 'three' });
    expect(server.sent.filter((s) => s.method === 'PATCH').map((s) => s.version)).toEqual(['"1"', '"2"', '"3"']);
    expect(bench.line('l')?.reason).toBe('three');
    expect(bench.waiting).toBe(0);
  });

  it('asks for the workings of the line it goes to, and keeps none of a line that was left meanwhile', async () => {
    let release = (): void => undefined;
    server.held = new Promise((done) => (release = done));
    bench.openAt('l');
    bench.openAt('m');
    expect(bench.workings).toBeNull();
    release();
    await vi.waitFor(() => expect(bench.workings?.line).toBe('m'));
    expect(server.sent.filter((s) => s.path.includes('/lines/')).map((s) => s.path.split('/').at(-1))).toEqual([
      'l',
      'm',
    ]);
  });

  it('takes no workings from before an edit for those after it', async () => {
    let release = (): void => undefined;
    server.held = new Promise((done) => (release = done));
    bench.openAt('l');
    await bench.edit('l', { reason: 'one' });
    release();
    await vi.waitFor(() => expect(bench.workings?.options[0]?.name).toBe('at 2'));
  });

  it('offers both texts when somebody else was quicker, and can send its own again', async () => {
    server.version = 5;
    server.reason = 'theirs';
    await bench.edit('l', { reason: 'mine' });
    expect(bench.clash).toMatchObject({ line: 'l', patch: { reason: 'mine' }, theirs: { reason: 'theirs' } });
    expect(server.reason).toBe('theirs');
    await bench.edit('l', bench.clash!.patch);
    expect(server.reason).toBe('mine');
  });

  it('keeps an edit while the database is away and sends it again', async () => {
    vi.useFakeTimers();
    server.away = 2;
    const edit = bench.edit('l', { reason: 'typed meanwhile' });
    await vi.advanceTimersByTimeAsync(100);
    expect(bench.isAway).toBe(true);
    await vi.advanceTimersByTimeAsync(5000);
    await edit;
    expect(bench.isAway).toBe(false);
    expect(server.reason).toBe('typed meanwhile');
  });

  it('composes an edit on what stands when its turn comes, so that two of one list both count', async () => {
    vi.useFakeTimers();
    server.away = 2;
    const option = (part: string) => ({ purpose: 'ALTERNATIVE' as const, part, note: '' });
    void bench.edit('l', (now) => ({ options: [...now.options, option('one')] }));
    const second = bench.edit('l', (now) => ({ options: [...now.options, option('two')] }));
    await vi.advanceTimersByTimeAsync(6000);
    await second;
    expect(server.options).toEqual([option('one'), option('two')]);
    expect(bench.clash).toBeNull();
  });

  it('sends an edit whose answer was lost again with its key, and it is done once', async () => {
    vi.useFakeTimers();
    server.lost = 1;
    const edit = bench.edit('l', { reason: 'said once' });
    await vi.advanceTimersByTimeAsync(5000);
    await edit;
    expect(server.version).toBe(2);
    expect(bench.line('l')?.reason).toBe('said once');
    expect(bench.clash).toBeNull();
    expect(bench.sentence).toBe('');
  });

  it('says why an edit was refused and goes on with the next', async () => {
    void bench.edit('l', { reason: 'refused' });
    await bench.edit('l', { reason: 'fine' });
    expect(server.reason).toBe('fine');
    await bench.edit('l', { reason: 'refused' });
    expect(bench.sentence).toBe('A rule is broken.');
    expect(server.reason).toBe('fine');
  });

  it('tells what was undone and reads the build again', async () => {
    await bench.undo();
    expect(bench.told).toBe('Undone: Case: reason');
    expect(server.sent.at(-1)?.method).toBe('GET');
  });

  it('only lets an edition in work be changed', () => {
    expect(bench.isOpen).toBe(true);
    bench.bench = { ...bench.bench!, edition: { ...bench.bench!.edition, state: 'PUBLISHED' } };
    expect(bench.isOpen).toBe(false);
  });

  const change = { edition: 'e', build: 'b', by: 'Tom Ekerby', label: 'Case: reason', desk: 'his' };

  it('shows what others change', async () => {
    server.reason = 'his words';
    server.version = 7;
    bench.hear(change);
    await vi.waitFor(() => expect(bench.line('l')!.reason).toBe('his words'));
    await vi.waitFor(() => expect(bench.told).toBe('Tom Ekerby changed Case: reason'));
  });

  it('lets others wait while words are half typed, so that both texts are offered', async () => {
    bench.isTyping = true;
    server.reason = 'his words';
    server.version = 7;
    bench.hear(change);
    const saved = bench.edit('l', { reason: 'my words' });
    bench.isTyping = false;
    bench.catchUp();
    await saved;
    expect(bench.clash?.theirs?.reason).toBe('his words');
    expect(bench.clash?.patch.reason).toBe('my words');
  });
});
