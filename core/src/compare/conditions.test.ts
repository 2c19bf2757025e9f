import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { expectedCharacters } from '../tells/index.ts';
import { july, taxon } from './fixture.ts';
import {
  barred,
  changesOf,
  countsOf,
  matrixOf,
  pairTable,
  standingIn,
  throughYear,
  under,
  whatIfs,
} from './index.ts';
import { NEEDLES, three, two, pines, matrixFor, tableFor, SIMPLE, lists, simple } from './sample.ts';
import type { Described } from '../tells/index.ts';

describe('a list under other conditions', () => {
  const others = fc.record({
    date: fc.constantFrom('2026-01-15', '2026-04-20', '2026-07-01', '2026-10-10'),
    material: fc.subarray(['tree', 'twig', 'leaf', 'bark', 'fruit'] as const),
    handling: fc.subarray(['lens', 'touch', 'measure'] as const).map((h) => ['look' as const, ...h]),
    distance: fc.constantFrom('far', 'trunk', 'hand'),
    wet: fc.boolean(),
  });

  test('is the same whether made again or from what was worked out before', () => {
    fc.assert(
      fc.property(lists, others, (list, conditions) => {
        const before = simple(list);
        pairTable(before);
        const anew = pairTable(matrixOf(list, SIMPLE, conditions, expectedCharacters(list)));
        expect(pairTable(under(before, conditions))).toEqual(anew);
      }),
    );
  });

  test('what a change cures and undoes accounts for every pair that changes', () => {
    fc.assert(
      fc.property(lists, others, (list, conditions) => {
        const matrix = matrixOf(list, SIMPLE, conditions, expectedCharacters(list));
        const told = (m: typeof matrix): number => {
          const counts = countsOf(pairTable(m) ?? { size: 0, cells: [] });
          return counts.clean + counts.weak;
        };
        for (const w of whatIfs(matrix, conditions, new Map()) ?? []) {
          expect(told(under(matrix, w.conditions)) - told(matrix)).toBe(w.cured.length - w.undone.length);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('a list through the year and under changed conditions', () => {
  const cone = (id: string, shape: string): Described =>
    taxon(id, { ...NEEDLES, 'needle.bundle_count': '5', 'fruit.cone_posture': shape });
  const list = [cone('w', 'erect'), cone('l', 'hanging'), three];

  test('every week counts every pair', () => {
    const year = throughYear(matrixFor(list), july);
    expect(year?.weeks).toHaveLength(52);
    expect(year?.weeks[0]).toBe('2026-01-01');
    for (const c of year?.counts ?? []) expect(c.clean + c.weak + c.twins + c.unproven).toBe(3);
    year?.weeks.forEach((date, w) => {
      const table = tableFor(list, { ...july, date });
      expect(table.cells.map((c) => c.standing)).toEqual(year.pairs.map((_, i) => standingIn(year, i, w)));
    });
  });

  test('the change that cures most stands first, and what a caution forbids is not counted', () => {
    const nothing = { ...july, material: [] };
    const found = whatIfs(matrixFor(pines, nothing), nothing, new Map()) ?? [];
    expect(found[0]?.cured).toHaveLength(5);
    expect(found[0]?.change).toMatchObject({ kind: 'material' });
    expect(found.map((w) => w.cured.length)).toEqual(
      [...found.map((w) => w.cured.length)].sort((a, b) => b - a),
    );
    const twig = { kind: 'material', add: 'twig' } as const;
    const cured = (forbidden: ReadonlyMap<string, ReadonlySet<string>>): number =>
      whatIfs(matrixFor([three, two], { ...july, material: [] }), { ...july, material: [] }, forbidden)?.find(
        (w) => w.change.kind === 'material' && w.change.add === 'twig',
      )?.cured.length ?? 0;
    expect(cured(new Map())).toBe(1);
    expect(cured(new Map([['three', new Set(['cut'])]]))).toBe(0);
    expect(barred(twig, new Set(['collect']))).toBe(true);
    expect(barred({ kind: 'handling', allow: 'smell' }, new Set(['smell']))).toBe(true);
    expect(barred({ kind: 'handling', allow: 'lens' }, new Set(['smell']))).toBe(false);
  });

  test('tasting and cutting are never proposed', () => {
    const all = changesOf({ ...july, material: [], handling: ['look'], distance: 'far', wet: true });
    expect(all.some((c) => c.kind === 'handling' && (c.allow === 'taste' || c.allow === 'cut'))).toBe(false);
    expect(all.map((c) => c.kind)).toEqual(
      expect.arrayContaining(['material', 'handling', 'distance', 'dry', 'date']),
    );
  });
});
