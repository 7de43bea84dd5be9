import type { Schemas } from '$lib/api/client';
import type { BenchState } from './bench.svelte';
import { matterOf } from './reasons.svelte';

type Key = { key: string; label: string; run: () => void };

/** The keys for the reason of a line: it still holds, and what can be done about its first slip. */
export function reasonKeys(bench: BenchState, line: Schemas['LineView']): Key[] {
  const standing = bench.reasons.of(line.id);
  const slip = standing?.slips[0];
  const mend = (by: string | undefined): void => {
    if (slip && by) void bench.mend(line.id, slip, by);
  };
  const holds = {
    key: 'v',
    label: 'The reason still holds',
    run: () => {
      if (matterOf(line, standing)) void bench.edit(line.id, { confirmReason: true });
    },
  };
  const facts = {
    key: 'k',
    label: 'Make typed figures facts',
    run: () => {
      if (standing?.facts.length) void bench.makeFacts(line.id, standing.facts);
    },
  };
  if (!slip) return [holds, facts];
  return [
    holds,
    facts,
    { key: 'r', label: 'Write the right figure', run: () => mend(slip.right) },
    { key: 'd', label: 'Put the fact there', run: () => mend(slip.fact) },
    { key: 'm', label: 'It is meant so', run: () => void bench.edit(line.id, { meantSo: slip.key }) },
  ];
}
