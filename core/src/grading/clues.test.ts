import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { clueCost, lessClues } from './index.ts';

const clues = [
  { organ: 'bark', cost: 0 },
  { organ: 'twig', cost: 0.5 },
  { organ: 'leaf', cost: 1 },
];

test('what was opened costs, the first included, and points never fall below none', () => {
  expect([0, 1, 2, 9].map((n) => clueCost(clues, n))).toEqual([0, 0.5, 1.5, 1.5]);
  expect([0, 1, 2].map((n) => lessClues(2, clues, n))).toEqual([2, 1.5, 0.5]);
  expect(lessClues(1, clues, 2)).toBe(0);
  expect(lessClues(1, [], 3)).toBe(1);
});

test('one clue more never earns more', () => {
  const clue = fc.record({ organ: fc.constant('x'), cost: fc.integer({ min: 0, max: 8 }).map((n) => n / 4) });
  fc.assert(
    fc.property(fc.array(clue, { maxLength: 7 }), fc.nat(7), fc.nat(10), (all, n, points) => {
      expect(lessClues(points, all, n + 1)).toBeLessThanOrEqual(lessClues(points, all, n));
    }),
  );
});
