import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { chancesOf, outcomesOf, readParameters, roomFor } from './chances.ts';
import { grouper } from './groups.ts';
import { layoutOf } from './layout.ts';
import { minimize } from './lbfgs.ts';
import { objectiveOf } from './objective.ts';
import { expit, logit, ratePrior } from './prior.ts';
import { misreadAt, missedAt, splitOf } from './rates.ts';
import type { MissData, MissLook, MissStation } from './types.ts';

const CHARACTERS = ['margin', 'base', 'bud', 'bark'];

const station = (
  truth: string,
  rivals: Readonly<Record<string, Readonly<Record<string, number>>>>,
  more: Partial<MissStation> = {},
): MissStation => ({
  truth,
  names: Object.keys(rivals).length + 1,
  weeks: null,
  retaught: [],
  rivals: Object.entries(rivals).map(([taxon, tells]) => ({
    taxon,
    verdict: 'told',
    tells: Object.entries(tells).map(([character, overlap]) => ({ character, group: character, overlap })),
  })),
  ...more,
});

const data = (stations: readonly MissStation[], looks: readonly MissLook[]): MissData => ({
  stations,
  looks,
  characters: CHARACTERS.map((id) => ({ id, group: id, prior: 0.2 })),
});

const look = (student: number, at: number, named: string, calls: MissLook['calls'] = []): MissLook => ({
  student: `s${student}`,
  station: at,
  named,
  calls,
});

const arbitrary = fc
  .record({
    overlaps: fc.array(fc.array(fc.constantFrom(0, 0.2, 0.6, 1), { minLength: 4, maxLength: 4 }), {
      minLength: 1,
      maxLength: 6,
    }),
    theta: fc.array(fc.double({ min: -4, max: 4, noNaN: true }), { minLength: 30, maxLength: 30 }),
    calls: fc.array(fc.tuple(fc.constantFrom(...CHARACTERS), fc.boolean()), { maxLength: 3 }),
    extra: fc.integer({ min: 0, max: 4 }),
  })
  .map(({ overlaps, theta, calls, extra }) => {
    const rivals = Object.fromEntries(
      overlaps.map((o, i) => [`b${i}`, Object.fromEntries(CHARACTERS.map((c, k) => [c, o[k] ?? 1]))]),
    );
    const at = { ...station('a', rivals), names: overlaps.length + 1 + extra };
    const d = data(
      [at],
      [
        look(
          0,
          0,
          'a',
          calls.map(([character, right]) => ({ character, right })),
        ),
      ],
    );
    const l = layoutOf(d);
    // Every rival competes, however seldom it survives.
    const [group] = grouper(d, l, new Map([['s0', 0]]))(new Float64Array(4).fill(1));
    return { group, l, theta: Float64Array.from({ length: l.size }, (_, i) => theta[i % theta.length] ?? 0) };
  });

/** The chances in a data set of one group where the first character is missed half the time, all else as the prior has it. */
function halfMissed(d: MissData) {
  const l = layoutOf(d);
  const [group] = grouper(d, l, new Map([['s0', 0]]))(new Float64Array(4).fill(0.5));
  if (!group) throw new Error('No group was made.');
  const theta = l.mean.slice();
  theta[0] = 0;
  const room = roomFor([group], l);
  readParameters(theta, l, room);
  chancesOf(group, theta, l, room);
  return { group, room };
}

