import { EditorState } from '@codemirror/state';
import { EditorView } from '@codemirror/view';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { matterOf, replaced } from './reasons.svelte';
import { marking, slipKeys, slipMarks, slipNear } from './slipMarks';

const TEXT = 'It has 16 GB and draws 240 W.';
const slip = (written: string, right: string, fact?: string): Schemas['SlipView'] => ({
  start: TEXT.indexOf(written),
  end: TEXT.indexOf(written) + written.length,
  written,
  right,
  fact,
  sentence: `${written}: it is ${right}.`,
  isSure: true,
  key: `${written} | x`,
});
const MEMORY = slip('16 GB', '12 GB', '{{spec.memory}}');
const POWER = slip('240 W', '220 W');

function editor(slips: Schemas['SlipView'][], meant: (slip: Schemas['SlipView']) => void = () => {}) {
  const view = new EditorView({ state: EditorState.create({ doc: TEXT, extensions: [slipMarks] }) });
  view.dispatch({ effects: marking(slips) });
  const press = (key: string) => slipKeys(meant).find((k) => k.key === key)!.run!(view);
  return { view, press };
}

describe('slips in the text', () => {
  it('move along with what is typed before them', () => {
    const { view } = editor([MEMORY]);
    view.dispatch({ changes: { from: 0, insert: 'Now: ' } });
    expect(slipNear(view.state)).toMatchObject({ from: 12, to: 17 });
  });

  it('are not marked where the words are others by now', () => {
    const { view } = editor([{ ...MEMORY, start: 0, end: 5 }]);
    expect(slipNear(view.state)).toBeUndefined();
  });

  it('give way to the right figure or the fact, the one at the cursor first', () => {
    const { view, press } = editor([MEMORY, POWER]);
    view.dispatch({ selection: { anchor: 20 } });
    expect(press('Alt-r')).toBe(true);
    expect(view.state.doc.toString()).toBe('It has 16 GB and draws 220 W.');
    view.dispatch({ selection: { anchor: 0 } });
    press('Alt-d');
    expect(view.state.doc.toString()).toBe('It has {{spec.memory}} and draws 220 W.');
  });

  it('can be meant so; without one the keys are left to others', () => {
    const heard: string[] = [];
    const { press } = editor([POWER], (s) => heard.push(s.written));
    press('Alt-m');
    expect(heard).toEqual(['240 W']);
    expect(press('Alt-d')).toBe(false);
    expect(editor([]).press('Alt-r')).toBe(false);
  });
});

describe('a reason', () => {
  const line = (reasonStale: boolean) => ({ reasonStale }) as Schemas['LineView'];
  const state = (over: Partial<Schemas['ReasonStateView']>) => ({
    line: 'l',
    slips: [],
    changes: [],
    isReadWhole: true,
    facts: [],
    ...over,
  });

  it('says what is the matter with it, the worst alone', () => {
    expect(matterOf(line(false), undefined)).toBe('');
    expect(matterOf(line(true), state({ slips: [POWER] }))).toBe('reason stale');
    expect(matterOf(line(false), state({ changes: ['Price: was 1; now 2.'], slips: [POWER] }))).toBe('reason stale');
    expect(matterOf(line(false), state({ slips: [POWER], move: 'x' }))).toBe('reason differs');
    expect(matterOf(line(false), state({ slips: [{ ...POWER, isSure: false }] }))).toBe('read again');
    expect(matterOf(line(false), state({ move: 'x' }))).toBe('read again');
  });

  it('is mended only where the words still stand', () => {
    expect(replaced(TEXT, POWER, '220 W')).toBe('It has 16 GB and draws 220 W.');
    expect(replaced('Other words.', POWER, '220 W')).toBe('Other words.');
  });
});
