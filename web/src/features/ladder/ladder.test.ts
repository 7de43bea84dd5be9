import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { LadderEdits } from './ladder.svelte';

type Rung = Schemas['RungView'];
const card = (label: string) => ({ type: 'PART', part: label });

/** A server that keeps one line of the right-hand build, and answers an edit that comes again as it did before. */
class Server {
  version = 1;
  choice: unknown = card('old');
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

  answer(request: Request, body: { choice?: unknown }): Response {
    const key = request.headers.get('Idempotency-Key')!;
    const known = this.answered.get(key);
    if (known) return known.clone();
    const matches = request.url.endsWith('/undo') || request.headers.get('If-Match') === `"${this.version}"`;
    if (!matches) return new Response(JSON.stringify({ detail: 'Somebody was first.' }), { status: 412 });
    this.edits.push(request.url.endsWith('/undo') ? 'undo' : JSON.stringify(body.choice));
    this.version++;
    this.choice = body.choice;
    const done = new Response(JSON.stringify({ label: 'Graphics card' }), {
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
        .catch(() => ({}))) as { choice?: unknown },
    ),
  );
  return new LadderEdits(
    'e',
    () => shown,
    async () => (shown = server.view()),
  );
}

const from = (label: string) => ({ line: 'l', slot: 'GRAPHICS_CARD', label, choice: card(label) }) as unknown as Rung;

afterEach(() => vi.unstubAllGlobals());

describe('choices carried along the ladder', () => {
  it('are composed on what stands when their turn comes', async () => {
    const server = new Server();
    const edits = ladder(server);
    await Promise.all([edits.carry(from('Vane Six'), 'right'), edits.carry(from('Vane Nine'), 'right')]);
    expect(server.edits).toEqual([JSON.stringify(card('Vane Six')), JSON.stringify(card('Vane Nine'))]);
    expect(edits.edits.sentence).toBe('');
    expect(edits.edits.told).toBe('Vane Nine is in right, main now; u takes it back.');
  });

  it('are done once though their answer was lost', async () => {
    const server = new Server();
    server.lost = 1;
    const edits = ladder(server);
    await edits.carry(from('Vane Six'), 'right');
    expect(server.edits).toEqual([JSON.stringify(card('Vane Six'))]);
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

  it('go nowhere from a build to itself', async () => {
    const server = new Server();
    const edits = ladder(server);
    await edits.carry({ ...from('Vane Six'), line: 'r' } as Rung, 'right');
    expect(server.edits).toEqual([]);
  });
});
