import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { FEWEST_COMMON, commonStations, sameStations, scaleOf, throughTime } from './index.ts';
import type { Given, Sat, Scores } from './index.ts';
import QUIZ from './quiz.json' with { type: 'json' };

const asScores = (at: Scores['at'], name = 's'): Scores => ({
  students: at.map((_, i) => `${name}${i}`),
  stations: (at[0] ?? []).map((_, j) => `${name}t${j}`),
  at,
});
const known = (scores: Scores, classOf?: (i: number) => number) => {
  const scale = scaleOf(scores, classOf);
  if (scale.is !== 'known') throw new Error('There is no scale');
  return scale;
};
const six = (xs: readonly { readonly value: number; readonly se: number }[]) => ({
  values: xs.map((x) => Number(x.value.toFixed(6))),
  errors: xs.map((x) => Number(x.se.toFixed(6))),
});

describe('difficulty and ability on one scale', () => {
  test('are what scipy finds by maximizing the same posterior directly (docs/checks/scale.py)', () => {
    const scale = known(asScores(QUIZ));
    expect(scale.sigma).toBeCloseTo(0.995164, 6);
    expect(six(scale.stations)).toEqual({
      values: [
        -2.074426, -1.472904, -0.772171, -0.989427, 0.406689, 0.603979, 0.021355, 0.603979, 1.246933, 1.76415,
      ],
      errors: [
        0.627227, 0.551255, 0.496988, 0.510102, 0.48035, 0.486374, 0.47586, 0.486374, 0.524185, 0.576506,
      ].map((e) => expect.closeTo(e, 5)),
    });
    expect(six(scale.students.slice(0, 6))).toEqual({
      values: [0.320674, 0.320674, 0.320674, -1.118806, 0.678123, -1.118806],
      errors: [0.594548, 0.594548, 0.594548, 0.619822, 0.602213, 0.619822],
    });
  });

  test('hold for two classes with means of their own, as scipy finds them', () => {
    const scale = known(asScores(QUIZ), (i) => (i < 12 ? 0 : 1));
    expect(scale.sigma).toBeCloseTo(0.981141, 6);
    expect(six(scale.classes)).toEqual({ values: [0, -0.276787], errors: [0, 0.476285] });
    expect(scale.stations[0]).toMatchObject({
      value: expect.closeTo(-2.189182, 6),
      se: expect.closeTo(0.657783, 6),
    });
    expect(scale.students[3]).toMatchObject({
      value: expect.closeTo(-1.178197, 6),
      se: expect.closeTo(0.613562, 6),
    });
  });

  test('rank students as their scores do, and stations as who named them does', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.nat(1), { minLength: 8, maxLength: 8 }), {
          minLength: 10,
          maxLength: 20,
        }),
        (at) => {
          const scale = known(asScores(at));
          const total = at.map((row) => row.reduce((a, b) => a + b, 0));
          const right = scale.stations.map((_, j) => at.reduce((sum, row) => sum + (row[j] ?? 0), 0));
          for (const [i, a] of scale.students.entries())
            for (const [j, b] of scale.students.entries())
              if ((total[i] ?? 0) > (total[j] ?? 0)) expect(a.value).toBeGreaterThanOrEqual(b.value);
          for (const [i, a] of scale.stations.entries())
            for (const [j, b] of scale.stations.entries())
              if ((right[i] ?? 0) > (right[j] ?? 0)) expect(a.value).toBeLessThan(b.value);
          for (const p of [...scale.stations, ...scale.students]) expect(p.se).toBeGreaterThan(0);
        },
      ),
      { numRuns: 25 },
    );
  });

  test('are not known of nine students or seven stations', () => {
    expect(scaleOf(asScores(QUIZ.slice(0, 9)))).toEqual({ is: 'undefined', why: 'too_few' });
    expect(scaleOf(asScores(QUIZ.map((row) => row.slice(0, 7))))).toEqual({
      is: 'undefined',
      why: 'too_few',
    });
  });

  test('count a station that a student was not at as nothing, neither right nor wrong', () => {
    const part = QUIZ.map((row, i) => row.map((v, j) => (i === 0 && j > 4 ? null : v)));
    const whole = known(asScores(QUIZ));
    const scale = known(asScores(part));
    expect(scale.students[0]?.se).toBeGreaterThan(whole.students[0]?.se ?? 9);
  });
});

const given = (n: number, part: Partial<Given> = {}): Given => ({
  station: `t${n}`,
  individual: `tree${n}`,
  truth: `species${n}`,
  material: 'standing',
  on: '2026-09-22',
  ...part,
});
const TEN = Array.from({ length: 10 }, (_, n) => given(n));

describe('stations in common', () => {
  test('are the same trees first, then the same species with the same material at the same season', () => {
    const later = [
      given(1, { on: '2026-09-29' }),
      given(7, { individual: 'another' }),
      given(2, { individual: null }),
    ];
    expect(commonStations(later, TEN)).toEqual([
      [0, 1],
      [1, 7],
      [2, 2],
    ]);
    const other = [
      given(1, { on: '2026-10-29' }),
      given(7, { material: 'cut' }),
      given(2, { truth: 'another' }),
    ];
    expect(commonStations(other, TEN)).toEqual([]);
  });

  test('are each used once', () => {
    const twice = [given(1, { individual: 'x' }), given(1, { individual: 'y' })];
    expect(commonStations(twice, TEN)).toEqual([[0, 1]]);
  });

  test('make one set of answers only where every tree is the same', () => {
    expect(
      sameStations(
        TEN,
        TEN.map((g) => ({ ...g, on: '2026-09-24' })),
      ),
    ).toBe(true);
    expect(sameStations(TEN, TEN.slice(1))).toBe(false);
    expect(
      sameStations(
        TEN,
        TEN.map((g) => ({ ...g, individual: null })),
      ),
    ).toBe(false);
    expect(
      sameStations(
        TEN,
        TEN.map((g) => ({ ...g, on: '2026-10-24' })),
      ),
    ).toBe(false);
  });

  test('put two sittings on one scale from five on; below, there is only their number', () => {
    const own: Sat = { sitting: 'now', given: TEN, scores: asScores(QUIZ.slice(0, 12)) };
    const easier = QUIZ.slice(12).map((row) => row.map((v, j) => (j % 3 === 0 ? 1 : v)));
    const earlier: Sat = { sitting: 'before', given: TEN, scores: asScores(easier, 'b') };
    const apart: Sat = {
      sitting: 'apart',
      given: TEN.map((g, n) => (n < FEWEST_COMMON - 1 ? g : { ...g, truth: 'another' })),
      scores: asScores(QUIZ.slice(12), 'c'),
    };
    const [before, away, now] = throughTime(own, [earlier, apart]);
    expect([before?.common, away?.common, now?.common]).toEqual([10, 4, 10]);
    expect(away?.ability).toBeNull();
    // At its own stations a class is expected to name as many as it did.
    const right = own.scores.at.flat().filter((v) => v === 1).length / 120;
    expect(now?.ability).toMatchObject({ mean: 0, se: 0, share: expect.closeTo(right, 1) });
    expect(before?.ability?.mean).toBeGreaterThan(0.3);
    expect(before?.ability?.share).toBeGreaterThan(now?.ability?.share ?? 1);
    expect(before?.ability?.low).toBeLessThan(before?.ability?.share ?? 0);
    expect(throughTime(own, [apart]).map((t) => t.ability)).toEqual([null, null]);
  });
});
