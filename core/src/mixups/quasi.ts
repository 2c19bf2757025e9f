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
  const rows = new Map<string, number>();
  const columns = new Map<string, number>();
  for (const [a, answers] of wrong)
    for (const [b, n] of answers) {
      rows.set(a, (rows.get(a) ?? 0) + n);
      columns.set(b, (columns.get(b) ?? 0) + n);
    }
  const r = new Map([...rows.keys()].map((a) => [a, 1]));
  const c = new Map(names.map((b) => [b, columns.get(b) ?? 0]));
  for (let step = 0; step < STEPS; step += 1) {
    let moved = 0;
    const allColumns = [...c.values()].reduce((x, y) => x + y, 0);
    for (const [a, total] of rows) {
      const free = allColumns - (c.get(a) ?? 0);
      const next = free > 0 ? total / free : 0;
      moved = Math.max(moved, Math.abs(next - (r.get(a) ?? 0)));
      r.set(a, next);
    }
    const allRows = [...r.values()].reduce((x, y) => x + y, 0);
    for (const b of names) {
      const free = allRows - (r.get(b) ?? 0);
      const next = free > 0 ? (columns.get(b) ?? 0) / free : 0;
      moved = Math.max(moved, Math.abs(next - (c.get(b) ?? 0)));
      c.set(b, next);
    }
    if (moved < CLOSE) break;
  }
  return (a, b) => (a === b ? 0 : (r.get(a) ?? 0) * (c.get(b) ?? 0));
}

/** The chance of so many or more where so many are expected (Poisson). */
export const poissonTail = (observed: number, expected: number): number =>
  observed <= 0 ? 1 : 1 - poissonCdf(observed - 1, expected);
