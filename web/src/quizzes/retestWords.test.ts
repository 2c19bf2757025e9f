import { expect, test } from '@jest/globals';
import { neededWords } from './retestWords.ts';

test.each([
  [0, 20, '20 answers on new trees would settle it'],
  [8, 20, '8 answers on new trees since; 12 more would settle it'],
  [20, 20, '20 answers on new trees since, enough to say how it stands'],
  [31, 20, '31 answers on new trees since, enough to say how it stands'],
])('%d of %d answers: %s', (looks, needed, words) => {
  expect(neededWords({ looks, needed })).toBe(words);
});
