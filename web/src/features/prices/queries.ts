import { createQuery } from '@tanstack/svelte-query';
import { api, taken, type Schemas } from '$lib/api/client';

export const useGuideHistory = (slug: () => string) =>
  createQuery(() => ({
    queryKey: ['history', 'guide', slug()],
    queryFn: () => taken(api.GET('/api/guides/{slug}/history', { params: { path: { slug: slug() } } })),
  }));

export const useKindHistory = (kind: () => Schemas['KindHistory']['kind']) =>
  createQuery(() => ({
    queryKey: ['history', 'kind', kind()],
    queryFn: () => taken(api.GET('/api/kinds/{kind}/history', { params: { path: { kind: kind() } } })),
  }));
