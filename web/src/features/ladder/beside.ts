import type { Schemas } from '$lib/api/client';

type Ladder = Schemas['LadderView'];
type Rung = Schemas['RungView'];

const sameThing = (a: Rung, b: Rung) => a.label === b.label && a.goods.minor === b.goods.minor;

/** Only some builds of a ladder, as if the others were not there: what runs on and the steps are told anew between them. */
export function beside(ladder: Ladder, builds: string[]): Ladder {
  const columns = ladder.columns.filter((c) => builds.includes(c.card.build));
  const told = columns.map((column, i) => {
    const left = columns[i - 1];
    const rungs = column.rungs.map((rung) => ({
      ...rung,
      runsOn: left?.rungs.some((l) => l.slot === rung.slot && sameThing(l, rung)) ?? false,
    }));
    const [mine, theirs] = [column.card.gauge.total.minor, left?.card.gauge.total.minor];
    return {
      ...column,
      rungs,
      changed: rungs.filter((r) => !r.runsOn).length,
      stepMinor: mine != null && theirs != null ? mine - theirs : undefined,
    };
  });
  return {
    ...ladder,
    columns: told,
    slots: ladder.slots.filter((s) => told.some((c) => c.rungs.some((r) => r.slot === s.slot))),
  };
}
