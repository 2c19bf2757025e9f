/** Difficulty prior N(0, 2²). */
export const PRIOR_VARIANCE = 4;
/** No spread of ability smaller than this is told from none. */
export const SMALLEST_SIGMA = 0.05;
const POINTS = 31;
/** How far the points reach on either side, in standard deviations of ability. */
const REACH = 6;
const MOST_STEPS = 5000;
const CLOSE = 1e-9;

/** Students of one class who were at the same stations and named as many right: the scale knows no more of them. */
export interface Alike {
  readonly there: readonly number[];
  readonly score: number;
  /** The class, from 0. */
  readonly group: number;
  readonly students: readonly number[];
}

/** Where everything stands, in logits. The mean of the first class is 0. */
export interface Model {
  readonly b: readonly number[];
  readonly sigma: number;
  readonly means: readonly number[];
}

/** Points of the standard normal with their weights, equally far apart. */
export const QUADRATURE = ((): readonly { readonly z: number; readonly weight: number }[] => {
  const points = Array.from({ length: POINTS }, (_, q) => (2 * REACH * q) / (POINTS - 1) - REACH);
  const total = points.reduce((sum, z) => sum + Math.exp((-z * z) / 2), 0);
  return points.map((z) => ({ z, weight: Math.exp((-z * z) / 2) / total }));
})();

export const logistic = (x: number): number => 1 / (1 + Math.exp(-x));

/** Abilities at the points, for a class. */
export const abilities = ({ sigma, means }: Model, group: number): readonly number[] =>
  QUADRATURE.map(({ z }) => (means[group] ?? 0) + sigma * z);

/** Where a group of students stands: the posterior weight of each point. */
export function posterior({ there, score, group }: Alike, model: Model): readonly number[] {
  const thetas = abilities(model, group);
  const logs = QUADRATURE.map(({ weight }, q) => {
    const theta = thetas[q] ?? 0;
    return there.reduce(
      (sum, j) => sum - Math.log1p(Math.exp(theta - (model.b[j] ?? 0))),
      Math.log(weight) + theta * score,
    );
  });
  const top = Math.max(...logs);
  const raw = logs.map((l) => Math.exp(l - top));
  const total = raw.reduce((x, y) => x + y, 0);
  return raw.map((r) => r / total);
}

/** Students expected at each point of each class, by station. */
type Expected = readonly (readonly Float64Array[])[];

/** One station's difficulty given who is expected where, by Newton's steps on a concave function. */
function difficulty(start: number, expected: readonly Float64Array[], right: number, model: Model): number {
  let b = start;
  for (let step = 0; step < 50; step += 1) {
    let [slope, curve] = [-right - b / PRIOR_VARIANCE, -1 / PRIOR_VARIANCE];
    expected.forEach((at, group) => {
      abilities(model, group).forEach((theta, q) => {
        const p = logistic(theta - b);
        slope += (at[q] ?? 0) * p;
        curve -= (at[q] ?? 0) * p * (1 - p);
      });
    });
    const change = Math.max(-1, Math.min(1, -slope / curve));
    b += change;
    if (Math.abs(change) < 1e-12) break;
  }
  return b;
}

interface Spread {
  readonly n: number;
  readonly sum: number;
  readonly square: number;
}

/** One step of expectation and maximization (Bock and Aitkin 1981; with priors, Mislevy 1986). */
function step(groups: readonly Alike[], expected: Expected, right: readonly number[], model: Model): Model {
  expected.forEach((classes) => classes.forEach((at) => at.fill(0)));
  const spread: Spread[] = model.means.map(() => ({ n: 0, sum: 0, square: 0 }));
  for (const g of groups) {
    const size = g.students.length;
    const thetas = abilities(model, g.group);
    let { n, sum, square } = spread[g.group] ?? { n: 0, sum: 0, square: 0 };
    n += size;
    posterior(g, model).forEach((w, q) => {
      const theta = thetas[q] ?? 0;
      sum += size * w * theta;
      square += size * w * theta * theta;
      for (const j of g.there) {
        const at = expected[j]?.[g.group];
        if (at) at[q] = (at[q] ?? 0) + size * w;
      }
    });
    spread[g.group] = { n, sum, square };
  }
  const means = spread.map(({ n, sum }, g) => (g === 0 ? 0 : sum / n));
  const n = spread.reduce((total, s) => total + s.n, 0);
  const about = spread.reduce((total, s, g) => {
    const m = means[g] ?? 0;
    return total + s.square - 2 * m * s.sum + s.n * m * m;
  }, 0);
  return {
    b: model.b.map((start, j) => difficulty(start, expected[j] ?? [], right[j] ?? 0, model)),
    sigma: Math.max(SMALLEST_SIGMA, Math.sqrt(about / n)),
    means,
  };
}

const pack = (m: Model): number[] => [...m.b, ...m.means, Math.log(m.sigma)];
const size = (xs: readonly number[]): number => Math.sqrt(xs.reduce((sum, x) => sum + x * x, 0));

/**
 * Fits the model to who named how many right. Two steps are followed by a longer one in the same direction (SQUAREM;
 * Varadhan and Roland 2008), since the spread of ability would otherwise take hundreds; a plain step then takes back what
 * was too long.
 * @param right how many named each station right.
 * @param classes how many classes there are.
 */
export function fitRasch(groups: readonly Alike[], right: readonly number[], classes: number): Model {
  const expected: Expected = right.map(() => Array.from({ length: classes }, () => new Float64Array(POINTS)));
  const once = (m: Model): Model => step(groups, expected, right, m);
  const stations = right.length;
  let model: Model = { b: right.map(() => 0), sigma: 1, means: Array.from({ length: classes }, () => 0) };
  for (let i = 0; i < MOST_STEPS; i += 3) {
    const one = once(model);
    const two = once(one);
    const [x0, x1, x2] = [pack(model), pack(one), pack(two)];
    const r = x1.map((x, at) => x - (x0[at] ?? 0));
    const v = x2.map((x, at) => x - (x1[at] ?? 0) - (r[at] ?? 0));
    if (Math.max(...x2.map((x, at) => Math.abs(x - (x1[at] ?? 0)))) < CLOSE) return two;
    const length = size(v) < 1e-14 ? -1 : Math.min(-1, Math.max(-8, -size(r) / size(v)));
    const next = x0.map((x, at) => x - 2 * length * (r[at] ?? 0) + length * length * (v[at] ?? 0));
    model = once({
      b: next.slice(0, stations),
      means: next.slice(stations, -1).map((m, g) => (g === 0 ? 0 : m)),
      sigma: Math.max(SMALLEST_SIGMA, Math.exp(next.at(-1) ?? 0)),
    });
  }
  return model;
}
