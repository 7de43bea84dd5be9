import { CompletionContext } from '@codemirror/autocomplete';
import { EditorState } from '@codemirror/state';
import { describe, expect, it } from 'vitest';
import { factMenu, hasFacts, offered } from './reasonFacts';

const facts = [
  { path: 'price', label: 'its price', text: '312.10', isTold: true },
  { path: 'change.more', label: 'more by', text: 'it is not more', isTold: false },
];
const at = (text: string) => {
  const pos = text.indexOf('|');
  const doc = text.replace('|', '');
  return factMenu(() => Promise.resolve(facts))(new CompletionContext(EditorState.create({ doc }), pos, false));
};

describe('the menu of facts', () => {
  it.each(['It costs {{|', 'It costs {{pri|', 'It costs {{ pri|', '{{change.|'])('opens at %s', async (text) => {
    const menu = await at(text);
    expect(menu?.options.map((o) => o.label)).toEqual(['{{price}}', '{{change.more}}']);
    expect(text.slice(menu!.from, menu!.from + 2)).toBe('{{');
  });

  it.each(['It costs |', 'It costs {pri|', '{{price}} |', '{{Price|'])('stays closed at %s', async (text) => {
    expect(await at(text)).toBeNull();
  });

  it('takes braces that stand behind already with it', async () => {
    expect((await at('It costs {{pri|}} more'))?.to).toBe('It costs {{pri}}'.length);
  });

  it('shows todays values, and why a fact says nothing', () => {
    expect(offered(facts).map((o) => o.detail)).toEqual(['312.10', 'not known: it is not more']);
    expect(offered(facts)[0]!.boost).toBeGreaterThan(offered(facts)[1]!.boost!);
  });

  it('offers what is said in fewer words first, where both fit', () => {
    const told = ['total.change.more', 'total'].map((path) => ({ path, label: path, text: '12.00', isTold: true }));
    const [longer, shorter] = offered(told);
    expect(shorter!.boost).toBeGreaterThan(longer!.boost!);
  });

  it('tells a text with facts from one without', () => {
    expect(hasFacts('{{price}}')).toBe(true);
    expect(hasFacts('shop}}')).toBe(true);
    expect(hasFacts('{one}')).toBe(false);
  });
});
