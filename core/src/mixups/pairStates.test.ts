import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SMALLEST_CLASS, classThreshold, pairStates } from './index.ts';
import type { PairInterval, RetaughtPair, SectionSitting } from './index.ts';

interface Held {
  /** Students who wrote b for a, of how many who looked at a; null where a was not asked. */
  readonly k: number;
  readonly n: number | null;
  readonly on: string;
  readonly returnedOn?: string;
  readonly students?: number;
}

const sittings = (held: readonly Held[]): readonly SectionSitting[] =>
  held.map((h, i) => ({
    seq: i + 1,
    on: h.on,
    returnedOn: h.returnedOn ?? null,
    students: h.students ?? 24,
    lookedAt: new Map(h.n === null ? [] : [['a', h.n]]),
    wrote: new Map(h.k === 0 ? [] : [['a/b', h.k]]),
    fresh: new Map(),
  }));
const lines = (found: readonly PairInterval[]): string[] =>
  found.map((p) => `${p.state} ${p.fromSeq} to ${p.toSeq ?? 'now'}`);
const states = (held: readonly Held[], lessons: readonly RetaughtPair[] = []): string[] =>
  lines(pairStates(sittings(held), lessons));

test.each([
  [3, 3],
  [20, 3],
  [21, 4],
  [24, 4],
  [100, 15],
])('of %d students, %d make a mix-up the class’s', (n, threshold) => {
  expect(classThreshold(n)).toBe(threshold);
});

describe('how a mix-up stands', () => {
  const first: Held = { k: 4, n: 24, on: '2026-09-22', returnedOn: '2026-09-25' };
  const second: Held = { k: 5, n: 24, on: '2026-09-29' };
  const lesson: RetaughtPair = { a: 'b', b: 'a', on: '2026-09-26' };

  test.each<[string, readonly Held[], readonly RetaughtPair[], readonly string[]]>([
    ['under the threshold, not at all', [{ ...first, k: 3 }], [], []],
    ['new where it shows', [first], [], ['new 1 to now']],
    ['came back after results were returned', [first, second], [], ['new 1 to 2', 'repeat 2 to now']],
    [
      'still new where no results were returned in between',
      [{ ...first, returnedOn: '2026-09-29' }, second],
      [],
      ['new 1 to now'],
    ],
    [
      'still there after a lesson on the pair, named either way round',
      [first, second],
      [lesson],
      ['new 1 to 2', 'stubborn 2 to now'],
    ],
    [
      'a lesson on another pair does not count',
      [first, second],
      [{ ...lesson, a: 'c' }],
      ['new 1 to 2', 'repeat 2 to now'],
    ],
    [
      'a lesson after both does not count',
      [first, second],
      [{ ...lesson, on: '2026-10-01' }],
      ['new 1 to 2', 'repeat 2 to now'],
    ],
    [
      'fading where it was asked and does not show',
      [first, { ...second, k: 1 }],
      [],
      ['new 1 to 2', 'fading 2 to now'],
    ],
    ['as it was where it was not asked', [first, { ...second, k: 0, n: null }], [], ['new 1 to now']],
    [
      'fading, then back',
      [first, { ...second, k: 0 }, { ...second, on: '2026-10-06' }],
      [],
      ['new 1 to 2', 'fading 2 to 3', 'repeat 3 to now'],
    ],
    ['nothing of a small class', [{ ...first, students: SMALLEST_CLASS - 1, n: 9, k: 9 }], [], []],
  ])('is %s', (_, held, lessons, expected) => {
    expect(states(held, lessons)).toEqual(expected);
  });

  test('its history has no gaps and no two states at once, and every state began with its numbers', () => {
    const any = fc.record({ k: fc.nat(24), n: fc.constantFrom(24, null), returned: fc.boolean() });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 8 }), (all) => {
        const held = all.map(({ k, n, returned }, i): Held => ({
          k: n === null ? 0 : k,
          n,
          on: `2026-09-${String(i + 1).padStart(2, '0')}`,
          ...(returned ? { returnedOn: `2026-09-${String(i + 1).padStart(2, '0')}` } : {}),
        }));
        const found = pairStates(sittings(held), []);
        found.forEach((p, i) => {
          expect(p.toSeq).toBe(found[i + 1]?.fromSeq ?? null);
          const began = held[p.fromSeq - 1];
          expect([p.k, p.n]).toEqual([began?.k, began?.n]);
          expect(p.state === 'fading').toBe((began?.k ?? 0) < classThreshold(24));
          expect(p.state).not.toBe(found[i + 1]?.state);
        });
      }),
    );
  });
});
