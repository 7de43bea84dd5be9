import { createQuery } from '@tanstack/svelte-query';
import { api, taken } from '$lib/api/client';

export const moversKey = (edition: string) => ['movers', edition];

/** The period's queue of an edition. */
export const useMovers = (edition: () => string) =>
  createQuery(() => ({
    queryKey: moversKey(edition()),
    queryFn: () => taken(api.GET('/api/editions/{edition}/movers', { params: { path: { edition: edition() } } })),
  }));

/** A part's prices through time. */
export const usePartHistory = (part: () => string | null | undefined) =>
  createQuery(() => ({
    queryKey: ['history', part()],
    enabled: !!part(),
    staleTime: 60_000,
    queryFn: () => taken(api.GET('/api/parts/{id}/history', { params: { path: { id: part()! } } })),
  }));
