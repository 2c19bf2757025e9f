import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { minimize } from './lbfgs.ts';
import type { Minimum } from './lbfgs.ts';

/** Settled once the mode is no further than this in any direction, in standard deviations. */
const SETTLED = 0.02;

/**
 * Goes on to a minimum by L-BFGS in coordinates in which the information at hand is the identity: the first step is one of
 * Fisher scoring, and few are left where plain coordinates need many.
 * @param covariance the inverse of the expected information near the minimum.
 */
export function settle(
  f: (x: Float64Array, slope: Float64Array) => number,
  from: Float64Array,
  covariance: Matrix,
  most: number,
): Minimum {
  const n = from.length;
  // Rounding leaves an inverse a little askew.
  const even = Matrix.mul(Matrix.add(covariance, covariance.transpose()), 0.5);
  const lower = new CholeskyDecomposition(even).lowerTriangularMatrix.to2DArray();
  const back = (y: Float64Array): Float64Array =>
    from.map((v, i) => {
      let sum = v;
      for (let k = 0; k <= i; k += 1) sum += (lower[i]?.[k] ?? 0) * (y[k] ?? 0);
      return sum;
    });
  const slope = new Float64Array(n);
  const white = (y: Float64Array, whiteSlope: Float64Array): number => {
    const value = f(back(y), slope);
    whiteSlope.fill(0);
    for (let i = 0; i < n; i += 1)
      for (let k = 0; k <= i; k += 1)
        whiteSlope[k] = (whiteSlope[k] ?? 0) + (lower[i]?.[k] ?? 0) * (slope[i] ?? 0);
    return value;
  };
  const found = minimize(white, new Float64Array(n), { most, close: SETTLED, firstStep: Infinity });
  return { ...found, x: back(found.x) };
}
