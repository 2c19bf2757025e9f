import tCdf from '@stdlib/stats-base-dists-t-cdf';
import type { Correlation, Scores } from './types.ts';

/** Below this chance, an r under zero is taken for more than luck. */
const FLAG = 0.05;
const FEWEST_PAIRS = 3;

export interface Item {
  readonly station: string;
  /** Students who were there. */
  readonly n: number;
  /** The mean share earned: percent right, where answers are right or wrong. */
  readonly facility: number;
  /** How well the station goes with the rest of the quiz. */
  readonly correlation: Correlation;
}

const mean = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0) / xs.length;

/** What a student earned at the other stations they were at, as a share; null where they were at no other. */
function restOf(row: readonly (number | null)[], without: number): number | null {
  const rest = row.filter((v, j): v is number => j !== without && v !== null);
  return rest.length === 0 ? null : mean(rest);
}

/** Sums of squares and products about the means. */
function moments(xs: readonly number[], ys: readonly number[]): { xx: number; yy: number; xy: number } {
  const [mx, my] = [mean(xs), mean(ys)];
  const sum = (f: (i: number) => number): number => xs.reduce((a, _, i) => a + f(i), 0);
  return {
    xx: sum((i) => ((xs[i] ?? 0) - mx) ** 2),
    yy: sum((i) => ((ys[i] ?? 0) - my) ** 2),
    xy: sum((i) => ((xs[i] ?? 0) - mx) * ((ys[i] ?? 0) - my)),
  };
}

/** Squares smaller than this are rounding, not variety. */
const NOTHING = 1e-12;

/**
 * Pearson's r of two rows of numbers with the one-sided chance of one this low. Of a station that is right or wrong and
 * the rest of the quiz this is the corrected point-biserial. Source: docs/formulas.md, Was the quiz sound.
 */
export function correlationOf(own: readonly number[], rest: readonly number[]): Correlation {
  const n = own.length;
  if (n < FEWEST_PAIRS) return { is: 'undefined', why: 'too_few' };
  const { xx, yy, xy } = moments(own, rest);
  if (xx < NOTHING) return { is: 'undefined', why: 'all_the_same' };
  if (yy < NOTHING) return { is: 'undefined', why: 'rest_the_same' };
  const r = Math.max(-1, Math.min(1, xy / Math.sqrt(xx * yy)));
  const t = (r * Math.sqrt(n - 2)) / Math.sqrt(1 - r * r);
  const p = r === 1 ? 1 : r === -1 ? 0 : tCdf(t, n - 2);
  return { is: 'known', r, p, flagged: r < 0 && p < FLAG };
}

/** How each station did, in the order of the quiz. Stations nobody was at are left out. */
export function judgeItems({ stations, at }: Scores): readonly Item[] {
  return stations.flatMap((station, j): Item[] => {
    const pairs = at.flatMap((row) => {
      const own = row[j] ?? null;
      return own === null ? [] : [{ own, rest: restOf(row, j) }];
    });
    if (pairs.length === 0) return [];
    const both = pairs.filter((p): p is { own: number; rest: number } => p.rest !== null);
    return [
      {
        station,
        n: pairs.length,
        facility: mean(pairs.map((p) => p.own)),
        correlation: correlationOf(
          both.map((p) => p.own),
          both.map((p) => p.rest),
        ),
      },
    ];
  });
}
