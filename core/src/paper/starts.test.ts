import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LINES_A_PAGE, pagesOf, startsOf } from './index.ts';

test('a class of 24 on 30 stations starts at 24 of them, spread over the walk', () => {
  const starts = startsOf(24, 30);
  expect(new Set(starts).size).toBe(24);
  expect([starts[0], starts[1], starts[23]]).toEqual([0, 1, 28]);
});

test('more students than stations share starts as evenly as can be', () => {
  const counts = new Map<number, number>();
  for (const s of startsOf(25, 10)) counts.set(s, (counts.get(s) ?? 0) + 1);
  expect([...counts.values()].sort()).toEqual([2, 2, 2, 2, 2, 3, 3, 3, 3, 3]);
  expect(startsOf(3, 0)).toEqual([0, 0, 0]);
});

test('every start is a station, and no page holds more than its lines', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 70 }), (students, stations) => {
      const starts = startsOf(students, stations);
      expect(starts).toHaveLength(students);
      expect(starts.every((s) => s >= 0 && s < stations)).toBe(true);
      const pages = pagesOf(Array.from({ length: stations }, (_, i) => i));
      expect(pages.flat()).toHaveLength(stations);
      expect(Math.max(...pages.map((p) => p.length))).toBeLessThanOrEqual(LINES_A_PAGE);
    }),
  );
});
