import { createQuery } from '@tanstack/svelte-query';
import { api, taken } from '$lib/api/client';

/** Why one would take an alternative, in the order in which the reasons are offered. */
export const useMotives = () =>
  createQuery(() => ({
    queryKey: ['motives'],
    queryFn: () => taken(api.GET('/api/motives', {})),
    staleTime: Infinity,
  }));
