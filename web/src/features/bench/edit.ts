import type { Schemas } from '$lib/api/client';

/** An edit that met another one: both are offered. */
export interface Clash {
  line: string;
  patch: Schemas['LinePatch'];
  theirs: { reason: string } | null;
  sentence: string;
}

/** An edit, or what it makes of the line as it stands when the edit's turn comes. */
export type Edit = Schemas['LinePatch'] | ((now: Schemas['LineView']) => Schemas['LinePatch']);
