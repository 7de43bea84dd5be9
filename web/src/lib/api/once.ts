import { NOT_REPEATED } from './generated/notRepeated';

/** A new name for an act or a window. Not randomUUID, which browsers keep from desks that are reached without TLS. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** A new id for something that is made here and stored there. */
export const newId = (): string => newKey().replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-');

/** What the server never keeps is not sent again. */
const NEVER_AGAIN = NOT_REPEATED.map((address) => new RegExp(`^(${address})$`));

const KEY = 'Idempotency-Key';
const TRIES = 3;
const PAUSE_MS = 400;

/** Gives a request that changes something a key, so that it can be sent again and is done once. */
export function keyed(request: Request): Request {
  const path = new URL(request.url).pathname;
  const isEdit = request.method !== 'GET' && !NEVER_AGAIN.some((pattern) => pattern.test(path));
  if (isEdit && !request.headers.has(KEY)) request.headers.set(KEY, newKey());
  return request;
}

const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** Sends a request; one with a key again when no answer comes, at most three times. */
export async function sendOnce(
  request: Request,
  send: (request: Request) => Promise<Response> = fetch,
  wait: (ms: number) => Promise<void> = pause,
): Promise<Response> {
  const tries = request.headers.has(KEY) ? TRIES : 1;
  for (let tried = 1; ; tried++) {
    try {
      return await send(tried < tries ? request.clone() : request);
    } catch (away) {
      if (tried >= tries) throw away;
      await wait(PAUSE_MS * tried);
    }
  }
}
