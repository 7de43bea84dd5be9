import { render } from '@testing-library/svelte';
import type { Component } from 'svelte';
import { vi } from 'vitest';
import { keys } from '$lib/keys.svelte';
import WithQueries from './WithQueries.svelte';

/** What was asked of the server. */
export interface Asked {
  method: string;
  path: string;
  query: URLSearchParams;
  body: unknown;
}

/** Answers every request as told, and keeps what was asked; stands for the server until the test is over. */
export function serve(answer: (asked: Asked) => unknown): Asked[] {
  const all: Asked[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const { pathname, searchParams } = new URL(request.url);
    const body = await request.json().catch(() => null);
    const asked = { method: request.method, path: pathname, query: searchParams, body };
    all.push(asked);
    const said = await answer(asked);
    if (said instanceof Response) return said;
    return new Response(JSON.stringify(said), { headers: { 'Content-Type': 'application/json' } });
  });
  return all;
}

/** A problem detail as the server tells one. */
export const problem = (status: number, detail: string) =>
  new Response(JSON.stringify({ type: '/problems/conflict', detail }), {
    status,
    headers: { 'Content-Type': 'application/problem+json' },
  });

/** Renders a component that asks the server. */
export function show<P extends Record<string, unknown>>(component: Component<P>, props: P) {
  return render(WithQueries, { props: { of: component as unknown as Component<Record<string, unknown>>, props } });
}

/** Presses a key as the page hears it. */
export const press = (key: string) => keys.handle(new KeyboardEvent('keydown', { key }));
