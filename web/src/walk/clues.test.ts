import { expect, test } from '@jest/globals';
import { cluesShown } from './clues.ts';

const clues = [
  { part: 'the bark', cost: 0 },
  { part: 'the twig', cost: 0.5 },
  { part: 'the leaf', cost: 1 },
  { part: 'the cone or fruit', cost: 0 },
];

test.each([
  [0, ['the bark'], 'Open the twig (−0.5 points)'],
  [1, ['the bark', 'the twig'], 'Open the leaf (−1 point)'],
  [2, ['the bark', 'the twig', 'the leaf'], 'Open the cone or fruit'],
  [3, ['the bark', 'the twig', 'the leaf', 'the cone or fruit'], null],
])('%i opened', (opened, open, next) => {
  expect(cluesShown(clues, opened)).toEqual({ open, next });
});
