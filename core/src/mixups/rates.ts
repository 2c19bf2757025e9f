// @ts-expect-error the package ships no types
import jstat from 'jstat';

const beta = (jstat as { beta: { inv(p: number, alpha: number, beta: number): number } }).beta;

export interface Interval {
  readonly low: number;
  readonly high: number;
}

/**
 * Jeffreys 95% interval of a rate k/n, with ends at 0 for k = 0 and 1 for k = n.
 * Source: Brown, Cai and DasGupta 2001; 3-computation, section 8.
 */
export function jeffreys(k: number, n: number, level = 0.95): Interval {
  if (!(Number.isInteger(k) && Number.isInteger(n) && n > 0 && k >= 0 && k <= n)) {
    throw new RangeError(`jeffreys needs whole numbers 0 <= k <= n, n > 0; got ${k} of ${n}`);
  }
  const tail = (1 - level) / 2;
  const at = (q: number): number => beta.inv(q, k + 0.5, n - k + 0.5);
  return { low: k === 0 ? 0 : at(tail), high: k === n ? 1 : at(1 - tail) };
}
