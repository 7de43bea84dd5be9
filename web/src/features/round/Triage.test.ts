import { fireEvent, screen, waitFor, within } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { Format } from '$lib/format';
import { press, problem, serve, show, type Asked } from '../../testing/server';
import Triage from './Triage.svelte';

vi.mock('../../routes/router', () => ({ navigate: vi.fn() }));
const { navigate } = await import('../../routes/router');

type Mover = Schemas['Mover'];

const place = { edition: 'e', tier: 'Mate', build: 'b', line: 'l' };
const mover = (title: string, form: Mover['form'], more: Partial<Mover> = {}): Mover =>
  ({
    key: title,
    fingerprint: `of ${title}`,
    form,
    title,
    detail: '',
    beforeMinor: 30000,
    nowMinor: 33000,
    permille: 100,
    places: [place],
    inside: [],
    ...more,
  }) as unknown as Mover;

const moved = mover('Vane Six', 'MOVED', { part: 'vane' } as never);
const over = mover('Mate', 'OVER');

const day = (on: string, minor: number) => ({ day: on, minor, shop: 'Ferrowby', gap: false, mayStand: true });
const curves = [{ part: 'vane', days: [day('2026-11-01', 30000), day('2026-12-01', 33000)] }];

/** The server's queue: what is decided goes to the other list. */
function triage(open: Mover[], refuse?: () => Response): Asked[] {
  const queue = { open: [...open], decided: [] as Mover[], curves };
  const asked = serve(({ method, path, body }) => {
    if (method === 'GET') return queue;
    if (refuse) return refuse();
    const key = decodeURIComponent(path.split('/').at(-2)!);
    if (method === 'PUT') {
      const { decision, why } = body as { decision: string; why: string };
      const which = queue.open.find((m) => m.key === key)!;
      queue.open = queue.open.filter((m) => m !== which);
      queue.decided.unshift({
        ...which,
        decided: { decision, by: 'Ines', at: '2026-12-03T06:00:00Z', why },
      } as unknown as Mover);
    } else {
      const which = queue.decided.find((m) => m.key === key)!;
      queue.decided = queue.decided.filter((m) => m !== which);
      queue.open.unshift(which);
    }
    return queue;
  });
  show(Triage as never, { slug: 'g', edition: 'e', format: new Format('EUR', 'en-150', 'CET'), since: 'November' });
  return asked;
}

const current = () => screen.getByRole('option', { selected: true });
const decisions = (asked: Asked[]) => asked.filter((a) => a.method !== 'GET');

beforeEach(() => {
  Element.prototype.scrollIntoView = vi.fn();
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.mocked(navigate).mockClear();
});

describe('what moved', () => {
  it('is decided by a key, leaves the queue and comes back by another', async () => {
    const asked = triage([moved, over]);
    await screen.findByText('2 to decide, heaviest first');
    press('k');
    expect(await screen.findByText('1 to decide, heaviest first · 1 decided')).toBeTruthy();
    expect(decisions(asked)[0]).toMatchObject({
      method: 'PUT',
      path: '/api/editions/e/movers/Vane%20Six/decision',
      body: { fingerprint: 'of Vane Six', decision: 'KEEP', why: '' },
    });
    expect(within(current()).getByText('Mate')).toBeTruthy();
    press('u');
    expect(await screen.findByText('2 to decide, heaviest first')).toBeTruthy();
  });

  it('is gone along by arrows, and not past its ends', async () => {
    triage([moved, over]);
    await screen.findByText('2 to decide, heaviest first');
    press('ArrowDown');
    await waitFor(() => expect(within(current()).getByText('Mate')).toBeTruthy());
    press('ArrowDown');
    press('ArrowUp');
    await waitFor(() => expect(within(current()).getByText('Vane Six')).toBeTruthy());
  });

  it('says what can be decided where a key does not apply', async () => {
    const asked = triage([over]);
    await screen.findByText('1 to decide, heaviest first');
    press('x');
    expect(await screen.findByText(/Over: this can be kept, or swapped on the bench/)).toBeTruthy();
    expect(decisions(asked)).toEqual([]);
  });

  it('is held to its offer for a reason that is asked for', async () => {
    const asked = triage([moved]);
    await screen.findByText('1 to decide, heaviest first');
    press('h');
    const why = await screen.findByLabelText('Why this offer and no other');
    await fireEvent.input(why, { target: { value: 'They answer letters.' } });
    await fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Pin' }));
    await waitFor(() =>
      expect(decisions(asked)[0]?.body).toMatchObject({ decision: 'HOLD', why: 'They answer letters.' }),
    );
  });

  it('is swapped in the finder of its line', async () => {
    triage([moved]);
    await screen.findByText('1 to decide, heaviest first');
    press('s');
    expect(navigate).toHaveBeenCalledExactlyOnceWith('/guides/g/editions/e/builds/b/lines/l', {
      search: { find: 'by=SAME_FOR_LESS' },
    });
  });

  it('opens a shop in doubt into its prices', async () => {
    const shop = mover('Ferrowby', 'SHOP', { inside: [mover('Vane Nine', 'SET_ASIDE')], places: [] });
    triage([shop]);
    await screen.findByText('1 to decide, heaviest first');
    expect(screen.queryByText('Vane Nine')).toBeNull();
    press('o');
    expect(await screen.findByText('Vane Nine')).toBeTruthy();
  });

  it('stays as it is when the server refuses, and says why', async () => {
    triage([moved], () => problem(409, 'This price was decided already.'));
    await screen.findByText('1 to decide, heaviest first');
    press('k');
    expect(await screen.findByText('This price was decided already.')).toBeTruthy();
    expect(within(current()).getByText('Vane Six')).toBeTruthy();
  });

  it('brings the last half year of its parts along', async () => {
    const asked = triage([moved, over]);
    expect(await screen.findByRole('img', { name: 'Half a year of Vane Six' })).toBeTruthy();
    expect(screen.queryByRole('img', { name: 'Half a year of Mate' })).toBeNull();
    expect(asked.map((a) => a.path)).toEqual(['/api/editions/e/movers']);
  });

  it('says when there is nothing to decide', async () => {
    triage([]);
    expect(await screen.findByText('Nothing moved that wants a decision.')).toBeTruthy();
  });
});
