import { expect, test } from '@jest/globals';
import { secondWords } from './paperWords.ts';

const differ = { sittingStation: 's', number: 1, ask: 'a', first: 'x', second: 'y' };

test.each([
  [null, [], 'waits for its second entry.'],
  ['Perrin Ashlock', [], 'entered twice; Perrin Ashlock entered the same.'],
  ['Perrin Ashlock', [differ], 'entered twice; Perrin Ashlock entered one answer differently.'],
  ['Perrin Ashlock', [differ, differ], 'entered twice; Perrin Ashlock entered 2 answers differently.'],
])('by %s with %j it reads “%s”', (by, differences, words) => {
  expect(secondWords({ by, differences })).toBe(words);
});
