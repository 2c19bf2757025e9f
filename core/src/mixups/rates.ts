import betaQuantile from '@stdlib/stats-base-dists-beta-quantile';

export interface Interval {
  readonly low: number;
  readonly high: number;
}

/**
 * Jeffreys 95% interval of a rate k/n, with ends at 0 for k = 0 and 1 for k = n.
 * Source: Brown, Cai and DasGupta 2001; docs/formulas.md, Counting mix-ups.
 */
export function jeffreys(k: number, n: number, level = 0.95): Interval {
  if (!(Number.isInteger(k) && Number.isInteger(n) && n > 0 && k >= 0 && k <= n)) {
    throw new RangeError(`jeffreys needs whole numbers 0 <= k <= n, n > 0; got ${k} of ${n}`);
  }
  const tail = (1 - level) / 2;
  const at = (q: number): number => betaQuantile(q, k + 0.5, n - k + 0.5);
  return { low: k === 0 ? 0 : at(tail), high: k === n ? 1 : at(1 - tail) };
}
