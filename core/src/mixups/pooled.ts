import gammaln from '@stdlib/math-base-special-gammaln';
import betaQuantile from '@stdlib/stats-base-dists-beta-quantile';

/** A pair in one class: students who named the one for the other, of those who looked. */
export interface SectionCount {
  readonly k: number;
  readonly n: number;
}

export interface PooledPair {
  /** The rate over all classes, with its 90% interval. */
  readonly rate: number;
  readonly low: number;
  readonly high: number;
  /** How many students a class's own rate is drawn by toward it, and where that comes from. */
  readonly weight: number;
  readonly weightFrom: 'fixed' | 'fitted';
  /** Students among so many of a new class, as a 90% interval. */
  readonly next: { readonly of: number; readonly low: number; readonly high: number };
}

/** Below five classes their spread is not fitted: each is drawn as by 20 students. */
const FEWEST_FITTED = 5;
const FIXED_WEIGHT = 20;
const WEIGHTS = [2, 3, 5, 8, 12, 20, 30, 50, 80, 150, 400] as const;
const LEVEL = 0.9;
/** Points at which the pooled rate is taken for what a new class should expect. */
const POINTS = 41;

const logBeta = (a: number, b: number): number => gammaln(a) + gammaln(b) - gammaln(a + b);

/** Log of the beta-binomial likelihood of a class, but for what does not depend on the rate and the weight. */
const logLikelihood = ({ k, n }: SectionCount, rate: number, weight: number): number =>
  logBeta(k + weight * rate, n - k + weight * (1 - rate)) - logBeta(weight * rate, weight * (1 - rate));

const sum = (all: readonly SectionCount[], of: (c: SectionCount) => number): number =>
  all.reduce((total, c) => total + of(c), 0);

function weightOf(all: readonly SectionCount[], rate: number): PooledPair['weight'] {
  let [best, most] = [FIXED_WEIGHT, -Infinity];
  for (const w of WEIGHTS) {
    const value = sum(all, (c) => logLikelihood(c, rate, w));
    if (value > most) [best, most] = [w, value];
  }
  return best;
}

/** Chances of 0 to n students, by the recurrence of the beta-binomial. */
function betaBinomial(n: number, a: number, b: number): readonly number[] {
  const chances: number[] = [];
  let log = logBeta(a, n + b) - logBeta(a, b);
  for (let k = 0; k <= n; k += 1) {
    chances.push(Math.exp(log));
    log += Math.log(((n - k) * (k + a)) / ((k + 1) * (n - k - 1 + b)));
  }
  return chances;
}

/** The least and most students that a new class leaves out with at most 5 in 100 on either side. */
function nextClass(of: number, weight: number, rates: readonly number[]): PooledPair['next'] {
  const chances = Array.from({ length: of + 1 }, () => 0);
  for (const rate of rates)
    betaBinomial(of, weight * rate, weight * (1 - rate)).forEach((p, k) => {
      chances[k] = (chances[k] ?? 0) + p / rates.length;
    });
  const tail = (1 - LEVEL) / 2;
  let [low, below] = [0, 0];
  while (low < of && below + (chances[low] ?? 0) <= tail) below += chances[low++] ?? 0;
  let [high, above] = [of, 0];
  while (high > low && above + (chances[high] ?? 0) <= tail) above += chances[high--] ?? 0;
  return { of, low, high };
}

/**
 * Pools a pair over classes: beta-binomial, with the spread between classes fitted from five classes on and fixed below. A
 * class counts for as many students as its own spread leaves it. Source: docs/formulas.md, Sections and years.
 * @param of students of a new class.
 * @throws RangeError where no class had anybody look.
 */
export function poolPair(all: readonly SectionCount[], of: number): PooledPair {
  const asked = all.filter((c) => c.n > 0);
  if (asked.length === 0) throw new RangeError('poolPair needs a class that looked.');
  const plain = (sum(asked, (c) => c.k) + 0.5) / (sum(asked, (c) => c.n) + 1);
  const isFitted = asked.length >= FEWEST_FITTED;
  const weight = isFitted ? weightOf(asked, plain) : FIXED_WEIGHT;
  const share = (c: SectionCount): number => weight / (weight + c.n);
  const k = sum(asked, (c) => c.k * share(c));
  const n = sum(asked, (c) => c.n * share(c));
  const [a, b] = [k + 0.5, n - k + 0.5];
  const at = (q: number): number => betaQuantile(q, a, b);
  const rates = Array.from({ length: POINTS }, (_, i) => at((i + 0.5) / POINTS));
  return {
    rate: a / (a + b),
    low: at((1 - LEVEL) / 2),
    high: at((1 + LEVEL) / 2),
    weight,
    weightFrom: isFitted ? 'fitted' : 'fixed',
    next: nextClass(of, weight, rates),
  };
}
