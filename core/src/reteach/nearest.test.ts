import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { minutesOnFoot, nearestTwo } from './index.ts';
import type { Place, Showing } from './index.ts';

interface Spot {
  readonly place: Place | null;
  readonly characters: readonly string[];
}
const spot: fc.Arbitrary<Spot> = fc.record({
  place: fc.option(
    fc.record({
      lat: fc.integer({ min: 0, max: 12 }).map((n) => 47.9 + n / 1000),
      lon: fc.integer({ min: 0, max: 12 }).map((n) => -115.9 + n / 1000),
      elevM: fc.constantFrom(null, 700, 760, 900),
    }),
  ),
  characters: fc.uniqueArray(fc.constantFrom('bands', 'tip', 'bark'), { minLength: 1 }),
});

describe('the two nearest trees, against every two tried', () => {
  test('no two trees that show one look both are fewer minutes apart, and they show it', () => {
    fc.assert(
      fc.property(fc.array(spot, { maxLength: 6 }), fc.array(spot, { maxLength: 6 }), (a, b) => {
        const places = new Map<string, Place | null>();
        const shown = (of: string, all: readonly Spot[]): readonly Showing[] =>
          all.map((s, i) => {
            places.set(`${of}${i}`, s.place);
            return { individual: `${of}${i}`, characters: s.characters };
          });
        const [first, second] = [shown('a', a), shown('b', b)];
        const found = nearestTwo(first, second, (id) => places.get(id) ?? null);
        const tried = first.flatMap((x) =>
          second.flatMap((y) => {
            const [p, q] = [places.get(x.individual), places.get(y.individual)];
            return p && q && x.characters.some((c) => y.characters.includes(c)) ? [minutesOnFoot(p, q)] : [];
          }),
        );
        expect(found?.minutes ?? null).toBe(tried.length === 0 ? null : Math.min(...tried));
        if (!found) return;
        const charactersOf = (id: string): readonly string[] =>
          [...first, ...second].find((s) => s.individual === id)?.characters ?? [];
        expect(found.characters.length).toBeGreaterThan(0);
        for (const c of found.characters) {
          expect(charactersOf(found.a)).toContain(c);
          expect(charactersOf(found.b)).toContain(c);
        }
      }),
    );
  });
});
