import { createQuery } from '@tanstack/svelte-query';
import { api, taken } from '$lib/api/client';

export const people = () =>
  createQuery(() => ({ queryKey: ['people'], queryFn: () => taken(api.GET('/api/people', {})) }));

export const peopleLog = () =>
  createQuery(() => ({ queryKey: ['people', 'log'], queryFn: () => taken(api.GET('/api/people/log', {})) }));

export const sessions = () =>
  createQuery(() => ({ queryKey: ['sessions'], queryFn: () => taken(api.GET('/api/account/sessions', {})) }));

export const secondFactor = () =>
  createQuery(() => ({
    queryKey: ['second-factor'],
    queryFn: () => taken(api.GET('/api/account/second-factor', {})),
  }));

const moment = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** A moment by the clock of whoever looks. */
export const shownAt = (instant: string): string => moment.format(new Date(instant));
