import type { Schemas } from '$lib/api/client';

type Finding = Schemas['FindingView'];

/** A finding, and the rules of all checks that wait for the same missing figure; of one, where nothing is shared. */
export type Row = { finding: Finding; rules: string[] };

/** Findings in their order, those that one missing figure would decide as one row. */
export function rows(findings: Finding[]): Row[] {
  const rows: Row[] = [];
  const waiting = new Map<string, Row>();
  for (const finding of findings) {
    const figure = finding.gap ? `${finding.gap.part} ${finding.gap.field}` : '';
    const row = waiting.get(figure);
    if (figure && row) {
      row.rules.push(finding.rule);
    } else {
      const first = { finding, rules: [finding.rule] };
      rows.push(first);
      if (figure) waiting.set(figure, first);
    }
  }
  return rows;
}
