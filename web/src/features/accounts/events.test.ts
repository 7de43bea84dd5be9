import { describe, expect, it } from 'vitest';
import { sentence } from './events';

const at = '2026-12-03T09:00:00Z';

describe('a line of the people log', () => {
  it.each([
    [{ at, event: 'SIGNED_IN', name: 'Ines Vollan', by: 'Ines Vollan', about: '' }, 'Ines Vollan signed in'],
    [
      { at, event: 'SIGN_IN_FAILED', about: '1f3a90bc' },
      'Someone failed to sign in as an unknown address (mark 1f3a90bc)',
    ],
    [{ at, event: 'SIGN_IN_FAILED', name: 'Tom Ekerby', about: '' }, 'Someone failed to sign in as Tom Ekerby'],
    [
      { at, event: 'ROLE_CHANGED', name: 'Tom Ekerby', by: 'Ines Vollan', about: 'owner' },
      'Ines Vollan made Tom Ekerby an owner',
    ],
    [{ at, event: 'LINK_MADE', name: 'Ines Vollan', about: '' }, 'the console made a link for Ines Vollan'],
    [
      { at, event: 'SESSIONS_ENDED', name: 'Tom Ekerby', by: 'Ines Vollan', about: '' },
      'Ines Vollan ended the sessions of Tom Ekerby',
    ],
  ] as const)('%o', (line, said) => expect(sentence(line)).toBe(said));
});
