import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './generated/schema';
import { withPassword } from '../passwordAgain.svelte';
import { keyed, newKey, sendOnce } from './once';

export type Schemas = components['schemas'];

/** A problem detail: what happened, in a sentence a person can act on. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly type: string,
    sentence: string,
    readonly body: Record<string, unknown> = {},
  ) {
    super(sentence);
  }

  /** Whether it may be over in a moment (the server or its database is away). */
  get isPassing(): boolean {
    return this.status === 0 || this.status === 503;
  }
}

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((c) => c.startsWith(`${name}=`));
  return found ? decodeURIComponent(found.slice(name.length + 1)) : '';
}

/** This window's own name, so that it does not hear its own edits as somebody else's. */
export const desk = newKey();

/** What every request that changes something carries. */
export function credentials(): Record<string, string> {
  // Behind TLS the cookie is bound to this very host.
  return { 'X-XSRF-TOKEN': cookie('__Host-XSRF-TOKEN') || cookie('XSRF-TOKEN'), 'X-Desk': desk };
}

const signed: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET')
      Object.entries(credentials()).forEach(([name, value]) => request.headers.set(name, value));
    return keyed(request);
  },
};

const client = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => withPassword(request, sendOnce),
});
client.use(signed);
export const api = client;

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or its problem thrown. */
export async function taken<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await asked;
  } catch {
    throw new Problem(0, 'away', 'The server cannot be reached; what you typed is kept here and sent again.');
  }
  if (answer.response.ok) return answer.data as T;
  const body = (typeof answer.error === 'object' && answer.error ? answer.error : {}) as Record<string, unknown>;
  const sentence = typeof body.detail === 'string' ? body.detail : 'The server gave no reason.';
  throw new Problem(answer.response.status, String(body.type ?? '').replace('/problems/', ''), sentence, body);
}
