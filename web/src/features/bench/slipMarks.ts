import { StateEffect, StateField, type EditorState } from '@codemirror/state';
import { Decoration, EditorView, type Command, type DecorationSet, type KeyBinding } from '@codemirror/view';
import type { Schemas } from '$lib/api/client';

type Slip = Schemas['SlipView'];

const told = StateEffect.define<Slip[]>();

/** Where a text differs from the data: marked while the words stand as they were read, and moved along with them. */
export const slipMarks = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(marks, transaction) {
    const kept = marks.map(transaction.changes);
    const news = transaction.effects.find((e) => e.is(told));
    return news ? Decoration.set(marksOf(transaction.state, news.value as Slip[]), true) : kept;
  },
  provide: (field) => EditorView.decorations.from(field),
});

const marksOf = (state: EditorState, slips: Slip[]) =>
  slips
    .filter((s) => state.sliceDoc(s.start, s.end) === s.written)
    .map((slip) =>
      Decoration.mark({ class: slip.isSure ? 'slip' : 'slip maybe', slip, attributes: { title: slip.sentence } }).range(
        slip.start,
        slip.end,
      ),
    );

/** Tells the editor what differs. */
export const marking = (slips: Slip[]): StateEffect<Slip[]> => told.of(slips);

/** The slip at the cursor, else the first behind it, else the first, with where it stands now. */
export function slipNear(state: EditorState): { slip: Slip; from: number; to: number } | undefined {
  const all: { slip: Slip; from: number; to: number }[] = [];
  for (const at = state.field(slipMarks).iter(); at.value; at.next())
    all.push({ slip: at.value.spec.slip as Slip, from: at.from, to: at.to });
  return all.find((s) => s.to >= state.selection.main.head) ?? all[0];
}

const write =
  (by: (slip: Slip) => string | undefined): Command =>
  (view) => {
    const near = slipNear(view.state);
    const insert = near && by(near.slip);
    if (!near || !insert) return false;
    view.dispatch({ changes: { from: near.from, to: near.to, insert }, userEvent: 'input' });
    return true;
  };

/** Keys for the slip near the cursor: the right figure, the fact, meant so. */
export const slipKeys = (onmeant: (slip: Slip) => void): KeyBinding[] => [
  { key: 'Alt-r', run: write((slip) => slip.right) },
  { key: 'Alt-d', run: write((slip) => slip.fact) },
  {
    key: 'Alt-m',
    run: (view) => {
      const near = slipNear(view.state);
      if (near) onmeant(near.slip);
      return !!near;
    },
  },
];
