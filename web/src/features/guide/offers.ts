import type { Schemas } from '$lib/api/client';

/** How many fields of the price policy differ. */
export function differing(policy: Schemas['OverrideForm']): number {
  return Object.entries(policy).filter(([name, value]) => name !== 'why' && value != null).length;
}
