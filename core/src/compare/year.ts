import { addDays } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { under } from './matrix.ts';
import type { Matrix } from './matrix.ts';
import { STANDINGS, countsOf, pairTable } from './pairTable.ts';
import type { Counts, PairCell, Standing } from './pairTable.ts';

export const WEEKS = 52;

/** A list through the year, week by week from 1 January, everything but the date as it is. */
export interface Year {
  /** The first day of each week, ISO. */
  readonly weeks: readonly string[];
  readonly counts: readonly Counts[];
  /** For each pair, in the order of its table, the number of its standing in each week. */
  readonly standings: readonly Uint8Array[];
  readonly pairs: readonly Pick<PairCell, 'a' | 'b'>[];
}

export const standingIn = (year: Year, pair: number, week: number): Standing =>
  STANDINGS[year.standings[pair]?.[week] ?? 0] ?? 'clean';

/**
 * Which weeks make which pairs separable. @param onProgress told after every week; return false to stop.
 * @returns null where it was stopped.
 */
export function throughYear(
  matrix: Matrix,
  conditions: Conditions,
  onProgress?: (done: number, total: number) => boolean,
): Year | null {
  const first = `${conditions.date.slice(0, 4)}-01-01`;
  const weeks = Array.from({ length: WEEKS }, (_, w) => addDays(first, 7 * w));
  const size = matrix.list.length;
  const standings = Array.from({ length: (size * (size - 1)) / 2 }, () => new Uint8Array(WEEKS));
  const counts: Counts[] = [];
  let pairs: Year['pairs'] = [];
  for (const [w, date] of weeks.entries()) {
    const table = pairTable(under(matrix, { ...conditions, date }));
    if (!table) return null;
    table.cells.forEach((c, i) => {
      const row = standings[i];
      if (row) row[w] = STANDINGS.indexOf(c.standing);
    });
    counts.push(countsOf(table));
    pairs = table.cells.map(({ a, b }) => ({ a, b }));
    if (onProgress && !onProgress(w + 1, WEEKS)) return null;
  }
  return { weeks, counts, standings, pairs };
}
