import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  adviceFor,
  checkKey,
  correlationOf,
  judgeItems,
  judgeQuiz,
  reliabilityOf,
  stationsMissing,
  steadiness,
} from './index.ts';
import type { Item, KeyCheck, NamedStation, Scores } from './index.ts';
import { simulatedQuizzes } from './simulated.testing.ts';

const ids = (letter: string, n: number): readonly string[] =>
  Array.from({ length: n }, (_, i) => `${letter}${i}`);
const scores = (at: Scores['at']): Scores => ({
  students: ids('p', at.length),
  stations: ids('t', at[0]?.length ?? 0),
  at,
});
/** Student i names the first i stations right, of ten students and eight stations. */
const STAIRS = scores(
  Array.from({ length: 10 }, (_, i) => Array.from({ length: 8 }, (__, j) => (j < i ? 1 : 0))),
);

describe('a station beside the rest of the quiz', () => {
  test('has the r and the chance that are worked out by hand', () => {
    // Own 0 1 1 1 1 1 1 1 1 1; rest 0 0 1 2 3 4 5 6 7 7: r = 3.5 / sqrt(0.9 * 66.5), t = 1.434860 with 8 degrees.
    const [first] = judgeItems(STAIRS);
    expect(first?.facility).toBeCloseTo(0.9, 12);
    expect(first?.n).toBe(10);
    const c = first?.correlation;
    expect(c?.is === 'known' ? [c.r, c.p] : null).toEqual([
      expect.closeTo(0.452414, 6),
      expect.closeTo(0.905379, 6),
    ]);
  });

  test('is flagged where those who do well elsewhere do worse, beyond chance', () => {
    const c = correlationOf([1, 1, 1, 1, 1, 0, 0, 0, 0, 0], [0, 1, 2, 3, 4, 5, 6, 7, 7, 7]);
    expect(c).toEqual({
      is: 'known',
      r: expect.closeTo(-0.886405, 6),
      p: expect.closeTo(0.000317, 6),
      flagged: true,
    });
    expect(correlationOf([1, 0, 1, 0], [3, 3, 2, 4])).toMatchObject({ is: 'known', flagged: false });
  });

  test('has none where everybody did the same, here or elsewhere, or too few were there', () => {
    const why = (own: number[], rest: number[]) => correlationOf(own, rest);
    expect(why([1, 1, 1], [1, 2, 3])).toEqual({ is: 'undefined', why: 'all_the_same' });
    expect(why([1, 0, 1], [2, 2, 2])).toEqual({ is: 'undefined', why: 'rest_the_same' });
    expect(why([1, 0], [1, 2])).toEqual({ is: 'undefined', why: 'too_few' });
  });

  test('counts whoever was there, and leaves a station out that nobody was at', () => {
    const at = [
      [1, null, 1],
      [0, null, 1],
      [null, null, 0],
    ];
    expect(judgeItems(scores(at)).map((i) => [i.station, i.n, i.facility])).toEqual([
      ['t0', 2, 0.5],
      ['t2', 3, 2 / 3],
    ]);
  });

  test('has an r between -1 and 1 that turns about with the answers', () => {
    const pairs = fc.array(fc.tuple(fc.constantFrom(0, 1), fc.double({ min: 0, max: 1, noNaN: true })), {
      minLength: 3,
      maxLength: 40,
    });
    fc.assert(
      fc.property(pairs, (rows) => {
        const [own, rest] = [rows.map((r) => r[0]), rows.map((r) => r[1])];
        const c = correlationOf(own, rest);
        const turned = correlationOf(
          own.map((v) => 1 - v),
          rest,
        );
        if (c.is === 'undefined' || turned.is === 'undefined') return expect(turned.is).toBe(c.is);
        expect(Math.abs(c.r)).toBeLessThanOrEqual(1);
        expect(turned.r).toBeCloseTo(-c.r, 8);
        expect(c.p + turned.p).toBeCloseTo(1, 6);
      }),
    );
  });
});

