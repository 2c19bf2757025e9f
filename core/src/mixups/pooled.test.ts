import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { poolPair } from './index.ts';

describe('a pair over sections and years', () => {
  test('two classes are drawn by 20 students each: worked by hand', () => {
    // 6 of 23 and 7 of 24 count as 20/43 and 20/44 of themselves: k = 2.7907 + 3.1818, n = 10.6977 + 10.9091.
    const found = poolPair(
      [
        { k: 6, n: 23 },
        { k: 7, n: 24 },
      ],
      24,
    );
    expect([found.weight, found.weightFrom]).toEqual([20, 'fixed']);
    expect(found.rate).toBeCloseTo((5.9725 + 0.5) / (21.6068 + 1), 4);
    // Quantiles of Beta(6.4725, 16.1343), computed with SciPy outside this project.
    expect(found.low).toBeCloseTo(0.144594, 5);
    expect(found.high).toBeCloseTo(0.449952, 5);
    expect(found.next.of).toBe(24);
    expect(found.next.low).toBeLessThan(6);
    expect(found.next.high).toBeGreaterThan(7);
  });

  test('from five classes on their spread is fitted: alike they hold each other close, unlike they do not', () => {
    const alike = poolPair(
      [6, 6, 7, 6, 5, 6].map((k) => ({ k, n: 24 })),
      24,
    );
    const unlike = poolPair(
      [0, 14, 1, 12, 0, 13].map((k) => ({ k, n: 24 })),
      24,
    );
    expect([alike.weightFrom, unlike.weightFrom]).toEqual(['fitted', 'fitted']);
    expect(alike.weight).toBeGreaterThan(50);
    expect(unlike.weight).toBeLessThan(5);
    expect(unlike.next.high - unlike.next.low).toBeGreaterThan(alike.next.high - alike.next.low);
  });

  test('a class that never looked counts for nothing, and one that all got right still leaves room', () => {
    const one = poolPair([{ k: 3, n: 20 }], 20);
    expect(
      poolPair(
        [
          { k: 3, n: 20 },
          { k: 0, n: 0 },
        ],
        20,
      ),
    ).toEqual(one);
    const none = poolPair([{ k: 0, n: 24 }], 24);
    expect(none.low).toBeGreaterThanOrEqual(0);
    expect(none.next.low).toBe(0);
    expect(none.next.high).toBeGreaterThan(0);
    expect(() => poolPair([{ k: 0, n: 0 }], 10)).toThrow(RangeError);
  });

  test('numbers are numbers whatever was counted, and the next class holds about what the rate says', () => {
    const count = fc.integer({ min: 1, max: 40 }).chain((n) => fc.nat(n).map((k) => ({ k, n })));
    fc.assert(
      fc.property(
        fc.array(count, { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 1, max: 60 }),
        (all, of) => {
          const p = poolPair(all, of);
          expect(p.low).toBeLessThanOrEqual(p.rate);
          expect(p.rate).toBeLessThanOrEqual(p.high);
          expect(p.next.low).toBeLessThanOrEqual(Math.ceil(p.rate * of));
          expect(p.next.high).toBeGreaterThanOrEqual(Math.floor(p.rate * of));
          expect(p.next.high).toBeLessThanOrEqual(of);
        },
      ),
      { numRuns: 200 },
    );
  });
});
