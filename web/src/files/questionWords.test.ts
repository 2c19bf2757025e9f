import { expect, test } from '@jest/globals';
import { questionWords, stillOpen } from './questionWords.ts';

const question = (part: Partial<Parameters<typeof questionWords>[0]>) => ({
  id: 'x',
  about: 'species' as const,
  text: 'Abies procera',
  among: [],
  rows: 12,
  ...part,
});

test.each([
  [{}, 'The library has no species “Abies procera” (12 rows).'],
  [{ about: 'section' as const, text: 'Evening', rows: 1 }, 'No class is called “Evening” (1 row).'],
  [
    {
      about: 'station' as const,
      text: 'Spring quiz, 2026-04-07, station 1',
      among: ['Abies grandis', 'Abies lasiocarpa'],
    },
    'Spring quiz, 2026-04-07, station 1 names 2 species (12 rows). Which is right?',
  ],
  [
    { about: 'students' as const, text: 'Tuesday lab', among: ['301'], rows: 3 },
    'Tuesday lab has no student 301 (3 rows).',
  ],
  [
    {
      about: 'students' as const,
      text: 'Tuesday lab',
      among: Array.from({ length: 10 }, (_, i) => String(301 + i)),
      rows: 4000,
    },
    'Tuesday lab has no students 301, 302, 303, 304, 305, 306, 307, 308 and 2 more (4,000 rows).',
  ],
])('what a file leaves open is said in one sentence', (part, words) => {
  expect(questionWords(question(part))).toBe(words);
});

test('a question is open until something is chosen, leaving rows out among it', () => {
  const all = [question({ id: 'a' }), question({ id: 'b' }), question({ id: 'c' })];
  expect(stillOpen(all, { a: 'add', b: null }).map((q) => q.id)).toEqual(['c']);
});