describe('the reliability of a quiz', () => {
  test('is KR-20 with the interval of Feldt, as worked out by hand', () => {
    // p q: 0.09 0.16 0.21 0.24 0.25 0.24 0.21 0.16, together 1.56; variance of totals 7.44; 8/7 (1 - 1.56/7.44).
    expect(reliabilityOf(STAIRS)).toEqual({
      is: 'known',
      name: 'KR-20',
      value: expect.closeTo(0.903226, 6),
      low: expect.closeTo(0.775148, 6),
      high: expect.closeTo(0.9719, 6),
      students: 10,
      stations: 8,
    });
  });

  test('is alpha, of the same value, where points are other than one', () => {
    const doubled = { ...STAIRS, at: STAIRS.at.map((row) => row.map((v) => (v ?? 0) * 2)) };
    expect(reliabilityOf(doubled)).toMatchObject({ name: 'alpha', value: expect.closeTo(0.903226, 6) });
  });

  test('is not known of nine students, of seven stations, or where all have the same total', () => {
    const part = (students: number, stations: number): Scores =>
      scores(STAIRS.at.slice(0, students).map((row) => row.slice(0, stations)));
    expect(reliabilityOf(part(9, 8))).toEqual({ is: 'undefined', why: 'too_few', students: 9 });
    expect(reliabilityOf(part(10, 7))).toEqual({ is: 'undefined', why: 'too_few', students: 10 });
    const same = scores(Array.from({ length: 10 }, () => [1, 0, 1, 0, 1, 0, 1, 0]));
    expect(reliabilityOf(same)).toEqual({ is: 'undefined', why: 'all_the_same', students: 10 });
  });

  test('leaves out whoever was not at every station', () => {
    const missing = scores([...STAIRS.at, [1, null, 1, 1, 1, 1, 1, 1]]);
    expect(reliabilityOf(missing)).toMatchObject({ students: 10, value: expect.closeTo(0.903226, 6) });
  });
});

const station = (id: string, truth: string, named: Record<string, number>): NamedStation => ({
  id,
  individual: id,
  truth,
  named: new Map(Object.entries(named)),
});

describe('the key check', () => {
  const others = [
    station('a1', 'a', { a: 12, b: 1 }),
    station('a2', 'a', { a: 8, b: 1 }),
    station('b1', 'b', { b: 18, a: 1, c: 1 }),
  ];

  test('weighs the answers at a station as worked out by hand', () => {
    // Elsewhere 38 of 42 right, so 39/44; rates of a (20, 2, 0 of 22) and of b (1, 18, 1 of 20) with weight 5; the station's
    // own 1, 9, 0 by Dirichlet-multinomial of weight 5.
    const check = checkKey(station('x', 'a', { a: 1, b: 9 }), others);
    expect(check).toMatchObject({
      instead: 'b',
      namedAsTag: 1,
      namedAsInstead: 9,
      logRatio: expect.closeTo(5.140691, 6),
      posterior: expect.closeTo(0.773585, 6),
      others: { stations: 3, answers: 42 },
      verdict: 'none',
    });
  });

  test('asks to look where everybody names the other, and only hints where too few others are known', () => {
    const odd = station('x', 'a', { b: 12 });
    expect(checkKey(odd, others)?.verdict).toBe('check');
    const few = [station('a1', 'a', { a: 9 }), station('b1', 'b', { b: 9 })];
    expect(checkKey(odd, few)).toMatchObject({ verdict: 'hint', others: { stations: 2, answers: 18 } });
    expect(checkKey(odd, [])?.verdict).toBe('none');
  });

  test('takes no tree as a witness about itself', () => {
    const again = others.map((o) => ({ ...o, individual: 'x' }));
    expect(checkKey(station('x', 'a', { b: 12 }), again)?.others).toEqual({ stations: 0, answers: 0 });
  });

  test('says nothing where no other species was named', () => {
    expect(checkKey(station('x', 'a', { a: 12 }), others)).toBeNull();
  });

  test('calls no right tag wrong in 200 simulated quizzes more than twice, and names a wrong one first', () => {
    let [called, found, first] = [0, 0, 0];
    for (let seed = 1; seed <= 200; seed += 1) {
      const isOneWrong = seed % 2 === 0;
      const all = simulatedQuizzes(seed, isOneWrong);
      const checks = all
        .filter((s) => s.quiz === 2)
        .flatMap((s) => {
          const check = checkKey(s, all);
          return check ? [{ ...check, isWrong: s.isWrong }] : [];
        })
        .sort((a, b) => b.posterior - a.posterior);
      called += checks.some((c) => c.verdict === 'check' && !c.isWrong) ? 1 : 0;
      found += checks.some((c) => c.verdict === 'check' && c.isWrong) ? 1 : 0;
      first += isOneWrong && checks[0]?.isWrong ? 1 : 0;
    }
    expect(called).toBeLessThanOrEqual(2);
    expect(first).toBeGreaterThanOrEqual(98);
    // The others have too few stations of either species to compare with.
    expect(found).toBeGreaterThanOrEqual(80);
  });
});

