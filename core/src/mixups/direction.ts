import betaQuantile from '@stdlib/stats-base-dists-beta-quantile';

/** Counts of one direction: so many of so many looks named the other. */
export interface Counted {
  readonly k: number;
  readonly n: number;
}

export interface Direction {
  /** Share of the first direction in both rates: 1 where only A is taken for B. */
  readonly share: number;
  readonly low: number;
  readonly high: number;
  /** Chance that A is taken for B more often than B for A. */
  readonly more: number;
}

const POINTS = 128;

/** Quantiles of the posterior of a rate (Jeffreys), in the middle of equally likely stretches. */
const posterior = ({ k, n }: Counted): readonly number[] =>
  Array.from({ length: POINTS }, (_, i) => betaQuantile((i + 0.5) / POINTS, k + 0.5, n - k + 0.5));

/**
 * Which way a pair is mixed up: r(AB) / (r(AB) + r(BA)) over the two posteriors. Counts come from one class of material and
 * one form of answer. Source: docs/formulas.md, Which way.
 * @returns null where one of the two species was never asked.
 */
export function directionOf(ab: Counted, ba: Counted): Direction | null {
  if (ab.n === 0 || ba.n === 0) return null;
  const [a, b] = [posterior(ab), posterior(ba)];
  const shares = new Float64Array(POINTS * POINTS);
  a.forEach((x, i) => b.forEach((y, j) => (shares[i * POINTS + j] = x / (x + y))));
  shares.sort();
  const at = (q: number): number => shares[Math.min(shares.length - 1, Math.floor(q * shares.length))] ?? 0.5;
  return {
    share: shares.reduce((sum, x) => sum + x, 0) / shares.length,
    low: at(0.025),
    high: at(0.975),
    more: shares.filter((x) => x > 0.5).length / shares.length,
  };
}
