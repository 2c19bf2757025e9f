import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { keyFor, stillHolding } from './keyInForce.ts';

const rev = (n: number, validFrom: string | null) => ({ n, validFrom });
const AT = (h: number): string => `2026-10-01T${String(h).padStart(2, '0')}:00:00.000Z`;

test('a tree swapped at ten holds for whoever came at ten or later, the first for those before', () => {
  const revisions = [rev(2, AT(10)), rev(1, null)] as const;
  expect(keyFor(revisions, AT(9)).n).toBe(1);
  expect(keyFor(revisions, AT(10)).n).toBe(2);
  expect(keyFor(revisions, AT(11)).n).toBe(2);
  expect(keyFor(revisions, null).n).toBe(2);
});

test('a revision for everybody ends those before it', () => {
  expect(stillHolding([rev(3, null), rev(2, AT(10)), rev(1, null)]).map((r) => r.n)).toEqual([3]);
  expect(stillHolding([rev(3, AT(11)), rev(2, AT(10)), rev(1, null)]).map((r) => r.n)).toEqual([3, 2, 1]);
});

test('whoever answers later never goes by an older revision than whoever answered before them', () => {
  const hours = fc.integer({ min: 6, max: 20 });
  fc.assert(
    fc.property(fc.uniqueArray(hours, { minLength: 1, maxLength: 4 }), hours, hours, (moments, a, b) => {
      const ordered = [...moments].sort((x, y) => y - x).map((h, i) => rev(moments.length - i + 1, AT(h)));
      const revisions = stillHolding([...ordered, rev(1, null)]) as [ReturnType<typeof rev>];
      const [early, late] = [Math.min(a, b), Math.max(a, b)];
      expect(keyFor(revisions, AT(late)).n).toBeGreaterThanOrEqual(keyFor(revisions, AT(early)).n);
    }),
  );
});