describe('a quiz as a whole', () => {
  const quiz = (names: Scores) => {
    const named = names.stations.map((s) => station(s, s, { [s]: 3, other: 1 }));
    const own = { sitting: 'x', given: [], scores: names };
    return judgeQuiz({ names, points: names, named, all: named, own, earlier: [] });
  };

  test('is judged from ten students by eight stations; below, there are counts and nothing that cannot be known', () => {
    expect(quiz(STAIRS)).toMatchObject({ tooFew: [], reliability: { is: 'known' }, scale: { is: 'known' } });
    const small = quiz(scores(STAIRS.at.slice(0, 9).map((row) => row.slice(0, 7))));
    expect(small).toMatchObject({
      tooFew: ['students', 'stations'],
      students: 9,
      stations: 7,
      reliability: { is: 'undefined' },
      scale: { is: 'undefined' },
      checks: [],
      through: [],
    });
    expect(small.items.map((i) => i.correlation.is)).toEqual(Array.from({ length: 7 }, () => 'undefined'));
    expect(small.items[0]?.facility).toBeCloseTo(8 / 9, 12);
  });

  test('names the surest wrong tag first', () => {
    const named = [
      station('t0', 'a', { a: 9, b: 3 }),
      station('t1', 'a', { b: 12 }),
      ...ids('t', 6).map((_, i) =>
        station(`u${i}`, i % 2 === 0 ? 'a' : 'b', i % 2 === 0 ? { a: 12 } : { b: 12 }),
      ),
    ];
    const own = { sitting: 'x', given: [], scores: STAIRS };
    const { checks } = judgeQuiz({ names: STAIRS, points: STAIRS, named, all: named, own, earlier: [] });
    expect(checks.map((c) => [c.station, c.verdict])).toEqual([
      ['t1', 'check'],
      ['t0', 'none'],
    ]);
  });
});

describe('what to do', () => {
  const item = (facility: number, r = 0.3): Item => ({
    station: 'x',
    n: 12,
    facility,
    correlation: { is: 'known', r, p: r < 0 ? 0.01 : 0.9, flagged: r < 0 },
  });
  const check = (verdict: KeyCheck['verdict']): KeyCheck => ({
    station: 'x',
    truth: 'a',
    instead: 'b',
    namedAsTag: 1,
    namedAsInstead: 11,
    answers: 12,
    logRatio: 9,
    posterior: 0.99,
    others: { stations: 3, answers: 30 },
    verdict,
  });

  test.each([
    ['a tag the answers speak against', item(0.1, -0.5), check('check'), false, 'check_tag'],
    ['the same tag, found right', item(0.1), check('check'), true, 'mixed_up'],
    ['another species that more named', item(0.4), check('none'), false, 'mixed_up'],
    ['a tag with too little to compare', item(0.1), check('hint'), false, 'look_at_tag'],
    ['those who know more do worse', item(0.6, -0.5), check('none'), false, 'misleads'],
    ['one who knows more and went astray', item(11 / 12, -0.5), null, false, 'fine'],
    ['nobody', item(0), null, false, 'nobody'],
    ['everybody', item(1), null, false, 'everybody'],
    ['few', item(0.29), null, false, 'few'],
    ['nothing', item(0.3), null, false, 'fine'],
  ] as const)('about %s', (_, own, c, foundRight, expected) => {
    expect(adviceFor(own, c, foundRight)).toBe(expected);
  });

  test('about the order of students: how many stations are missing, by hand', () => {
    const of = (value: number) =>
      stationsMissing({ is: 'known', name: 'KR-20', value, low: 0, high: 1, students: 24, stations: 12 });
    // 0.5: four times the stations; 0.64: 0.8 * 0.36 / (0.64 * 0.2) = 2.25 times.
    expect([of(0.5), of(0.64), of(0.8), of(0.1)]).toEqual([36, 15, null, null]);
    expect(stationsMissing({ is: 'undefined', why: 'too_few', students: 9 })).toBeNull();
    expect([steadiness(0.8), steadiness(0.6), steadiness(0.59)]).toEqual(['steady', 'fair', 'loose']);
  });
});
