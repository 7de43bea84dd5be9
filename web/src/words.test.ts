import { parse } from 'svelte/compiler';
import { describe, expect, it } from 'vitest';
import words from '../../docs/words.md?raw';

/** The items of one list of docs/words.md. */
function list(heading: string): string[] {
  const section = words.split(`## ${heading}\n`)[1]?.split('\n## ')[0] ?? '';
  return section
    .split('\n')
    .filter((line) => line.startsWith('- '))
    .map((line) => line.slice(2));
}

const phrases = list('Never in a text');
const labels = list('Never a whole label').map((label) => label.toLowerCase());

const sources = Object.entries(
  import.meta.glob<string>(['./**/*.{svelte,ts}', '!./**/*.test.ts', '!./testing/**', '!./**/*.d.ts'], {
    query: '?raw',
    import: 'default',
    eager: true,
  }),
);

interface Node {
  type?: string;
  [key: string]: unknown;
}

/** Attributes that people read or hear. */
const spoken = new Set(['aria-label', 'title', 'placeholder', 'alt', 'label', 'hint', 'name', 'heading', 'empty']);

/** What is written in markup and in what it computes: texts, spoken attributes, and every literal that is a sentence or a label. */
function texts(source: string): string[] {
  const found: string[] = [];
  const walk = (node: unknown, attribute?: string) => {
    if (Array.isArray(node)) return node.forEach((n) => walk(n, attribute));
    if (!node || typeof node !== 'object') return;
    const { type, ...rest } = node as Node;
    if (type === 'ImportDeclaration' || type === 'StyleSheet') return;
    if (type === 'Text' && (!attribute || spoken.has(attribute))) found.push(String(rest.data));
    if (type === 'Literal' && typeof rest.value === 'string') found.push(rest.value);
    if (type === 'TemplateElement') found.push((rest.value as { cooked: string }).cooked);
    const name = type === 'Attribute' ? String(rest.name) : attribute;
    if (name === 'class' || name === 'style' || name === 'href') return;
    Object.entries(rest).forEach(([key, value]) => key !== 'metadata' && walk(value, name));
  };
  walk(parse(source, { modern: true }));
  return found.map((text) => text.replace(/\s+/g, ' ').trim()).filter((text) => /[A-Za-z]/.test(text));
}

/** A file of plain TypeScript is read as the script of a component without markup. */
const component = (file: string, code: string) =>
  file.endsWith('.ts') ? `<script lang="ts">\n${code}\n</script>` : code;

/** Keys and codes are one word in small or capital letters alone; texts have a space, or begin with one capital. */
const isText = (text: string) => text.includes(' ') || /^[A-Z][a-z]/.test(text);

const matcher = (phrase: string) =>
  new RegExp(`(?<![\\w-])${phrase.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\w-])`, 'i');
const ruledOut = phrases.map((phrase) => ({ phrase, pattern: matcher(phrase) }));

describe('the words of the interface', () => {
  const all = sources.map(([file, code]) => ({ file, texts: texts(component(file, code)) }));

  it('finds the texts of the interface', () => {
    expect(all.flatMap((f) => f.texts).length).toBeGreaterThan(1000);
    expect(phrases.length).toBeGreaterThan(30);
  });

  it('holds no phrase that docs/words.md rules out', () => {
    const breaches = all.flatMap(({ file, texts }) =>
      texts
        .filter(isText)
        .flatMap((text) =>
          ruledOut.filter(({ pattern }) => pattern.test(text)).map(({ phrase }) => `${file}: "${phrase}" in "${text}"`),
        ),
    );
    expect(breaches).toEqual([]);
  });

  it('has no label that is one of those words alone', () => {
    const breaches = all.flatMap(({ file, texts }) =>
      texts
        .filter((text) => /^[A-Z][a-z]+$/.test(text) && labels.includes(text.toLowerCase()))
        .map((text) => `${file}: ${text}`),
    );
    expect(breaches).toEqual([]);
  });
});
