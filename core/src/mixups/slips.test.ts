import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  countLevel,
  directionOf,
  fitSlips,
  matrixOrder,
  moreThanSlips,
  namesInDoubt,
  oftenMissed,
  qValues,
  upperTail,
} from './index.ts';
import type { LevelLook, SlipTable, StudentAt } from './index.ts';

const TABLE: SlipTable = {
  truths: ['a', 'b'],
  names: ['a', 'b', 'c'],
  looks: new Map([
    ['a', 20],
    ['b', 10],
  ]),
  wrong: new Map([
    [
      'a',
      new Map([
        ['b', 3],
        ['c', 1],
      ]),
    ],
    ['b', new Map([['c', 2]])],
  ]),
};

describe('slips as quasi-independence', () => {
  test.each([
    [null, [0.21773376, 0.37883373, 0.08959168, 0.56647669, 0.34393163]],
    [{ truth: 'a', answer: 'b' }, [0.0896693, 0.2480093, 0.11793814, 0.3129365, 0.56912536]],
  ])('without %j are what scipy finds by solving the same equations', (without, expected) => {
    const fit = fitSlips(TABLE, without);
    const values = [fit.rate('a'), fit.rate('b'), fit.share('a'), fit.share('b'), fit.share('c')];
    values.forEach((v, i) => expect(v).toBeCloseTo(expected[i] ?? NaN, 6));
  });

  test('have shares that sum to one and rates that are no less than none', () => {
    const cell = fc.tuple(
      fc.constantFrom('a', 'b', 'c', 'd'),
      fc.constantFrom('a', 'b', 'c', 'd', 'e'),
      fc.nat(6),
    );
    fc.assert(
      fc.property(fc.array(cell, { maxLength: 12 }), fc.boolean(), (cells, isOut) => {
        const wrong = new Map<string, Map<string, number>>();
        for (const [t, a, n] of cells)
          if (t !== a && n > 0) wrong.set(t, (wrong.get(t) ?? new Map<string, number>()).set(a, n));
        const table = {
          truths: ['a', 'b', 'c', 'd'],
          names: ['a', 'b', 'c', 'd', 'e'],
          looks: new Map(['a', 'b', 'c', 'd'].map((t) => [t, 30])),
          wrong,
        };
        const fit = fitSlips(table, isOut ? { truth: 'a', answer: 'b' } : null);
        expect(table.names.reduce((sum, b) => sum + fit.share(b), 0)).toBeCloseTo(1, 8);
        for (const t of table.truths) expect(fit.rate(t)).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 40 },
    );
  });

  test('have the upper tail of the negative binomial, and all of it at none', () => {
    // 7 or more where 0.8 are expected with a spread of 0.6: scipy's nbinom gives 0.00132011.
    expect(upperTail(7, 0.8, 0.6)).toBeCloseTo(0.00132011, 8);
    expect([upperTail(0, 0.8, 0.6), upperTail(2, 0, 0.6)]).toEqual([1, 0]);
  });

  test('are corrected for how many pairs are looked at, as worked out by hand', () => {
    // Of ten tests: 0.001 * 10 / 1, 0.02 * 10 / 2, and 0.03 * 10 / 3, which is no more than 0.1.
    expect(qValues([0.02, 0.001, 0.03], 10).map((q) => Number(q.toFixed(6)))).toEqual([0.1, 0.01, 0.1]);
    expect(qValues([], 10)).toEqual([]);
  });
});

const at = (student: string, truth: string, wrote: Record<string, number> = {}, looks = 1): StudentAt => ({
  student,
  truth,
  looks,
  wrote: new Map(Object.entries(wrote)),
});
const NAMES = Array.from({ length: 20 }, (_, i) => `s${i}`);
const students = Array.from({ length: 24 }, (_, i) => `p${i}`);

describe('more than slips', () => {
  test('flags a pair that seven of 24 write at one tree of twelve, and nothing that one or two write', () => {
    const rows = students.flatMap((p, i) =>
      NAMES.slice(0, 12).map((truth, j) =>
        at(p, truth, j === 0 && i < 7 ? { s1: 1 } : j > 1 && i === j ? { [`s${j + 3}`]: 1 } : {}),
      ),
    );
    const found = moreThanSlips(rows, NAMES);
    const flagged = found.filter((t) => t.flagged);
    expect(flagged.map((t) => [t.truth, t.answer, t.observed])).toEqual([['s0', 's1', 7]]);
    expect(flagged[0]?.expected).toBeLessThan(1);
    expect(flagged[0]?.times).toBeGreaterThan(4);
  });

  test('flags no name that students write for everything', () => {
    const rows = students.flatMap((p, i) =>
      NAMES.slice(0, 12).map((truth, j) =>
        at(p, truth, (i + j) % 6 === 0 && truth !== 's3' ? { s3: 1 } : {}),
      ),
    );
    expect(moreThanSlips(rows, NAMES).filter((t) => t.flagged)).toEqual([]);
  });

  test('counts a student once, however often they wrote it, and says nothing of nothing', () => {
    const [pair] = moreThanSlips([at('p', 's0', { s1: 3 }, 4)], NAMES);
    expect([pair?.observed, pair?.flagged]).toEqual([1, false]);
    expect(moreThanSlips([], NAMES)).toEqual([]);
    const all = moreThanSlips(
      students.map((p) => at(p, 's0', { s1: 1 })),
      ['s0', 's1'],
    );
    for (const t of all)
      for (const n of [t.expected, t.times, t.p, t.q]) expect(Number.isFinite(n)).toBe(true);
  });
});

describe('which way a pair is mixed up', () => {
  test('is what quantiles of the two posteriors give (scipy, 4,000 points each)', () => {
    const found = directionOf({ k: 7, n: 24 }, { k: 1, n: 20 });
    expect(found?.share).toBeCloseTo(0.8131, 3);
    expect(found?.low).toBeCloseTo(0.532, 2);
    expect(found?.high).toBeCloseTo(0.9825, 2);
    expect(found?.more).toBeCloseTo(0.9845, 2);
  });

  test('is not known where one of the two was never asked, and turns about with the pair', () => {
    expect(directionOf({ k: 1, n: 4 }, { k: 0, n: 0 })).toBeNull();
    const [ab, ba] = [
      directionOf({ k: 5, n: 20 }, { k: 2, n: 30 }),
      directionOf({ k: 2, n: 30 }, { k: 5, n: 20 }),
    ];
    expect((ab?.share ?? 0) + (ba?.share ?? 0)).toBeCloseTo(1, 8);
  });
});

describe('levels', () => {
  const written = (
    student: string,
    truth: string,
    answer: string | null,
    named = answer === truth ? 'right' : 'other',
  ): LevelLook => ({
    student,
    truth,
    answer,
    named: answer === null ? 'blank' : named,
  });
  const hickories = ['h1', 'h2', 'h3', 'h4', 'h5'];
  const group = (s: string): readonly string[] =>
    s.startsWith('h') ? ['hickory'] : s === 'ash' ? ['ash'] : [];

  test('count five students who write five hickories for one ash as hickory for ash, 5 of 24', () => {
    const looks = students.map((p, i) => written(p, 'ash', hickories[i] ?? 'ash'));
    const [found] = countLevel(looks, group);
    expect([found?.truth, found?.answer, found?.students, found?.of]).toEqual(['ash', 'hickory', 5, 24]);
    expect(found?.answers.map((a) => a.species)).toEqual(hickories);
    const rows = students.map((p, i) => at(p, 'ash', i < 5 ? { [hickories[i] ?? '']: 1 } : {}));
    expect(moreThanSlips(rows, ['ash', ...hickories]).filter((t) => t.flagged)).toEqual([]);
  });

  test('count no species of the tree’s own group', () => {
    expect(countLevel([written('p', 'h1', 'h2')], group)).toEqual([]);
  });

  test('name species often missed without a favorite, and names written in doubt', () => {
    const looks = [
      ...['x', 'y', 'z', null].map((a, i) => written(`p${i}`, 'a', a)),
      ...['x', 'x', 'b', 'b'].map((a, i) => written(`p${i}`, 'b', a)),
      written('p0', 'c', 'x'),
      written('p0', 'd', 'd'),
    ];
    expect(oftenMissed(looks).map((o) => [o.truth, o.missed, o.of])).toEqual([['a', 4, 4]]);
    expect(namesInDoubt(looks)).toEqual([{ answer: 'x', wrong: 4, truths: 3 }]);
  });
});

describe('the order of the matrix', () => {
  const pair = (truth: string, answer: string, n: number, flagged = false) => ({
    truth,
    answer,
    students: n,
    flagged,
  });

  test('puts confused species side by side and marks what flagged pairs join', () => {
    const { species, clusters } = matrixOrder([
      pair('a', 'd', 9, true),
      pair('d', 'c', 8, true),
      pair('b', 'e', 7),
      pair('a', 'b', 1),
    ]);
    expect(new Set(species)).toEqual(new Set(['a', 'b', 'c', 'd', 'e']));
    expect(clusters.map((c) => [...c].sort())).toEqual([['a', 'c', 'd']]);
    const places = ['a', 'c', 'd'].map((s) => species.indexOf(s)).sort((x, y) => x - y);
    expect((places[2] ?? 9) - (places[0] ?? 0)).toBe(2);
    expect(Math.abs(species.indexOf('b') - species.indexOf('e'))).toBe(1);
  });

  test('is of no species where nothing is mixed up', () => {
    expect(matrixOrder([])).toEqual({ species: [], clusters: [] });
  });
});
