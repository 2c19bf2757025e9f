import { Matrix, inverse } from 'ml-matrix';
import { PRIOR_VARIANCE, QUADRATURE, SMALLEST_SIGMA, abilities, logistic, posterior } from './raschFit.ts';
import type { Alike, Model } from './raschFit.ts';

export interface RaschErrors {
  readonly b: readonly number[];
  /** Of each class's mean; 0 for the first, which the scale is fixed by. */
  readonly means: readonly number[];
}

/** One parameter of one student's likelihood: its slope at each point, but for what does not vary with ability. */
interface Slope {
  readonly at: number;
  readonly values: readonly number[];
  /** The mean curvature, with the sign of information. */
  readonly curve: number;
}

const expect = (values: readonly number[], weights: readonly number[]): number =>
  values.reduce((sum, x, q) => sum + x * (weights[q] ?? 0), 0);

/**
 * Standard errors by the observed information: what complete data would tell, less what is not known of where each student
 * stands (Louis 1982). The spread of ability is among the parameters unless there is none.
 */
export function raschErrors(groups: readonly Alike[], model: Model): RaschErrors {
  const { b, sigma, means } = model;
  const isFlat = sigma <= SMALLEST_SIGMA;
  const [k, classes] = [b.length, means.length];
  const atMean = (group: number): number => k + group - 1;
  const atSigma = k + classes - 1;
  const count = atSigma + (isFlat ? 0 : 1);
  const info = Matrix.zeros(count, count);
  const add = (i: number, j: number, by: number): void => void info.set(i, j, info.get(i, j) + by);
  for (let j = 0; j < k; j += 1) add(j, j, 1 / PRIOR_VARIANCE);
  const zs = QUADRATURE.map((q) => q.z);
  for (const g of groups) {
    const n = g.students.length;
    const weights = posterior(g, model);
    const thetas = abilities(model, g.group);
    const slopes: Slope[] = g.there.map((j) => {
      const values = thetas.map((theta) => logistic(theta - (b[j] ?? 0)));
      return {
        at: j,
        values,
        curve: expect(
          values.map((p) => p * (1 - p)),
          weights,
        ),
      };
    });
    if (g.group > 0)
      slopes.push({ at: atMean(g.group), values: zs.map((z) => z / sigma), curve: 1 / sigma ** 2 });
    if (!isFlat) {
      const square = zs.map((z) => (z * z) / sigma);
      slopes.push({
        at: atSigma,
        values: square,
        curve: (3 * expect(square, weights)) / sigma - 1 / sigma ** 2,
      });
      if (g.group > 0) {
        const cross = (2 * expect(zs, weights)) / sigma ** 2;
        add(atMean(g.group), atSigma, n * cross);
        add(atSigma, atMean(g.group), n * cross);
      }
    }
    const centers = slopes.map((s) => expect(s.values, weights));
    slopes.forEach((x, s) => {
      add(x.at, x.at, n * x.curve);
      slopes.forEach((y, t) => {
        const both = x.values.reduce((sum, a, q) => sum + a * (y.values[q] ?? 0) * (weights[q] ?? 0), 0);
        add(x.at, y.at, -n * (both - (centers[s] ?? 0) * (centers[t] ?? 0)));
      });
    });
  }
  const spread = inverse(info);
  const error = (i: number): number => Math.sqrt(Math.max(0, spread.get(i, i)));
  return {
    b: b.map((_, j) => error(j)),
    means: means.map((_, group) => (group === 0 ? 0 : error(atMean(group)))),
  };
}
