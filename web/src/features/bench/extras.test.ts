import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { ExtrasDraft, choosable, withBundle } from './extras.svelte';

const line = (id: string, more: Partial<Schemas['LineView']> = {}): Schemas['LineView'] =>
  ({ id, counted: true, choice: { type: 'PART' }, ...more }) as Schemas['LineView'];
const nothing: Schemas['ExtrasForm'] = { adjustments: [], packages: [] };

describe('what stands beside the lines of a build', () => {
  it('is sent as it came when nothing was typed', () => {
    const stands: Schemas['ExtrasForm'] = {
      adjustments: [{ id: 'a', name: 'Assembly', minor: 7900 }],
      packages: [
        {
          id: 'p',
          name: 'Harbour machine',
          members: [
            { line: 'case', key: 'part:1', quantity: 1, swapMinor: -1500 },
            { line: 'psu', key: 'part:2', quantity: 1 },
          ],
          priceMinor: 64900,
          seenAt: '2026-12-03T06:00:00Z',
        },
      ],
    };
    expect(new ExtrasDraft(stands, 'EUR').form).toEqual(stands);
  });

  it.each([
    ['', '39', 'Name each discount'],
    ['Assembly', '', 'not zero'],
    ['Assembly', '0', 'not zero'],
    ['Assembly', 'much', 'such as 39.90'],
    ['Assembly', '-50', ''],
  ])('says what is wrong with %s, %s', (name, sum, fault) => {
    const draft = new ExtrasDraft(nothing, 'EUR');
    draft.addAdjustment();
    Object.assign(draft.adjustments[0]!, { name, sum });
    if (fault) expect(draft.fault).toContain(fault);
    else expect(draft.form.adjustments[0]!.minor).toBe(-5000);
  });

  it.each([
    [{ name: '' }, 'Name each package'],
    [{ members: [] }, 'two parts or more'],
    [{ price: '0' }, 'what all of it costs'],
    [{ price: 'six hundred' }, 'what all of it costs'],
    [{ shipping: 'free' }, 'type shipping as a sum'],
  ])('says what is wrong with a package of %o', (typed, fault) => {
    const draft = new ExtrasDraft(nothing, 'EUR');
    draft.addPackage(['case', 'psu']);
    Object.assign(draft.packages[0]!, { name: 'Harbour machine', price: '649' });
    expect(draft.fault).toBe('');
    Object.assign(draft.packages[0]!, typed);
    expect(draft.fault).toContain(fault);
  });

  it('takes a package again for the parts as they are, and keeps what swaps cost', () => {
    const draft = new ExtrasDraft(nothing, 'EUR');
    draft.addPackage(['case', 'psu']);
    const pack = draft.packages[0]!;
    pack.members = [{ line: 'case', key: 'part:1', quantity: 1, swap: '40' }, ...pack.members.slice(1)];
    draft.takeAgain(pack);
    expect(draft.form.packages[0]!.members[0]).toEqual({
      line: 'case',
      key: undefined,
      quantity: undefined,
      swapMinor: 4000,
    });
  });

  it('offers parts in the total that no other package has', () => {
    const draft = new ExtrasDraft(nothing, 'EUR');
    draft.addPackage(['case', 'psu']);
    draft.addPackage();
    const lines = [
      line('case'),
      line('psu'),
      line('card'),
      line('mouse', { counted: false }),
      line('paste', { choice: { type: 'EMPTY' } as never }),
    ];
    expect(choosable(lines, draft, draft.packages[1]!).map((l) => l.id)).toEqual(['card']);
    expect(choosable(lines, draft, draft.packages[0]!).map((l) => l.id)).toEqual(['case', 'psu', 'card']);
  });

  it('takes a bundle for its lines at what its seller asks', () => {
    const taken = withBundle(nothing, {
      sellerId: 's',
      seller: 'Ferrowby',
      lines: ['cpu', 'board'],
    } as Schemas['BundleView']);
    expect(taken.packages[0]).toMatchObject({ name: 'Bundle at Ferrowby', bundleOf: 's' });
    expect(taken.packages[0]!.members.map((m) => m.line)).toEqual(['cpu', 'board']);
    expect(taken.packages[0]!.priceMinor).toBeUndefined();
  });
});
