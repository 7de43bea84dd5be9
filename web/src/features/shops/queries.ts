import { createQuery } from '@tanstack/svelte-query';
import { api, taken, type Schemas } from '$lib/api/client';

const ALL = { queryKey: ['shops'], queryFn: () => taken(api.GET('/api/shops', {})) };

/** Every site that may be asked, makers' too. */
export const useSites = () => createQuery(() => ALL);

/** The shops: those of them that have prices. */
export const useShops = () =>
  createQuery(() => ({ ...ALL, select: (all: Schemas['Shop'][]) => all.filter((s) => s.hasPrices !== false) }));
