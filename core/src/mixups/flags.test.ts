import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { flagsAfter } from './index.ts';
import type { PairFlag, PairTest } from './index.ts';

const found = (q: number, flagged = q <= 0.1): PairTest => ({
  truth: 'a',
  answer: 'b',
  observed: 5,
  expected: 0.5,
  times: 4,
  p: q / 10,
  q,
  flagged,
});
const through = (qs: readonly (number | null)[]): readonly boolean[] => {
  let flags: readonly PairFlag[] = [];
  return qs.map((q) => {
    flags = flagsAfter(flags, q === null ? [] : [found(q)]);
    return flags.some((f) => f.flagged);
  });
};

test.each<[string, readonly (number | null)[], readonly boolean[]]>([
  ['stands while the chance is between the two levels', [0.05, 0.2, 0.24], [true, true, true]],
  ['stands at one return above, and falls at the second in a row', [0.05, 0.3, 0.3], [true, true, false]],
  ['stands where the two are not in a row', [0.05, 0.3, 0.2, 0.3], [true, true, true, true]],
  ['falls where the pair is not made any more, twice', [0.05, null, null], [true, true, false]],
  ['comes back only at the level itself', [0.05, 0.3, 0.3, 0.2, 0.1], [true, true, false, false, true]],
  ['is not given above the level', [0.11, 0.2], [false, false]],
])('a flag %s', (_, qs, flags) => {
  expect(through(qs)).toEqual(flags);
});

test('a flag needs the level once, and stands only where it did', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 1, maxLength: 12 }),
      (qs) => {
        const flags = through(qs);
        const first = qs.findIndex((q) => q <= 0.1);
        expect(flags.indexOf(true)).toBe(first);
        qs.forEach((q, i) => {
          if (q <= 0.1) expect(flags[i]).toBe(true);
          if (i > 0 && q > 0.25 && (qs[i - 1] ?? 0) > 0.25) expect(flags[i]).toBe(false);
        });
      },
    ),
  );
});
