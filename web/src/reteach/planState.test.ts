import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { itemsOf, openPlan, planAfter, planOf } from './planState.ts';
import type { PlanAct, PlanState } from './planState.ts';
import type { ContrastRow } from './planWords.ts';

const row = (id: string, rate: number, cluster = id): ContrastRow => ({
  id,
  rows: [],
  contrast: { id, cluster, rate, looks: 24 },
});
const ROWS = [row('a/b', 0.4, 'firs'), row('b/c', 0.3, 'firs'), row('d/e', 0.35), row('f/g', 0.1)];
const ids = (state: PlanState): readonly string[] => planOf(state, ROWS).contrasts.map((c) => c.id);
const after = (state: PlanState, ...acts: readonly PlanAct[]): PlanState =>
  acts.reduce((s, act) => planAfter(s, act, ids(s)), state);

describe('a plan that is changed', () => {
  test('opens with ten minutes and two contrasts, and with the pair it is planned from', () => {
    expect(ids(openPlan([]))).toEqual(['a/b', 'd/e']);
    expect(ids(openPlan(['f/g']))).toContain('f/g');
    expect(planOf(openPlan([]), ROWS).minutes).toBe(10);
  });

  test('what is left out comes back when it is taken back or kept in', () => {
    const out = after(openPlan([]), { kind: 'drop', id: 'a/b' });
    expect(ids(out)).not.toContain('a/b');
    expect(ids(after(out, { kind: 'drop', id: 'a/b' }))).toContain('a/b');
    const kept = after(out, { kind: 'keep', id: 'a/b' });
    expect(ids(kept)).toContain('a/b');
    expect([kept.dropped.size, kept.pinned.has('a/b')]).toEqual([0, true]);
  });

  test('what is kept in is let go by leaving it out', () => {
    const out = after(openPlan(['f/g']), { kind: 'drop', id: 'f/g' });
    expect([out.pinned.has('f/g'), ids(out).includes('f/g')]).toEqual([false, false]);
  });

  test('an order that was chosen stays while contrasts come and go', () => {
    const long = after(openPlan([]), { kind: 'minutes', minutes: 50 }, { kind: 'most', most: 3 });
    expect(ids(long)).toEqual(['a/b', 'b/c', 'd/e']);
    const moved = after(long, { kind: 'move', from: 2, to: 0 });
    expect(ids(moved)).toEqual(['d/e', 'a/b', 'b/c']);
    expect(ids(after(moved, { kind: 'drop', id: 'a/b' }))).toEqual(['d/e', 'b/c', 'f/g']);
    expect(ids(after(moved, { kind: 'move', from: 0, to: 9 }))).toEqual(ids(moved));
  });

  test('is recorded as its pairs, in its order', () => {
    expect(itemsOf(planOf(openPlan([]), ROWS))).toEqual([
      { taxon: 'a', other: 'b' },
      { taxon: 'd', other: 'e' },
    ]);
  });

  test('never plans what was left out, and always what was kept in, whatever is pressed', () => {
    const id = fc.constantFrom(...ROWS.map((r) => r.id));
    const act: fc.Arbitrary<PlanAct> = fc.oneof(
      id.map((x): PlanAct => ({ kind: 'keep', id: x })),
      id.map((x): PlanAct => ({ kind: 'drop', id: x })),
      fc.constantFrom(10, 20, 50).map((minutes): PlanAct => ({ kind: 'minutes', minutes })),
      fc.integer({ min: 1, max: 4 }).map((most): PlanAct => ({ kind: 'most', most })),
      fc
        .tuple(fc.integer({ min: 0, max: 4 }), fc.integer({ min: 0, max: 4 }))
        .map(([from, to]): PlanAct => ({ kind: 'move', from, to })),
    );
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        const state = after(openPlan([]), ...acts);
        const plan = ids(state);
        expect(new Set(plan).size).toBe(plan.length);
        expect([...state.pinned].every((p) => plan.includes(p))).toBe(true);
        expect(plan.some((p) => state.dropped.has(p))).toBe(false);
      }),
    );
  });
});
