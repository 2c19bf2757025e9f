import betainc from '@stdlib/math-base-special-betainc';
import { jeffreys } from './rates.ts';
import { slipFits } from './slipFit.ts';
import type { SlipFit, SlipTable } from './slipFit.ts';

/** What one student did at trees of one species. */
export interface StudentAt {
  readonly student: string;
  readonly truth: string;
  readonly looks: number;
  /** Looks that named another species, by species. */
  readonly wrote: ReadonlyMap<string, number>;
}

export interface FlagSettings {
  /** Share of flags that may be chance. */
  readonly level: number;
  readonly fewestStudents: number;
  /** Least the interval of the rate must begin at. */
  readonly lowest: number;
}
export const FLAGS: FlagSettings = { level: 0.1, fewestStudents: 3, lowest: 0.01 };

/** A cell with this many students or more is left out of the fit it is held against. */
const LEFT_OUT_FROM = 3;

/** How a directed pair stands against slips. Counts are of distinct students. */
export interface PairTest {
  readonly truth: string;
  readonly answer: string;
  readonly observed: number;
  readonly expected: number;
  /** Times more than chance, one student added on either side. */
  readonly times: number;
  readonly p: number;
  readonly q: number;
  readonly flagged: boolean;
}

/** Students, all together: what the test against slips is worked out from. */
export interface SlipCounts {
  /** How many students had so many looks at a species, by species. */
  readonly exposures: ReadonlyMap<string, ReadonlyMap<number, number>>;
  /** Directed pairs with the students who made them at least once, and the looks at which they did. */
  readonly observed: readonly {
    readonly truth: string;
    readonly answer: string;
    readonly students: number;
    readonly looks: number;
  }[];
}

/** What students did at trees of each species, counted together. */
export function slipCounts(rows: readonly StudentAt[]): SlipCounts {
  const exposures = new Map<string, Map<number, number>>();
  const observed = new Map<string, { truth: string; answer: string; students: number; looks: number }>();
  for (const r of rows) {
    const of = exposures.get(r.truth) ?? new Map<number, number>();
    of.set(r.looks, (of.get(r.looks) ?? 0) + 1);
    exposures.set(r.truth, of);
    for (const [answer, n] of r.wrote) {
      if (n <= 0) continue;
      const key = `${r.truth}/${answer}`;
      const had = observed.get(key) ?? { truth: r.truth, answer, students: 0, looks: 0 };
      observed.set(key, { ...had, students: had.students + 1, looks: had.looks + n });
    }
  }
  return { exposures, observed: [...observed.values()] };
}

function tableOf({ exposures, observed }: SlipCounts, names: readonly string[]): SlipTable {
  const looks = new Map<string, number>();
  for (const [truth, of] of exposures) {
    let sum = 0;
    for (const [n, students] of of) sum += n * students;
    looks.set(truth, sum);
  }
  const wrong = new Map<string, Map<string, number>>();
  for (const o of observed) {
    const of = wrong.get(o.truth) ?? new Map<string, number>();
    wrong.set(o.truth, of.set(o.answer, (of.get(o.answer) ?? 0) + o.looks));
  }
  const all = new Set([...names, ...looks.keys(), ...observed.map((o) => o.answer)]);
  return { truths: [...looks.keys()].sort(), names: [...all].sort(), looks, wrong };
}

/**
 * Students who would name B for A at least once by slips alone: each by their own looks.
 * @param looks how many students had how many looks at A.
 */
export function expectedStudents(
  fit: SlipFit,
  truth: string,
  answer: string,
  looks: ReadonlyMap<number, number>,
): number {
  const chance = Math.min(1, fit.rate(truth) * fit.share(answer));
  let sum = 0;
  for (const [n, students] of looks) sum += students * (1 - (1 - chance) ** n);
  return sum;
}

/**
 * The chance of so many or more where the expected number is itself uncertain: the upper tail of the gamma-mixed Poisson.
 * @param spread the square of the coefficient of variation of what is expected.
 */
export function upperTail(observed: number, expected: number, spread: number): number {
  if (observed <= 0) return 1;
  if (expected <= 0) return 0;
  const size = 1 / spread;
  return betainc(expected / (size + expected), observed, size);
}

/** Benjamini and Hochberg's q values over so many tests, of which the others have p 1. */
export function qValues(ps: readonly number[], tests: number): readonly number[] {
  const order = ps.map((p, i) => ({ p, i })).sort((a, b) => b.p - a.p);
  const qs = ps.map(() => 1);
  let least = 1;
  order.forEach(({ p, i }, place) => {
    const rank = ps.length - place;
    least = Math.min(least, (p * tests) / rank);
    qs[i] = least;
  });
  return qs;
}

const lowerEnd = (
  { truth, looks }: { readonly truth: string; readonly looks: number },
  table: SlipTable,
): number => {
  const n = table.looks.get(truth) ?? 0;
  return n === 0 ? 0 : jeffreys(Math.min(looks, n), n).low;
};

/**
 * Which directed pairs are more than slips. What is expected of a pair with three students or more comes from a fit
 * without it. Source: docs/formulas.md, More than slips.
 * @param names the species whose names students could give.
 */
export const moreThanSlips = (
  rows: readonly StudentAt[],
  names: readonly string[],
  settings: FlagSettings = FLAGS,
): readonly PairTest[] => testPairs(slipCounts(rows), names, settings);

/** The same from students counted together. */
export function testPairs(
  counts: SlipCounts,
  names: readonly string[],
  settings: FlagSettings = FLAGS,
): readonly PairTest[] {
  const table = tableOf(counts, names);
  const fits = slipFits(table);
  const whole = fits(null);
  const tested = counts.observed.map((o) => {
    const fit = o.students >= LEFT_OUT_FROM ? fits(o) : whole;
    const expected = expectedStudents(fit, o.truth, o.answer, counts.exposures.get(o.truth) ?? new Map());
    const [a, b] = [fit.rateSpread(o.truth), fit.shareSpread(o.answer)];
    return { ...o, expected, p: upperTail(o.students, expected, a + b + a * b) };
  });
  const tests = table.truths.length * Math.max(0, table.names.length - 1);
  const qs = qValues(
    tested.map((t) => t.p),
    tests,
  );
  return tested.map((t, i): PairTest => {
    const q = qs[i] ?? 1;
    return {
      truth: t.truth,
      answer: t.answer,
      observed: t.students,
      expected: t.expected,
      times: (t.students + 1) / (t.expected + 1),
      p: t.p,
      q,
      flagged:
        q <= settings.level && t.students >= settings.fewestStudents && lowerEnd(t, table) >= settings.lowest,
    };
  });
}
