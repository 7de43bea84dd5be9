import type { Schemas } from '$lib/api/client';

type Field = Pick<Schemas['FieldView'], 'holds'>;

/** What was typed for a figure, as it is sent; "n/a" is not applicable, nothing is not known. */
export function typed(field: Field, text: string): unknown {
  const bare = text.trim();
  if (bare === '') return null;
  if (bare === 'n/a') return bare;
  switch (field.holds) {
    case 'NUMBER':
      return Number.isFinite(Number(bare)) ? Number(bare) : bare;
    case 'YES_NO':
      return bare === 'yes' ? true : bare === 'no' ? false : bare;
    case 'SET':
      return bare
        .split(',')
        .map((w) => w.trim())
        .filter(Boolean);
    case 'PAIRS':
      return pairs(bare);
    case 'ROWS':
      return json(bare);
    default:
      return bare;
  }
}

/** A stored figure as it is typed. */
export function shown(field: Field, value: unknown): string {
  if (value == null) return '';
  if (value === 'n/a') return value;
  switch (field.holds) {
    case 'YES_NO':
      return value === true ? 'yes' : 'no';
    case 'SET':
      return [...(value as string[])].sort().join(', ');
    case 'PAIRS':
      return Object.entries(value as Record<string, string>)
        .map(([k, v]) => `${k} = ${v}`)
        .join(', ');
    case 'ROWS':
      return JSON.stringify(value);
    default:
      return String(value);
  }
}

/** How a figure of this form is written. */
export function hint(field: Field): string {
  return {
    NUMBER: '',
    TEXT: '',
    YES_NO: 'yes or no',
    SET: 'words with commas between',
    PAIRS: 'Fennel = 1.20, Tansy = …',
    ROWS: 'a JSON list of rows',
  }[field.holds];
}

function pairs(text: string): unknown {
  const entries = text.split(',').map((p) => p.split('=').map((w) => w.trim()));
  return entries.every((e) => e.length === 2 && e[0]) ? Object.fromEntries(entries as [string, string][]) : text;
}

function json(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}
