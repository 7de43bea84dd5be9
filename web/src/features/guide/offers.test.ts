import { expect, it } from 'vitest';
import { differing } from './offers';

it('counts the fields that differ and not their reason', () => {
  expect(differing({})).toBe(0);
  expect(differing({ why: 'none' })).toBe(0);
  expect(differing({ conditions: ['USED'], membersOnly: false, greatestAgeDays: undefined, why: 'cheap' })).toBe(2);
});
