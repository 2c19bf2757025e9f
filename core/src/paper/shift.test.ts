import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LEAST_SHIFTED, freedBy, movesOf, shiftOf } from './index.ts';
import type { SheetLine, Shift } from './index.ts';

/** A sheet whose key is `k1, k2, …`; what stands on a line is the number of the station whose species it names. */
const sheet = (...named: readonly (number | string | null)[]): readonly SheetLine[] =>
  named.map((n, i) => ({
    number: i + 1,
    named: n === null ? null : typeof n === 'number' ? `k${n}` : n,
    right: [`k${i + 1}`],
  }));
const found = (...named: readonly (number | string | null)[]): Shift | null => shiftOf(sheet(...named));

describe('lines written one station off', () => {
  test('are found from a line left out, to the end', () => {
    expect(found(1, 2, null, 3, 4, 5, 6)).toEqual({ first: 3, last: 6, by: -1 });
  });

  test('are found from an answer written twice too early', () => {
    expect(found(1, 2, 4, 5, 6, 7, null)).toEqual({ first: 2, last: 5, by: 1 });
  });

  test('end where the student noticed', () => {
    expect(found(1, null, 2, 3, 4, 5, 7, 8)).toEqual({ first: 2, last: 5, by: -1 });
  });

  test('three in a row are not clear enough, four are', () => {
    expect(LEAST_SHIFTED).toBe(4);
    expect(found(1, null, 2, 3, 4, 6)).toBeNull();
    expect(found(1, null, 2, 3, 4, 5, 7)).toEqual({ first: 2, last: 5, by: -1 });
  });

  test('a wrong name breaks the row and not the stretch', () => {
    expect(found(1, null, 2, 3, 'other', 5, 6)).toBeNull();
    expect(found(1, null, 2, 3, 4, 5, 'other', 7)).toEqual({ first: 2, last: 7, by: -1 });
  });

  test('a blank neither speaks for it nor breaks the row', () => {
    expect(found(1, null, 2, null, 4, 5, 6)).toEqual({ first: 2, last: 6, by: -1 });
  });

  test('two neighbors of one species fit both places', () => {
    const lines: readonly SheetLine[] = [
      { number: 1, named: null, right: ['a'] },
      { number: 2, named: 'a', right: ['b'] },
      { number: 3, named: 'b', right: ['b'] },
      { number: 4, named: 'b', right: ['c'] },
      { number: 5, named: 'c', right: ['d'] },
      { number: 6, named: 'd', right: ['e'] },
    ];
    expect(shiftOf(lines)).toEqual({ first: 1, last: 5, by: -1 });
  });

  test('a right sheet is never asked about, whatever else is wrong or blank on it', () => {
    const line = fc.constantFrom('right', 'blank', 'other');
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 40 }), (lines) => {
        expect(
          found(...lines.map((l, i) => (l === 'right' ? i + 1 : l === 'blank' ? null : 'other'))),
        ).toBeNull();
      }),
    );
  });

  test('putting a stretch right gives the key back, and frees one line', () => {
    fc.assert(
      fc.property(fc.integer({ min: 6, max: 30 }), fc.integer({ min: 1, max: 30 }), (n, at) => {
        const skipped = Math.min(at, n - LEAST_SHIFTED);
        const named = Array.from({ length: n }, (_, i) =>
          i < skipped - 1 ? i + 1 : i === skipped - 1 ? null : i,
        );
        const shift = shiftOf(sheet(...named));
        if (!shift) throw new Error('A planted shift was not found');
        const put: (number | null)[] = [...named];
        put[freedBy(shift)] = null;
        for (const { from, to } of movesOf(shift, n)) put[to] = named[from] ?? null;
        expect(put.slice(0, n - 1)).toEqual(Array.from({ length: n - 1 }, (_, i) => i + 1));
        expect(put[n - 1]).toBeNull();
      }),
    );
  });

  test('a move never leaves the sheet', () => {
    expect(movesOf({ first: 0, last: 3, by: -1 }, 10)).toHaveLength(3);
    expect(movesOf({ first: 6, last: 9, by: 1 }, 10)).toHaveLength(3);
  });
});
