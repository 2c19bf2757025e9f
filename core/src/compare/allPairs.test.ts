import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { comparePair, expectedCharacters } from '../tells/index.ts';
import { july } from './fixture.ts';
import {
  cellAt,
  countsOf,
  diagnostic,
  earnings,
  lones,
  matrixOf,
  pairTable,
  rowReports,
  verdictOf,
} from './index.ts';
import { pines, named, matrixFor, tableFor, SIMPLE, lists, simple } from './sample.ts';
import type { Described } from '../tells/index.ts';

describe('all pairs of a list', () => {
  test('two needles against three is clean, the same count and bark are twins', () => {
    const table = tableFor(pines);
    expect(cellAt(table, 0, 1)).toMatchObject({ standing: 'clean', best: 'needle.bundle_count' });
    expect(cellAt(table, 3, 2)?.standing).toBe('twins');
    expect(countsOf(table)).toEqual({ clean: 5, weak: 0, twins: 1, unproven: 0 });
  });

  test('says of every pair what comparing the two alone says, with the same best tell', () => {
    fc.assert(
      fc.property(lists, (list) => {
        const expected = expectedCharacters(list);
        for (const c of pairTable(simple(list))?.cells ?? []) {
          const [a, b] = [list[c.a], list[c.b]];
          if (!a || !b) throw new Error('A pair of members');
          const alone = comparePair(a, b, SIMPLE, july, expected);
          expect(verdictOf(c.standing)).toBe(alone.verdict);
          expect(c.best).toBe(alone.tells[0]?.character ?? null);
          expect(c.tells).toBe(alone.tells.filter((t) => t.strength !== 'partial').length);
        }
      }),
    );
  });

  test('one row of it gives the reports that comparing pairs alone gives, word for word', () => {
    fc.assert(
      fc.property(lists, fc.boolean(), (list, measured) => {
        const expected = expectedCharacters(list);
        const conditions = { ...july, handling: measured ? july.handling : (['look'] as const) };
        const matrix = matrixOf(list, SIMPLE, conditions, expected);
        const [first, ...others] = list;
        if (!first) throw new Error('A list has members');
        expect(rowReports(matrix, 0, conditions)).toEqual(
          others.map((d) => comparePair(first, d, SIMPLE, conditions, expected)),
        );
      }),
    );
  });

  test('it can be stopped on the way and then says nothing', () => {
    const told: number[] = [];
    const stopped = pairTable(matrixFor(pines), (done) => told.push(done) < 2);
    expect(stopped).toBeNull();
    expect(told).toHaveLength(2);
  });

  test('a character more to be seen never loses a tell', () => {
    fc.assert(
      fc.property(lists, fc.constantFrom(...SIMPLE.keys()), (list, hidden) => {
        const fewer = new Map([...SIMPLE].filter(([id]) => id !== hidden));
        const before = pairTable(matrixOf(list, fewer, july, new Set()));
        const after = pairTable(matrixOf(list, SIMPLE, july, new Set()));
        before?.cells.forEach((c, i) => {
          expect(after?.cells[i]?.tells).toBeGreaterThanOrEqual(c.tells);
        });
      }),
    );
  });

  test('writing down for one what its rival has never parts the two', () => {
    fc.assert(
      fc.property(lists, fc.constantFrom(...SIMPLE.keys()), (list, id) => {
        const [a, b] = list;
        const known = b?.values.get(id);
        if (!a || !b || a.values.has(id) || !known) return;
        const filled = { ...a, values: new Map([...a.values, [id, known]]) };
        const told = (x: Described): number =>
          comparePair(x, b, SIMPLE, july, new Set()).tells.filter((t) => t.strength !== 'partial').length;
        expect(told(filled)).toBe(told(a));
      }),
    );
  });

  test('another order of the species changes nothing of any pair', () => {
    fc.assert(
      fc.property(lists, (list) => {
        const turned = [...list].reverse();
        const [one, other] = [pairTable(simple(list)), pairTable(simple(turned))];
        if (!one || !other) throw new Error('Both tables were wanted');
        for (const c of one.cells) {
          const back = cellAt(other, list.length - 1 - c.a, list.length - 1 - c.b);
          expect([back?.standing, back?.best, back?.tells]).toEqual([c.standing, c.best, c.tells]);
        }
      }),
    );
  });
});

describe('the smallest sets that part a species from all others', () => {
  test('one character where one does, and no set where a twin stands beside it', () => {
    const matrix = matrixFor(pines);
    expect(diagnostic(matrix, 0)).toMatchObject({ size: 1, count: 2, leaves: [] });
    expect(diagnostic(matrix, 0).easiest[0]?.characters).toEqual(['needle.bundle_count']);
    const none = diagnostic(matrix, 2);
    expect(none.size).toBeNull();
    expect(none.leaves.map((i) => named(pines, i))).toEqual(['limber']);
    expect(none.nearest?.characters).toHaveLength(1);
  });

  test('only what one species alone shows is called its own', () => {
    expect(lones(matrixFor(pines)).map((l) => `${named(pines, l.species)} ${l.character}`)).toEqual([
      'three needle.bundle_count',
      'three bark.texture',
      'two needle.bundle_count',
      'two bark.texture',
    ]);
  });

  test('size and number are those of trying every set', () => {
    fc.assert(
      fc.property(lists, (list) => {
        const matrix = simple(list);
        const table = (c: string, i: number, j: number): boolean => {
          const [a, b] = [list[i], list[j]];
          if (!a || !b) return false;
          return comparePair(
            a,
            b,
            new Map([...SIMPLE].filter(([id]) => id === c)),
            july,
            new Set(),
          ).tells.some((t) => t.strength === 'clean');
        };
        const ids = [...SIMPLE.keys()];
        list.forEach((_, i) => {
          const others = list.map((_x, j) => j).filter((j) => j !== i);
          const covers = Array.from({ length: 2 ** ids.length }, (_x, mask) =>
            ids.filter((_id, k) => mask & (1 << k)),
          ).filter((set) => others.every((j) => set.some((c) => table(c, i, j))));
          const size = covers.length === 0 ? null : Math.min(...covers.map((c) => c.length));
          const found = diagnostic(matrix, i);
          expect(found.size).toBe(size);
          expect(found.count).toBe(covers.filter((c) => c.length === size).length);
        });
      }),
      { numRuns: 60 },
    );
  });

  test('characters that tell nothing stand at the end with nothing', () => {
    const all = earnings(matrixFor(pines));
    expect(all[0]).toMatchObject({ tells: 5 });
    expect(all.at(-1)).toMatchObject({ tells: 0, alone: 0 });
    expect(all.map((e) => e.character.id)).toContain('leaf.kind');
  });
});
