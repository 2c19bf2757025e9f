import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { countMixUps, jeffreys } from './index.ts';
import type { Look } from './index.ts';

describe('Jeffreys interval (Brown, Cai and DasGupta 2001)', () => {
  // Quantiles of the beta distribution by numerical integration, outside this project.
  test.each([
    [5, 12, 0.1805, 0.6881],
    [7, 24, 0.141, 0.4892],
    [3, 4, 0.2838, 0.9715],
    [0, 10, 0, 0.2172],
  ])('%d of %d', (k, n, low, high) => {
    const interval = jeffreys(k, n);
    expect(interval.low).toBeCloseTo(low, 3);
    expect(interval.high).toBeCloseTo(high, 3);
  });

  test('ends at 0 for none and 1 for all, holds its rate, and mirrors', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 200 }), fc.nat(200), (n, j) => {
        const k = Math.min(j, n);
        const { low, high } = jeffreys(k, n);
        expect(low <= k / n && k / n <= high).toBe(true);
        if (k === 0) expect(low).toBe(0);
        if (k === n) expect(high).toBe(1);
        const mirror = jeffreys(n - k, n);
        expect(mirror.low).toBeCloseTo(1 - high, 8);
      }),
    );
  });

  test('refuses what is no count', () => {
    for (const [k, n] of [
      [1, 0],
      [3, 2],
      [-1, 2],
      [0.5, 2],
    ] as const) {
      expect(() => jeffreys(k, n)).toThrow(RangeError);
    }
  });
});

const look = (
  id: string,
  truth: string,
  named: Look['named'],
  answer: string | null,
  student = id,
  sure: Look['sure'] = null,
): Look => ({
  id,
  student,
  truth,
  named,
  answer,
  sure,
});

describe('counting mix-ups', () => {
  const looks = [
    look('1', 'A', 'other', 'B', 's1'),
    look('2', 'A', 'other', 'B', 's1', 'guessing'),
    look('3', 'A', 'right', 'A', 's2'),
    look('4', 'A', 'blank', null, 's3'),
    look('5', 'A', 'genus_only', null, 's4'),
    look('6', 'B', 'other', 'A', 's1'),
    look('7', 'B', 'unlisted', null, 's2'),
    look('8', 'B', 'cannot_tell', null, 's3'),
  ];

  test('n counts every look, k keeps its direction, and each number opens what it counts', () => {
    const [first, second, ...rest] = countMixUps(looks);
    expect(rest).toEqual([]);
    expect(first).toMatchObject({
      truth: 'A',
      answer: 'B',
      k: 2,
      n: 5,
      named: 3,
      guesses: 1,
      students: ['s1'],
      looks: ['1', '2'],
    });
    expect(second).toMatchObject({ truth: 'B', answer: 'A', k: 1, n: 3, looks: ['6'] });
  });

  test('k is the number of looks it opens, no look is counted twice, and n never falls short', () => {
    const any = fc.record({
      truth: fc.constantFrom('A', 'B', 'C'),
      answer: fc.constantFrom('A', 'B', 'C'),
      named: fc.constantFrom<Look['named']>(
        'right',
        'other',
        'unlisted',
        'blank',
        'genus_only',
        'cannot_tell',
      ),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 40 }), (rows) => {
        const all = rows.map((r, i) =>
          look(String(i), r.truth, r.named, r.named === 'other' ? r.answer : null),
        );
        const found = countMixUps(all);
        const opened = found.flatMap((m) => m.looks);
        expect(new Set(opened).size).toBe(opened.length);
        for (const m of found) {
          expect(m.k).toBe(m.looks.length);
          expect(m.n).toBe(all.filter((l) => l.truth === m.truth).length);
        }
      }),
    );
  });
});
