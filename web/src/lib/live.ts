import { desk } from '$lib/api/client';

/** What somebody else changed in an edition. */
export interface Change {
  edition: string;
  build: string | null;
  by: string;
  label: string;
  desk: string;
}

/**
 * Hears what others change in an edition until the returned function is called. A line that breaks is opened again by the
 * browser; what was missed meanwhile is asked for with {@link onagain}.
 */
export function listen(edition: string, onchange: (change: Change) => void, onagain: () => void): () => void {
  const line = new EventSource(`/api/editions/${edition}/changes`);
  let wasBroken = false;
  line.addEventListener('change', (event) => {
    const change = JSON.parse((event as MessageEvent<string>).data) as Change;
    if (change.desk !== desk) onchange(change);
  });
  line.addEventListener('error', () => (wasBroken = true));
  line.addEventListener('open', () => {
    if (wasBroken) onagain();
    wasBroken = false;
  });
  return () => line.close();
}
