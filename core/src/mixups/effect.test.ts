import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { effectsOn, lessonEffect, pairStates } from './index.ts';
import type { EffectOf, FreshCount, SectionSitting } from './index.ts';

const at = (seq: number, on: string, k: number, n: number, material = 'standing'): FreshCount => ({
  seq,
  on,
  material,
  k,
  n,
});
const LESSON = '2026-10-01';
/** Flagged by the first sitting, asked once more before the lesson, and twice after it. */
const pair: EffectOf = {
  fresh: [
    at(1, '2026-09-08', 9, 24),
    at(2, '2026-09-22', 8, 24),
    at(3, '2026-10-06', 0, 24),
    at(4, '2026-10-13', 1, 24),
  ],
  flaggedBy: 1,
};
const steady: EffectOf = {
  fresh: [at(1, '2026-09-08', 7, 24), at(2, '2026-09-22', 7, 24), at(3, '2026-10-06', 7, 24)],
  flaggedBy: 1,
};

describe('what a lesson did', () => {
  test('helped: it fell on a base that did not choose it, and more than a pair that was not taught again', () => {
    const e = lessonEffect(pair, LESSON, [steady], 20);
    expect(e.verdict).toBe('helped');
    expect(e.before).toEqual({ k: 17, n: 48 });
    expect(e.unchosen).toEqual({ k: 8, n: 24 });
    expect(e.after).toEqual({ k: 1, n: 48 });
    expect(e.others).toEqual({ before: { k: 14, n: 48 }, after: { k: 7, n: 24 } });
    expect(e.difference.mean).toBeCloseTo(1.5 / 49 - 17.5 / 49, 2);
  });

  test('fell, and no more is said, where only the sitting that flagged it stands before', () => {
    const alone: EffectOf = { ...pair, fresh: pair.fresh.filter((f) => f.seq !== 2) };
    const e = lessonEffect(alone, LESSON, [steady], 20);
    expect([e.verdict, e.fellUnchosen]).toEqual(['fell', null]);
  });

  test('fell where the pairs that were not taught again fell as much', () => {
    expect(lessonEffect(pair, LESSON, [pair], 20).verdict).toBe('fell');
    expect(lessonEffect(pair, LESSON, [pair], 20).fellMore).toBeCloseTo(0.5, 1);
  });

  test('fell where nothing stands beside it', () => {
    const e = lessonEffect(pair, LESSON, [], 20);
    expect([e.verdict, e.fellMore]).toEqual(['fell', null]);
  });

  test('no sign where it is as it was', () => {
    expect(lessonEffect(steady, LESSON, [], 20).verdict).toBe('no sign');
  });

  test('too few looks on either side say nothing', () => {
    const few: EffectOf = { ...pair, fresh: pair.fresh.map((f) => ({ ...f, k: Math.min(f.k, 2), n: 9 })) };
    expect(lessonEffect(few, LESSON, [steady], 20).verdict).toBe('too few');
  });

  test('material that stands on one side alone is left out', () => {
    const cut: EffectOf = { ...pair, fresh: [...pair.fresh, at(5, '2026-10-20', 20, 24, 'cut')] };
    expect(lessonEffect(cut, LESSON, [steady], 20).after).toEqual({ k: 1, n: 48 });
  });

  test('its chances are chances, whatever the counts', () => {
    const count = fc.nat(30).chain((n) => fc.nat(n).map((k) => ({ k, n })));
    fc.assert(
      fc.property(count, count, count, (a, b, c) => {
        const e = lessonEffect(
          { fresh: [at(1, '2026-09-08', a.k, a.n), at(2, '2026-10-06', b.k, b.n)], flaggedBy: 1 },
          LESSON,
          [{ fresh: [at(1, '2026-09-08', c.k, c.n), at(2, '2026-10-06', b.k, b.n)], flaggedBy: 1 }],
          20,
        );
        for (const p of [e.fell, e.fellMore ?? 0, e.fellUnchosen ?? 0]) {
          expect(p).toBeGreaterThanOrEqual(0);
          expect(p).toBeLessThanOrEqual(1);
        }
        expect(e.difference.low).toBeLessThanOrEqual(e.difference.mean);
        expect(e.difference.mean).toBeLessThanOrEqual(e.difference.high);
      }),
      { numRuns: 30 },
    );
  });
});

describe('fixed', () => {
  const held = (seq: number, on: string, k: number, other: number, fresh = 24): SectionSitting => ({
    seq,
    on,
    returnedOn: on.replace(/\d\d$/, (d) => String(Number(d) + 2).padStart(2, '0')),
    students: 24,
    lookedAt: new Map([
      ['a', 24],
      ['c', 24],
    ]),
    wrote: new Map([
      ['a/b', k],
      ['c/d', other],
    ]),
    fresh: new Map([
      [
        'standing',
        new Map([
          ['a', fresh],
          ['a/b', Math.min(k, fresh)],
          ['c', fresh],
          ['c/d', Math.min(other, fresh)],
        ]),
      ],
    ]),
  });
  const sittings = [held(1, '2026-09-08', 9, 8), held(2, '2026-09-22', 8, 8), held(3, '2026-10-06', 0, 8)];
  const lesson = { a: 'a', b: 'b', on: LESSON };
  const last = (all: readonly SectionSitting[], looks = 20): string | undefined =>
    pairStates(all, [lesson], {
      settings: { level: 0.1, fewestStudents: 3, share: 0.15, looks },
      flagged: new Set(['a/b', 'c/d']),
    })
      .filter((p) => p.a === 'a' && p.toSeq === null)
      .at(0)?.state;

  test('is a pair that a lesson helped and that did not come back', () => {
    expect(last(sittings)).toBe('fixed');
  });
  test('rests on what followed the lesson, said in each direction that was the class’s', () => {
    const of = (a: string, b: string) =>
      effectsOn(a, b, sittings, [lesson]).map((e) => [e.on, e.effect.verdict]);
    expect(of('a', 'b')).toEqual([[LESSON, 'helped']]);
    expect([of('b', 'a'), of('c', 'd')]).toEqual([[], []]);
  });
  test('is not said before enough looks on new trees', () => {
    expect(last(sittings, 30)).toBe('fading');
    expect(last([...sittings, held(4, '2026-10-13', 0, 8)], 30)).toBe('fixed');
  });
  test('is not said of trees met before', () => {
    expect(last([...sittings.slice(0, 2), held(3, '2026-10-06', 0, 8, 0)])).toBe('fading');
  });
  test('ends where the pair comes back', () => {
    expect(last([...sittings, held(4, '2026-10-13', 6, 8)])).toBe('stubborn');
  });
  test('is never said of a pair that no lesson took up', () => {
    const [first, second, third] = sittings;
    if (!first || !second || !third) throw new Error('three sittings');
    expect(pairStates([first, second, third], []).find((p) => p.a === 'a' && p.toSeq === null)?.state).toBe(
      'fading',
    );
  });
});
