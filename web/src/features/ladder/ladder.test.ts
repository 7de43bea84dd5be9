import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { LadderEdits } from './ladder.svelte';

type Rung = Schemas['RungView'];

/** A server that keeps one line of the right-hand build, and answers an edit that comes again as it did before. */
class Server {
  version = 1;
  lost = 0;
  edits: string[] = [];
  private answered = new Map<string, Response>();

  view(): Schemas['LadderView'] {
    const column = (build: string, rung: Partial<Rung>) => ({
      card: { build, tierName: build, buildName: 'main' },
      rungs: [{ slot: 'GRAPHICS_CARD', ...rung }],
    });
    return {
      columns: [column('left', { line: 'l' }), column('right', { line: 'r', version: this.version })],
    } as unknown as Schemas['LadderView'];
  }

  answer(request: Request, body: { version?: number }): Response {
    const key = request.headers.get('Idempotency-Key')!;
    const known = this.answered.get(key);
    if (known) return known.clone();
    const matches = request.url.endsWith('/undo') || body.version === this.version;
    if (!matches) return new Response(JSON.stringify({ detail: 'Somebody was first.' }), { status: 412 });
    const line = /lines\/(.+)\/carried$/.exec(decodeURIComponent(request.url))?.[1];
    this.edits.push(line ?? 'undo');
    this.version++;
    const done = new Response(JSON.stringify({ label: 'Graphics card', line: 'r', said: `${line} is there.` }), {
      headers: { 'Content-Type': 'application/json' },
    });
    this.answered.set(key, done);
    if (this.lost-- > 0) throw new TypeError('the connection was lost');
    return done.clone();
  }
}

function ladder(server: Server) {
  let shown = server.view();
  vi.stubGlobal('fetch', async (request: Request) =>
    server.answer(
      request,
      (await request
        .clone()
        .json()
        .catch(() => ({}))) as { version?: number },
    ),
  );
  return new LadderEdits(
    'e',
    () => shown,
    async () => (shown = server.view()),
  );
}

const from = (label: string) => ({ line: label, slot: 'GRAPHICS_CARD', label }) as unknown as Rung;

afterEach(() => vi.unstubAllGlobals());

describe('choices carried along the ladder', () => {
  it('are composed on what stands when their turn comes', async () => {
    const server = new Server();
    const edits = ladder(server);
    await Promise.all([edits.carry(from('Vane Six'), 'right'), edits.carry(from('Vane Nine'), 'right')]);
    expect(server.edits).toEqual(['Vane Six', 'Vane Nine']);
    expect(edits.edits.sentence).toBe('');
    expect(edits.edits.told).toBe('Vane Nine is there.');
  });

  it('are done once though their answer was lost', async () => {
    const server = new Server();
    server.lost = 1;
    const edits = ladder(server);
    await edits.carry(from('Vane Six'), 'right');
    expect(server.edits).toEqual(['Vane Six']);
    expect(edits.edits.sentence).toBe('');
  });

  it('are undone once though that answer was lost', async () => {
    const server = new Server();
    const edits = ladder(server);
    await edits.carry(from('Vane Six'), 'right');
    server.lost = 1;
    await edits.undo();
    expect(server.edits.filter((e) => e === 'undo')).toHaveLength(1);
    expect(edits.edits.told).toBe('Undone: Graphics card');
  });

  it('say so when somebody was first, and leave the line', async () => {
    const server = new Server();
    const edits = ladder(server);
    server.version = 7;
    await edits.carry(from('Vane Six'), 'right');
    expect(edits.edits.sentence).toBe('Somebody was first.');
    expect(server.edits).toEqual([]);
    await edits.carry(from('Vane Six'), 'right');
    expect(server.edits).toHaveLength(1);
  });

  it('say so when they go from a build to itself', async () => {
    const server = new Server();
    const edits = ladder(server);
    await edits.carry({ ...from('Vane Six'), line: 'r' } as Rung, 'right');
    expect(server.edits).toEqual([]);
    expect(edits.edits.told).toBe('Vane Six stands there already; nothing was changed.');
  });
});
