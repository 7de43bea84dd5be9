import { createQuery } from '@tanstack/svelte-query';
import { api, taken } from '$lib/api/client';

export const useGuides = () =>
  createQuery(() => ({ queryKey: ['guides'], queryFn: () => taken(api.GET('/api/guides', {})) }));

export const useGuide = (slug: () => string) =>
  createQuery(() => ({
    queryKey: ['guide', slug()],
    queryFn: () => taken(api.GET('/api/guides/{slug}', { params: { path: { slug: slug() } } })),
  }));

export const useDesk = (slug: () => string) =>
  createQuery(() => ({
    queryKey: ['desk', slug()],
    queryFn: () => taken(api.GET('/api/guides/{slug}/desk', { params: { path: { slug: slug() } } })),
  }));
