import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { median, seeded } from './index.ts';

test('the same seed gives the same numbers, from 0 up to 1, and another seed others', () => {
  fc.assert(
    fc.property(fc.integer(), (seed) => {
      const [a, b] = [seeded(seed), seeded(seed)];
      for (let i = 0; i < 20; i += 1) {
        const n = a();
        expect(n).toBe(b());
        expect(n >= 0 && n < 1).toBe(true);
      }
    }),
  );
  // The first numbers of seed 1, as the published algorithm gives them.
  const one = seeded(1);
  expect([one(), one()].map((n) => n.toFixed(6))).toEqual(['0.627074', '0.002736']);
  expect(seeded(2)()).not.toBe(seeded(1)());
});

test('the median is the one in the middle, the mean of two, or nothing', () => {
  expect([median([3, 1, 2]), median([4, 1, 2, 3]), median([7]), median([])]).toEqual([2, 2.5, 7, null]);
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -1000, max: 1000 }), { minLength: 1 }), (all) => {
      const m = median(all) ?? NaN;
      const below = all.filter((n) => n < m).length;
      const above = all.filter((n) => n > m).length;
      expect(2 * Math.max(below, above)).toBeLessThanOrEqual(all.length);
    }),
  );
});