describe('the chances of names', () => {
  test('add up to 1 and are never negative, whatever was called', () => {
    fc.assert(
      fc.property(arbitrary, ({ group, l, theta }) => {
        if (!group) throw new Error('No group was made.');
        const room = roomFor([group], l);
        readParameters(theta, l, room);
        chancesOf(group, theta, l, room);
        const p = [...outcomesOf(group, room)];
        expect(p.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
        for (const x of p) expect(x).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 300 },
    );
  });

  test('are those worked out by hand for two names that one character separates', () => {
    // m = 0.5 on the margin, o = 0: F = 0.5; equal weights: N = 0.5·1/2 = 0.25; ε = 1/31, L − 1 = 1.
    const d = data([station('a', { b: { margin: 0 } })], [look(0, 0, 'a')]);
    const { group, room } = halfMissed(d);
    const [b, other, right] = outcomesOf(group, room);
    expect(b).toBeCloseTo(1 / 31 + (30 / 31) * 0.25, 12);
    expect(other).toBe(0);
    expect(right).toBeCloseTo((30 / 31) * 0.75, 12);
  });

  test('of two rivals that the same character separates leave the right name what is left', () => {
    // F = 0.5 each and both together 0.5: each gets 0.5/(1 + 1 + 1), so that the right one keeps 2/3.
    const { room } = halfMissed(
      data([station('a', { b: { margin: 0 }, c: { margin: 0 } })], [look(0, 0, 'a')]),
    );
    expect(room.named[0]).toBeCloseTo(1 / 6, 12);
    expect(1 - room.wrong).toBeCloseTo(2 / 3, 12);
  });

  test('a rival that is not proven to be told apart does not compete', () => {
    const at = station('a', { b: { margin: 0 } });
    const d = data(
      [{ ...at, rivals: at.rivals.map((r) => ({ ...r, verdict: 'unproven' })) }],
      [look(0, 0, 'a')],
    );
    const [group] = grouper(d, layoutOf(d), new Map())(new Float64Array(4).fill(1));
    expect(group?.rivals).toHaveLength(0);
  });

  test('at most five characters count against a rival, and one of each evidence group', () => {
    const ids = ['a1', 'a2', 'c', 'd', 'e', 'f', 'g'];
    const d: MissData = {
      stations: [
        {
          ...station('a', { b: Object.fromEntries(ids.map((c) => [c, 0])) }),
          rivals: [
            {
              taxon: 'b',
              verdict: 'told',
              tells: ids.map((c) => ({ character: c, group: c[0] ?? '', overlap: 0 })),
            },
          ],
        },
      ],
      looks: [look(0, 0, 'a')],
      characters: ids.map((id) => ({ id, group: id[0] ?? '', prior: 0.2 })),
    };
    const l = layoutOf(d);
    const [group] = grouper(d, l, new Map())(new Float64Array(6).fill(1));
    expect([...(group?.dims ?? [])].map((i) => l.groups[i])).toEqual(['a', 'c', 'd', 'e', 'f']);
  });
});

describe('how a character is missed', () => {
  test('is split into not used and misread, that together are the whole', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.99, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (m, r) => {
          const { u, e } = splitOf(m, r);
          expect(1 - (1 - u) * (1 - e)).toBeCloseTo(m, 12);
        },
      ),
    );
  });

  test('one called wrong rules nothing out; one called right is used more than without the question', () => {
    expect(missedAt(0, 0, -1, 1).value).toBe(1);
    // m = 0.5, split evenly: u = 1 − √0.5 = 0.2929; its logit less 1 is −1.8814: 0.1322.
    expect(missedAt(0, 0, -1, 2).value).toBeCloseTo(0.1322, 4);
    expect(missedAt(0, 0, -1, 0).value).toBe(0.5);
  });

  test('slopes are those of small steps', () => {
    const h = 1e-6;
    for (const [x, rho, prompt] of [
      [-2, 0.5, -1],
      [0.3, -1, 0.4],
      [2, 1.5, -2],
    ] as const)
      for (const called of [0, 2]) {
        const at = missedAt(x, rho, prompt, called);
        const along = (dx: number, dr: number, dp: number): number =>
          (missedAt(x + dx, rho + dr, prompt + dp, called).value -
            missedAt(x - dx, rho - dr, prompt - dp, called).value) /
          (2 * h);
        expect(at.alongRate).toBeCloseTo(along(h, 0, 0), 6);
        expect(at.alongSplit).toBeCloseTo(along(0, h, 0), 6);
        expect(at.alongPrompt).toBeCloseTo(along(0, 0, h), 6);
        const e = misreadAt(x, rho);
        expect(e.alongRate).toBeCloseTo(
          (misreadAt(x + h, rho).value - misreadAt(x - h, rho).value) / (2 * h),
          6,
        );
        expect(e.alongSplit).toBeCloseTo(
          (misreadAt(x, rho + h).value - misreadAt(x, rho - h).value) / (2 * h),
          6,
        );
      }
  });

  test('the prior is as wide as a Beta of weight 3 at its mean', () => {
    // 3·0.2·0.8 = 0.48 looks of information on the logit.
    expect(ratePrior(0.2).mean).toBe(logit(0.2));
    expect(ratePrior(0.2).sd).toBeCloseTo(1 / Math.sqrt(0.48), 12);
  });
});

describe('the slope of the whole', () => {
  test('is that of small steps in every parameter: rates, splits, readiness, slips, prompts, weeks, levels', () => {
    const d = data(
      [
        station(
          'a',
          { b: { margin: 0, bud: 0.2 }, c: { margin: 0, bark: 0 }, e: { bark: 0.6 } },
          { weeks: 1, retaught: ['b'] },
        ),
        station('b', { a: { margin: 0 }, c: { bud: 0 } }, { weeks: 4, names: 6 }),
      ],
      [
        look(0, 0, 'b', [{ character: 'margin', right: false }]),
        look(1, 0, 'a', [
          { character: 'margin', right: true },
          { character: 'base', right: true },
        ]),
        look(2, 0, 'c'),
        look(3, 1, 'a'),
        look(4, 1, 'stranger'),
        look(5, 1, 'c', [{ character: 'bud', right: true }]),
        look(6, 0, 'e'),
      ],
    );
    const l = layoutOf(d);
    const students = new Map(d.looks.map((x, i) => [x.student, i]));
    const groups = grouper(d, l, students)(new Float64Array(4).fill(0.5));
    const f = objectiveOf(groups, l);
    const z = Float64Array.from({ length: l.size }, (_, i) => Math.sin(i + 1) * 0.7);
    const slope = new Float64Array(l.size);
    f(z, slope);
    const other = new Float64Array(l.size);
    const h = 1e-5;
    const numeric = [...z].map((v, i) => {
      const [up, down] = [z.slice(), z.slice()];
      up[i] = v + h;
      down[i] = v - h;
      return (f(up, other) - f(down, other)) / (2 * h);
    });
    expect(l.retaught.size).toBe(1);
    numeric.forEach((n, i) => expect(slope[i]).toBeCloseTo(n, 6));
  });

  test('L-BFGS finds the minimum of a valley within few passes, and stops when it may make no more', () => {
    const valley = (x: Float64Array, slope: Float64Array): number => {
      const [a, b] = [x[0] ?? 0, x[1] ?? 0];
      slope[0] = -2 * (1 - a) - 400 * a * (b - a * a);
      slope[1] = 200 * (b - a * a);
      return (1 - a) ** 2 + 100 * (b - a * a) ** 2;
    };
    const found = minimize(valley, Float64Array.of(-1.2, 1), { most: 100, close: 1e-6 });
    expect(found.settled).toBe(true);
    expect(found.passes).toBeLessThan(60);
    expect([...found.x].map((v) => Math.round(v * 1e6) / 1e6)).toEqual([1, 1]);
    const short = minimize(valley, Float64Array.of(-1.2, 1), { most: 5, close: 1e-6 });
    expect(short).toMatchObject({ passes: 5, settled: false });
    expect(expit(1000) + expit(-1000)).toBe(1);
  });
});
