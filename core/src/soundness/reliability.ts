import fQuantile from '@stdlib/stats-base-dists-f-quantile';
import { FEWEST } from './types.ts';
import type { Scores } from './types.ts';

export type Reliability =
  | {
      readonly is: 'known';
      readonly name: 'KR-20' | 'alpha';
      readonly value: number;
      readonly low: number;
      readonly high: number;
      /** Students who were at every station; the others are left out. */
      readonly students: number;
      readonly stations: number;
    }
  | { readonly is: 'undefined'; readonly why: 'too_few' | 'all_the_same'; readonly students: number };

const mean = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0) / xs.length;

/** The variance over n, as KR-20 takes it. */
function variance(xs: readonly number[]): number {
  const m = mean(xs);
  return mean(xs.map((x) => (x - m) ** 2));
}

/**
 * How far the totals would stay the same with other stations of the kind: KR-20 where every station is right or wrong,
 * Cronbach's alpha where shares are partial, with Feldt's interval (Feldt 1965).
 * Source: docs/formulas.md, Was the quiz sound.
 * @param level of the interval.
 */
export function reliabilityOf({ stations, at }: Scores, level = 0.95): Reliability {
  const whole = at.flatMap((row) => {
    const values = row.filter((v): v is number => v !== null);
    return values.length === stations.length ? [values] : [];
  });
  const [n, k] = [whole.length, stations.length];
  if (n < FEWEST.students || k < FEWEST.stations) return { is: 'undefined', why: 'too_few', students: n };
  const total = variance(whole.map((row) => row.reduce((a, b) => a + b, 0)));
  if (total < 1e-12) return { is: 'undefined', why: 'all_the_same', students: n };
  const parts = stations.reduce((sum, _, j) => sum + variance(whole.map((row) => row[j] ?? 0)), 0);
  const value = (k / (k - 1)) * (1 - parts / total);
  const bound = (q: number): number => 1 - (1 - value) * fQuantile(q, n - 1, (n - 1) * (k - 1));
  const isRightOrWrong = whole.every((row) => row.every((v) => v === 0 || v === 1));
  return {
    is: 'known',
    name: isRightOrWrong ? 'KR-20' : 'alpha',
    value,
    low: bound((1 + level) / 2),
    high: bound((1 - level) / 2),
    students: n,
    stations: k,
  };
}
