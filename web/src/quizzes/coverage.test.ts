import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { moved } from '../parts/model.ts';
import { coverageOf, retested } from './coverage.ts';
import { stationFixture, treeFixture } from './stationFixture.ts';

const member = (id: string, scientific: string, week: number | null) => ({ id, scientific, week });
const members = [
  member('fir', 'Abies grandis', 1),
  member('pine', 'Pinus contorta', 2),
  member('larch', 'Larix occidentalis', 2),
  member('ash', 'Fraxinus pennsylvanica', null),
];
const stations = [stationFixture(treeFixture('1', 'pine')), stationFixture(treeFixture('2', 'pine'))];

describe('what a quiz covers', () => {
  test('species by family and week, those without a week last', () => {
    const found = coverageOf(members, stations);
    expect(found.weeks).toEqual([1, 2, null]);
    expect([found.species, found.covered]).toEqual([4, 1]);
    expect(found.rows.map((r) => [r.family, r.cells.map((c) => `${c.covered}/${c.taught}`)])).toEqual([
      ['Oleaceae', ['0/0', '0/0', '0/1']],
      ['Pinaceae', ['0/1', '1/2', '0/0']],
    ]);
  });

  test('an empty list covers nothing', () => {
    expect(coverageOf([], [])).toEqual({ weeks: [], rows: [], species: 0, covered: 0 });
  });

  test('a mix-up is retested by both, by one, or not', () => {
    expect(retested({ a: 'pine', b: 'fir' }, stations)).toBe(1);
    expect(retested({ a: 'ash', b: 'fir' }, stations)).toBe(0);
    expect(retested({ a: 'pine', b: 'pine' }, stations)).toBe(2);
  });
});

describe('moving an entry', () => {
  test('to a place before or after', () => {
    expect(moved(['a', 'b', 'c'], 2, 0)).toEqual(['c', 'a', 'b']);
    expect(moved(['a', 'b', 'c'], 0, 1)).toEqual(['b', 'a', 'c']);
    expect(moved(['a', 'b'], 0, 2)).toEqual(['a', 'b']);
    expect(moved(['a', 'b'], -1, 0)).toEqual(['a', 'b']);
  });

  test('keeps every entry, and moving it back undoes it', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer(), { minLength: 1 }), fc.nat(), fc.nat(), (all, i, j) => {
        const [from, to] = [i % all.length, j % all.length];
        const next = moved(all, from, to);
        expect(next[to]).toBe(all[from]);
        expect(moved(next, to, from)).toEqual(all);
      }),
    );
  });
});
