import type { Schemas } from '$lib/api/client';

type Finding = Schemas['FindingView'];

/** A finding, and the rules of all checks that wait for the same missing figure; of one, where nothing is shared. */
export type Row = { finding: Finding; rules: string[] };

/** What decides or is to be answered; not what only advises and misses a figure. */
export function weighty(findings: Finding[]): Finding[] {
  return findings.filter((f) => f.verdict !== 'NOT_KNOWN' || f.decisive);
}

/** What stands open at once, what is only worth knowing, and what is missing without deciding anything. */
export function shelves(findings: Finding[]): { open: Finding[]; notes: Finding[]; advisory: Finding[] } {
  const isAdvisory = (f: Finding) => f.verdict === 'NOT_KNOWN' && !f.decisive && !f.answer;
  return {
    open: findings.filter((f) => f.verdict !== 'NOTE' && !isAdvisory(f)),
    notes: findings.filter((f) => f.verdict === 'NOTE'),
    advisory: findings.filter(isAdvisory),
  };
}

/** Findings in their order, those that one missing figure would decide as one row. */
export function rows(findings: Finding[]): Row[] {
  const rows: Row[] = [];
  const waiting = new Map<string, Row>();
  for (const finding of findings) {
    const figure = finding.gap ? `${finding.gap.part} ${finding.gap.field}` : '';
    const row = waiting.get(figure);
    if (figure && row) {
      if (!row.rules.includes(finding.rule)) row.rules.push(finding.rule);
    } else {
      const first = { finding, rules: [finding.rule] };
      rows.push(first);
      if (figure) waiting.set(figure, first);
    }
  }
  return rows;
}
