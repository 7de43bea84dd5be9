import type { Schemas } from '$lib/api/client';

/** What a part is looked for as, where it is not the choice itself. */
export type Purpose = 'ALTERNATIVE' | 'UPGRADE' | undefined;

/** What is open over the bench. */
export class OpenDialogs {
  finder = $state(false);
  purpose = $state<Purpose>();
  history = $state(false);
  variant = $state(false);
  whole = $state(false);
  other = $state(false);
  offers = $state(false);
  extras = $state(false);
  fit = $state(false);
  /** The figure that is to be filled in. */
  gap = $state<Schemas['GapView'] | null>(null);
  /** The part whose price is typed. */
  costing = $state<string | null>(null);

  find(as?: Purpose): void {
    this.purpose = as;
    this.finder = true;
  }
}
