import poissonCdf from '@stdlib/stats-base-dists-poisson-cdf';

/** Wrong looks by truth and answer. */
export type WrongTable = ReadonlyMap<string, ReadonlyMap<string, number>>;

const STEPS = 500;
const CLOSE = 1e-10;

/**
 * Expected wrong looks under quasi-independence of the observed table, its diagonal left out, by iterative proportional
 * fitting. Source: Goodman 1968; docs/formulas.md, More than slips.
 * @param names all species whose names could be given.
 */
export function quasiIndependence(
  wrong: WrongTable,
  names: readonly string[],
): (truth: string, answer: string) => number {
  const all = [...new Set([...names, ...wrong.keys()])];
  const at = new Map(all.map((s, i) => [s, i]));
  const [rows, columns] = [new Float64Array(all.length), new Float64Array(all.length)];
  for (const [a, answers] of wrong)
    for (const [b, n] of answers) {
      const [i, j] = [at.get(a) ?? -1, at.get(b) ?? -1];
      rows[i] = (rows[i] ?? 0) + n;
      if (j >= 0) columns[j] = (columns[j] ?? 0) + n;
    }
  const r = rows.map((total) => (total > 0 ? 1 : 0));
  const c = columns.slice();
  const sum = (of: Float64Array): number => of.reduce((x, y) => x + y, 0);
  /** One side from the other, its own cell left out; how far anything moved. */
  const fit = (side: Float64Array, totals: Float64Array, other: Float64Array): number => {
    const everything = sum(other);
    let moved = 0;
    for (let i = 0; i < side.length; i += 1) {
      const free = everything - (other[i] ?? 0);
      const next = free > 0 ? (totals[i] ?? 0) / free : 0;
      moved = Math.max(moved, Math.abs(next - (side[i] ?? 0)));
      side[i] = next;
    }
    return moved;
  };
  for (let step = 0; step < STEPS; step += 1) {
    const moved = fit(r, rows, c);
    if (Math.max(moved, fit(c, columns, r)) < CLOSE) break;
  }
  return (a, b) => (a === b ? 0 : (r[at.get(a) ?? -1] ?? 0) * (c[at.get(b) ?? -1] ?? 0));
}

/** The chance of so many or more where so many are expected (Poisson). */
export const poissonTail = (observed: number, expected: number): number =>
  observed <= 0 ? 1 : 1 - poissonCdf(observed - 1, expected);
