import { fireEvent, screen, waitFor, within } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { Format } from '$lib/format';
import { problem, serve, show, type Asked } from '../../testing/server';
import Finder from './Finder.svelte';

type Candidate = Schemas['Candidate'];
type Group = Candidate['group'];

function candidate(name: string, group: Group, more: Partial<Candidate> = {}): Candidate {
  return {
    part: name.toLowerCase().replaceAll(' ', '-'),
    name,
    summary: '8 GB, 240 mm',
    siblings: 0,
    group,
    price: { minor: 30000, blame: [] },
    total: { minor: 90000, blame: [] },
    standing: { state: 'INSIDE', byMinor: 2000, said: '' },
    forced: [],
    alone: [],
    trouble: [],
    ...more,
  } as unknown as Candidate;
}

const found = (rows: Candidate[], counts: Partial<Record<Group, number>> = {}): Schemas['Found'] =>
  ({
    sentence: '',
    words: [],
    groups: (['STAYS', 'FORCES', 'CANNOT_BE_TOLD', 'CLASHES'] as Group[]).map((group) => {
      const here = rows.filter((r) => r.group === group);
      return { group, count: counts[group] ?? here.length, rows: here };
    }),
    all: rows.length,
    leftOutNotKnown: 0,
  }) as unknown as Schemas['Found'];

const heard = { ontake: vi.fn(), onoption: vi.fn(), onset: vi.fn(), oncompare: vi.fn() };

function finder(answer: (asked: Asked) => unknown): Asked[] {
  const asked = serve((a) => (a.path.endsWith('/candidates') ? answer(a) : []));
  show(Finder as never, {
    open: true,
    edition: 'e',
    line: { id: 'l', version: 3, label: 'Vane Five', kind: 'GRAPHICS_CARD', followers: [] },
    plural: 'Graphics cards',
    card: { tierName: 'Mate', gauge: { total: { minor: 88000, blame: [] }, standing: {} } },
    currency: 'EUR',
    format: new Format('EUR', 'en-150', 'CET'),
    ...heard,
  });
  return asked;
}

const key = (name: string, more: Partial<KeyboardEventInit> = {}) =>
  fireEvent.keyDown(screen.getByLabelText('Name or figures'), { key: name, ...more });
const chosen = () =>
  within(screen.getByRole('listbox', { name: 'Candidates' })).getByRole('option', { selected: true });

beforeEach(() => {
  Element.prototype.scrollIntoView = vi.fn();
  history.replaceState(null, '', '/');
});
afterEach(() => {
  vi.unstubAllGlobals();
  Object.values(heard).forEach((h) => h.mockClear());
});

describe('the finder', () => {
  const cards = [
    candidate('Vane Six', 'STAYS'),
    candidate('Vane Seven', 'FORCES', {
      forced: [
        {
          slot: 'POWER_SUPPLY',
          slotLabel: 'PSU',
          part: 'p',
          name: 'Keel 750',
          price: { minor: 9900, blame: [] },
          why: 'watts',
        },
      ],
    } as never),
    candidate('Vane Nine', 'CLASHES', { trouble: [{ verdict: 'CLASH', evidence: 'Too long by 12 mm.' }] } as never),
  ];

  it('groups candidates by what they would do, and says what each forces or breaks', async () => {
    finder(() => found(cards));
    const stays = within(await screen.findByRole('group', { name: 'Stay in the band' }));
    expect(stays.getByText('Vane Six')).toBeTruthy();
    expect(screen.getByText('also needs Keel 750, 99.00')).toBeTruthy();
    expect(screen.getByText('Too long by 12 mm.')).toBeTruthy();
    expect(screen.queryByRole('group', { name: 'Cannot be told' })).toBeNull();
  });

  it('goes along by arrows and takes by Enter', async () => {
    finder(() => found(cards));
    await screen.findByRole('option', { name: /Vane Six/ });
    await key('ArrowDown');
    expect(within(chosen()).getByText('Vane Seven')).toBeTruthy();
    await key('ArrowUp');
    await key('ArrowUp');
    await key('Enter');
    expect(heard.ontake).toHaveBeenCalledExactlyOnceWith('vane-six', []);
  });

  it('takes what the row shows, or the part alone by another key', async () => {
    finder(() => found(cards));
    await screen.findByRole('option', { name: /Vane Six/ });
    await key('ArrowDown');
    expect(screen.getByRole('button', { name: /take it with what it needs/ })).toBeTruthy();
    await key('Enter');
    expect(heard.ontake).toHaveBeenCalledExactlyOnceWith('vane-seven', [{ slot: 'POWER_SUPPLY', part: 'p' }]);
  });

  it('takes a part alone', async () => {
    finder(() => found(cards));
    await screen.findByRole('option', { name: /Vane Six/ });
    await key('ArrowDown');
    await key('Enter', { shiftKey: true });
    expect(heard.ontake).toHaveBeenCalledExactlyOnceWith('vane-seven', []);
  });

  it('takes as an alternative, an upgrade or into a set by other keys', async () => {
    finder(() => found(cards));
    await screen.findByRole('option', { name: /Vane Six/ });
    await key('a', { altKey: true, code: 'KeyA' });
    expect(heard.onoption).toHaveBeenCalledExactlyOnceWith('ALTERNATIVE', 'vane-six');
    expect(heard.ontake).not.toHaveBeenCalled();
  });

  it('keeps Enter until the answer to what was typed is there', async () => {
    let answer: (found: Schemas['Found']) => void = () => {};
    finder(() => new Promise((resolve) => (answer = resolve)));
    await waitFor(() => screen.getByLabelText('Name or figures'));
    await key('Enter');
    expect(heard.ontake).not.toHaveBeenCalled();
    answer(found([candidate('Vane Eight', 'STAYS')]));
    await waitFor(() => expect(heard.ontake).toHaveBeenCalledExactlyOnceWith('vane-eight', []));
  });

  it('keeps Shift Enter until the answer is there, and takes the part alone', async () => {
    let answer: (found: Schemas['Found']) => void = () => {};
    finder(() => new Promise((resolve) => (answer = resolve)));
    await waitFor(() => screen.getByLabelText('Name or figures'));
    await key('Enter', { shiftKey: true });
    answer(found([cards[1]!]));
    await waitFor(() => expect(heard.ontake).toHaveBeenCalledExactlyOnceWith('vane-seven', []));
  });

  it('asks for all of a group when some are left out', async () => {
    const asked = finder(() => found(cards, { STAYS: 40 }));
    await fireEvent.click(await screen.findByRole('button', { name: 'Show all 40 that stay in the band' }));
    await waitFor(() => expect(asked.at(-1)?.query.get('full')).toBe('STAYS'));
  });

  it('says that nothing was found', async () => {
    finder(() => found([]));
    expect(await screen.findByText(/Nothing of this kind matches/)).toBeTruthy();
  });

  it('says what the server says when it refuses', async () => {
    finder(() => problem(422, 'A length is 0 to 600 mm.'));
    expect((await screen.findByRole('alert')).textContent).toBe('A length is 0 to 600 mm.');
  });
});
