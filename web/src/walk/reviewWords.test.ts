import { expect, test } from '@jest/globals';
import { blankWords, stationWords } from './reviewWords.ts';

const at = (number: number, blank: number, asks = 3) => ({ number, blank, asks });

test('a station says how far the student is, never as a score', () => {
  expect([at(1, 0), at(2, 1), at(3, 3), undefined].map(stationWords)).toEqual([
    'answered 3 of 3',
    'answered 2 of 3',
    'blank',
    'blank',
  ]);
});

test('stations with blanks are named, or counted where they are many', () => {
  expect(blankWords([])).toBe('Everything is answered.');
  expect(blankWords([at(4, 1)])).toBe('Station 4 has blanks.');
  expect(blankWords([at(2, 1), at(5, 3), at(9, 2)])).toBe('Stations 2, 5 and 9 have blanks.');
  expect(blankWords(Array.from({ length: 7 }, (_, i) => at(i + 1, 1)))).toBe('7 stations have blanks.');
});
