import { fireEvent, render, screen, within } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { Format } from '$lib/format';
import Spine from './Spine.svelte';

type Line = Schemas['LineView'];
const format = new Format('EUR', 'en-150', 'CET');

function line(id: string, slotLabel: string, label: string, more: Partial<Line> = {}): Line {
  return {
    id,
    slotLabel,
    label,
    quantity: 1,
    counted: true,
    choice: { type: 'PART' },
    goods: { minor: 10000, blame: [] },
    how: 'KEPT',
    ...more,
  } as Line;
}

function spine(lines: Line[], props: { current?: string; onadd?: (slot: string) => void } = {}) {
  Element.prototype.scrollIntoView = vi.fn();
  render(Spine, {
    lines,
    total: 40000,
    format,
    matter: (l: Line) => (l.reasonStale ? 'reason stale' : ''),
    href: (id: string) => `/lines/${id}`,
    addable: [{ slot: 'CASE_FANS', label: 'Case fans', kind: 'FAN' }],
    ...props,
  } as never);
}

const row = (label: string) => screen.getByText(label).closest('a')!;

describe('the slots of a build', () => {
  it('lead to their lines and mark the one that is open', () => {
    spine([line('c', 'CPU', 'Tern 8'), line('g', 'Graphics card', 'Vane Six')], { current: 'g' });
    expect(row('Tern 8').getAttribute('href')).toBe('/lines/c');
    expect(row('Tern 8').getAttribute('aria-current')).toBeNull();
    expect(row('Vane Six').getAttribute('aria-current')).toBe('true');
  });

  it('say quantity, price, difference and what is wrong', () => {
    spine([
      line('f', 'Case fans', 'Eddy 120', {
        quantity: 3,
        goods: { minor: 4470, blame: [] } as never,
        differenceMinor: 310,
        worst: 'CAUTION',
        reasonStale: true,
      }),
    ]);
    const fans = within(row('3 × Eddy 120'));
    expect(fans.getByText('44.70')).toBeTruthy();
    expect(fans.getByText('+3.10')).toBeTruthy();
    expect(fans.getByText('reason stale')).toBeTruthy();
  });

  it('tell an estimate from a price, and nothing chosen from no price', () => {
    spine([
      line('a', 'CPU', 'Tern 9', {
        goods: { blame: [], span: { lowMinor: 40000, likelyMinor: 45000, highMinor: 50000 } } as never,
      }),
      line('b', 'Case', 'nothing chosen', {
        choice: { type: 'EMPTY' } as never,
        goods: { minor: 0, blame: [] } as never,
      }),
    ]);
    expect(within(row('Tern 9')).getByText('about 450.00')).toBeTruthy();
    expect(within(row('nothing chosen')).queryByText('0.00')).toBeNull();
  });

  it('keep what is not in the total apart', () => {
    spine([line('c', 'CPU', 'Tern 8'), line('m', 'Monitor', 'Sill 27', { counted: false })]);
    const apart = screen.getByText('Optional').nextElementSibling as HTMLElement;
    expect(within(apart).getByText('Sill 27')).toBeTruthy();
    expect(within(apart).queryByText('Tern 8')).toBeNull();
  });

  it('add a slot, and offer none where nothing may be changed', async () => {
    const added = vi.fn();
    spine([line('c', 'CPU', 'Tern 8')], { onadd: added });
    await fireEvent.change(screen.getByLabelText('Add a slot'), { target: { value: 'CASE_FANS' } });
    expect(added).toHaveBeenCalledExactlyOnceWith('CASE_FANS');
  });

  it('cannot be added to in a published edition', () => {
    spine([line('c', 'CPU', 'Tern 8')]);
    expect(screen.queryByLabelText('Add a slot')).toBeNull();
  });
});
