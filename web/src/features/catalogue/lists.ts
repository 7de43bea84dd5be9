import type { Schemas } from '$lib/api/client';

/** Lines of a list that are of one kind; those of which it is not known come last. */
export interface Group {
  label: string;
  lines: Schemas['Unknown'][];
}

/** The lines whose names have all the words, by kind in the order of the kinds. */
export function grouped(lines: Schemas['Unknown'][], kinds: Schemas['KindView'][], words: string): Group[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const found = lines.filter((l) => wanted.every((w) => l.name.toLowerCase().includes(w)));
  return [
    ...kinds.map((k) => ({ label: k.plural, lines: found.filter((l) => l.kind === k.kind) })),
    { label: 'Of no kind that its name tells', lines: found.filter((l) => l.kind == null) },
  ].filter((g) => g.lines.length);
}
