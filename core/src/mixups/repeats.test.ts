import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { RESOLVED_BY_LUCK, studentPairs } from './index.ts';
import type { DatedLooks } from './index.ts';

const look = (
  on: string,
  truth: string,
  answer: string | null,
  part: Partial<DatedLooks> = {},
): DatedLooks => ({
  student: 'p',
  truth,
  answer,
  on,
  returnedOn: null,
  fresh: 1,
  ...part,
});

describe('a student again and again', () => {
  test('has chances only on trees not met before, after results with the mix-up were returned', () => {
    const [pair] = studentPairs([
      look('2026-09-01', 'a', 'b', { returnedOn: '2026-09-04' }),
      look('2026-09-03', 'a', 'b'),
      look('2026-09-10', 'a', 'a', { fresh: 0 }),
      look('2026-09-10', 'b', 'a'),
      look('2026-09-17', 'b', 'b'),
    ]);
    expect(pair).toMatchObject({
      pair: ['a', 'b'],
      first: '2026-09-01',
      chances: 2,
      repeats: 1,
      clean: 1,
      resolved: false,
    });
  });

  test('has resolved it after three clean looks on different days, which one in three still does by luck', () => {
    const clean = ['10', '17', '17', '24'].map((d) => look(`2026-09-${d}`, 'a', 'a'));
    const [pair] = studentPairs([look('2026-09-01', 'a', 'b'), ...clean]);
    expect(pair).toMatchObject({ clean: 3, resolved: true, chances: 0 });
    expect(RESOLVED_BY_LUCK).toBeCloseTo(0.343, 6);
    const [again] = studentPairs([look('2026-09-01', 'a', 'b'), ...clean, look('2026-10-01', 'b', 'a')]);
    expect(again).toMatchObject({ clean: 0, resolved: false });
  });

  test('has no pair where nothing was mixed up', () => {
    expect(studentPairs([look('2026-09-01', 'a', 'a'), look('2026-09-01', 'b', null)])).toEqual([]);
  });
});

describe('looks at one sitting', () => {
  const SITTINGS = [
    { on: '2026-09-01', returnedOn: '2026-09-04' },
    { on: '2026-09-08', returnedOn: null },
    { on: '2026-09-15', returnedOn: '2026-09-15' },
    { on: '2026-09-22', returnedOn: '2026-09-30' },
  ] as const;
  /** One look at one tree. */
  const seen = fc.record({
    at: fc.integer({ min: 0, max: SITTINGS.length - 1 }),
    student: fc.constantFrom('p', 'q'),
    truth: fc.constantFrom('a', 'b', 'c'),
    answer: fc.constantFrom('a', 'b', 'c', null),
    isMet: fc.boolean(),
  });

  test('count the same one by one, in any order, and together', () => {
    fc.assert(
      fc.property(fc.array(seen, { maxLength: 60 }), (looks) => {
        const held = looks.toSorted((x, y) => x.at - y.at);
        const single = held.map((l) =>
          look(SITTINGS[l.at]?.on ?? '', l.truth, l.answer, {
            student: l.student,
            returnedOn: SITTINGS[l.at]?.returnedOn ?? null,
            fresh: l.isMet ? 0 : 1,
          }),
        );
        const together = new Map<string, DatedLooks>();
        for (const l of single) {
          const key = [l.student, l.on, l.truth, l.answer].join('/');
          together.set(key, { ...l, fresh: l.fresh + (together.get(key)?.fresh ?? 0) });
        }
        const inOrder = (all: readonly DatedLooks[]) =>
          studentPairs(all).toSorted((x, y) =>
            [x.student, ...x.pair].join() < [y.student, ...y.pair].join() ? -1 : 1,
          );
        expect(inOrder([...together.values()].toSorted((x, y) => (x.on < y.on ? -1 : 1)))).toEqual(
          inOrder(single),
        );
      }),
    );
  });
});
