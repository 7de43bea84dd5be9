import { describe, expect, it } from 'vitest';
import { asMarkdown, refusal, subjectPath } from './pictures';

describe('pictures', () => {
  it('are listed where they belong', () => {
    expect(subjectPath({ part: 'p' })).toBe('/api/parts/p/pictures');
    expect(subjectPath({ edition: 'e', build: 'b' })).toBe('/api/editions/e/builds/b/pictures');
    expect(subjectPath({ guide: 'g' })).toBe('/api/guides/g/pictures');
  });

  it('stand in a text by their words and their id', () => {
    expect(asMarkdown({ id: 'p', alternative: 'The [test] bench' })).toBe('![The test bench](picture:p)');
  });

  it.each([
    [{ name: 'a.svg', size: 10, type: 'image/svg+xml' }, 'a.svg is no picture'],
    [{ name: 'a.txt', size: 10, type: '' }, 'a.txt is no picture'],
    [{ name: 'a.png', size: 11 * 1024 * 1024, type: 'image/png' }, 'more than 10 MB'],
  ])('refuses %o before it is sent', (file, words) => {
    expect(refusal(file)).toContain(words);
  });

  it('sends what may be a picture', () => {
    expect(refusal({ name: 'a.webp', size: 10 * 1024 * 1024, type: 'image/webp' })).toBe('');
  });
});
