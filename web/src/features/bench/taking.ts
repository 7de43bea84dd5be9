import type { Schemas } from '$lib/api/client';
import type { BenchState } from './bench.svelte';
import type { Purpose } from './dialogs.svelte';

/** Takes a part, with what it needs: as the choice, or beside it. */
export function take(
  bench: BenchState,
  line: string,
  part: string,
  needed: Schemas['Needed'][],
  purpose?: Purpose,
): void {
  if (purpose) option(bench, line, purpose, part);
  else void bench.take(line, part, needed);
}

/** Puts a part beside the choice. */
export function option(bench: BenchState, line: string, purpose: 'ALTERNATIVE' | 'UPGRADE', part: string): void {
  void bench.edit(line, (now) => ({ options: [...now.options, { purpose, part, note: '' }] }));
}

/** Gathers parts of which any would do; what stood there before is one undo away. */
export function gather(bench: BenchState, line: string, part: string): void {
  void bench.edit(line, ({ choice }) => {
    const parts = choice.type === 'SET' ? (choice.parts ?? []) : choice.type === 'PART' ? [choice.part!] : [];
    if (parts.includes(part)) return {};
    return parts.length
      ? { choice: { type: 'SET', parts: [...parts, part], toleranceMinor: choice.toleranceMinor ?? 0 } }
      : { choice: { type: 'PART', part } };
  });
}
