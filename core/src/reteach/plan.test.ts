import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LESSON_TIMES, planLesson, removedBy } from './index.ts';
import type { Contrast, PlanChoices } from './index.ts';

const contrast = (id: string, rate: number, looks = 24, cluster = id): Contrast => ({
  id,
  cluster,
  rate,
  looks,
});
const choices = (more: Partial<PlanChoices> = {}): PlanChoices => ({
  minutes: 10,
  most: 2,
  pinned: new Set(),
  dropped: new Set(),
  ...more,
});
const ids = (all: readonly Contrast[], more: Partial<PlanChoices> = {}): readonly string[] =>
  planLesson(all, choices(more)).contrasts.map((c) => c.id);

describe('a plan for a lesson', () => {
  const firs = contrast('firs', 0.4, 24, 'conifers');
  const spruces = contrast('spruces', 0.3, 24, 'conifers');
  const ashes = contrast('ashes', 0.35);

  test('worked by hand: nine minutes hold two contrasts of one cluster, ten hold two of two', () => {
    // 1 + 4 + 4 = 9 for firs and spruces together: 0.5·24·(0.4 + 0.3) = 8.4; firs and ashes take 10: 9.
    const plan = planLesson([firs, spruces, ashes], choices({ minutes: 9 }));
    expect(plan.contrasts.map((c) => [c.id, c.removed.toFixed(6), c.pinned])).toEqual([
      ['firs', '4.800000', false],
      ['spruces', '3.600000', false],
    ]);
    expect(plan.minutes).toBe(9);
    expect(plan.removed).toBeCloseTo(8.4, 12);
    expect(plan.leftOut).toEqual([{ id: 'ashes', why: 'no time' }]);
    expect(ids([firs, spruces, ashes])).toEqual(['firs', 'ashes']);
  });

  test('at most so many, however long the lesson is', () => {
    expect(ids([firs, spruces, ashes], { minutes: 50 })).toEqual(['firs', 'ashes']);
    expect(ids([firs, spruces, ashes], { minutes: 50, most: 9 })).toEqual(['firs', 'spruces', 'ashes']);
    expect(ids([firs], { minutes: 3 })).toEqual([]);
  });

  test('what is pinned is in and what is dropped is out, and the rest is filled up around them', () => {
    expect(ids([firs, spruces, ashes], { minutes: 9, pinned: new Set(['ashes']) })).toEqual(['ashes']);
    expect(ids([firs, spruces, ashes], { minutes: 10, pinned: new Set(['spruces']) })).toEqual([
      'firs',
      'spruces',
    ]);
    expect(ids([firs, spruces, ashes], { minutes: 4, pinned: new Set(['ashes']) })).toEqual(['ashes']);
    const plan = planLesson([firs, spruces], choices({ dropped: new Set(['firs']) }));
    expect(plan.contrasts.map((c) => c.id)).toEqual(['spruces']);
    expect(plan.leftOut).toEqual([{ id: 'firs', why: 'dropped' }]);
  });

  test('an order that was asked for is kept, and costs a cluster its set-up twice where something comes between', () => {
    const plan = planLesson([firs, spruces, ashes], choices({ minutes: 50, most: 3 }));
    expect([plan.contrasts.map((c) => c.id), plan.minutes]).toEqual([['firs', 'spruces', 'ashes'], 14]);
    const asked = planLesson(
      [firs, spruces, ashes],
      choices({ minutes: 50, most: 3, order: ['spruces', 'ashes'] }),
    );
    // Spruces 1 + 4, ashes 1 + 4, firs 1 + 4: the conifers are laid out twice.
    expect([asked.contrasts.map((c) => c.id), asked.minutes]).toEqual([['spruces', 'ashes', 'firs'], 15]);
  });

  test('a mix-up that the coming quiz does not ask has nothing to gain, unless it is pinned', () => {
    const absent = contrast('larches', 0.6, 0);
    expect(planLesson([absent], choices()).leftOut).toEqual([{ id: 'larches', why: 'nothing to gain' }]);
    expect(ids([absent], { pinned: new Set(['larches']) })).toEqual(['larches']);
  });

  test('no plan is better than the one it makes: every choice tried', () => {
    const some = fc.array(
      fc.record({
        rate: fc.double({ min: 0, max: 1, noNaN: true }),
        looks: fc.integer({ min: 0, max: 30 }),
        cluster: fc.constantFrom('a', 'b', 'c'),
      }),
      { maxLength: 7 },
    );
    fc.assert(
      fc.property(
        some,
        fc.integer({ min: 0, max: 30 }),
        fc.integer({ min: 0, max: 4 }),
        (raw, minutes, most) => {
          const all = raw.map((r, i) => ({ ...r, id: `c${i}` }));
          const plan = planLesson(all, choices({ minutes, most }));
          let best = 0;
          for (let bits = 0; bits < 2 ** all.length; bits += 1) {
            const own = all.filter((_, i) => (bits & (1 << i)) !== 0);
            const took =
              new Set(own.map((c) => c.cluster)).size * LESSON_TIMES.setUp +
              own.length * LESSON_TIMES.contrast;
            if (took <= minutes && own.length <= most)
              best = Math.max(
                best,
                own.reduce((s, c) => s + removedBy(c), 0),
              );
          }
          expect(plan.removed).toBeCloseTo(best, 9);
          expect(plan.minutes).toBeLessThanOrEqual(minutes);
          expect(plan.contrasts.length + plan.leftOut.length).toBe(all.length);
        },
      ),
      { numRuns: 150 },
    );
  });
});
