/** Pairs of steps and slopes that are remembered. */
const MEMORY = 12;
/** Armijo's condition: how much of the fall that the slope promises is enough. */
const ENOUGH = 1e-4;
const MOST_HALVINGS = 20;

export interface Minimum {
  readonly x: Float64Array;
  readonly value: number;
  /** How often the function was asked. */
  readonly passes: number;
  readonly settled: boolean;
}

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i += 1) sum += (a[i] ?? 0) * (b[i] ?? 0);
  return sum;
};

interface Pair {
  readonly s: Float64Array;
  readonly y: Float64Array;
  readonly rho: number;
}

/** The direction by the two-loop recursion (Nocedal and Wright 2006, algorithm 7.4). */
function directionFrom(slope: Float64Array, pairs: readonly Pair[], firstStep: number): Float64Array {
  const q = slope.slice();
  const alphas: number[] = [];
  for (let k = pairs.length - 1; k >= 0; k -= 1) {
    const p = pairs[k];
    if (!p) continue;
    const alpha = p.rho * dot(p.s, q);
    alphas[k] = alpha;
    for (let i = 0; i < q.length; i += 1) q[i] = (q[i] ?? 0) - alpha * (p.y[i] ?? 0);
  }
  const last = pairs.at(-1);
  const scale = last
    ? 1 / (last.rho * dot(last.y, last.y))
    : Math.min(1, firstStep / Math.sqrt(dot(slope, slope)));
  for (let i = 0; i < q.length; i += 1) q[i] = (q[i] ?? 0) * scale;
  pairs.forEach((p, k) => {
    const by = (alphas[k] ?? 0) - p.rho * dot(p.y, q);
    for (let i = 0; i < q.length; i += 1) q[i] = (q[i] ?? 0) + by * (p.s[i] ?? 0);
  });
  return q.map((v) => -v);
}

/**
 * Minimizes a smooth function by L-BFGS with a backtracking line search (Liu and Nocedal 1989). The registry has no kept
 * package that takes value and slope from one pass and stops after so many; see docs/decisions.md.
 * @param f writes its slope to the second argument and returns its value.
 * @param most the most passes; the best point so far is returned once they are used up.
 * @param close settled where no slope is larger than this.
 * @param firstStep the length that the first step has at most.
 */
export function minimize(
  f: (x: Float64Array, slope: Float64Array) => number,
  start: Float64Array,
  {
    most,
    close,
    firstStep = 1,
  }: { readonly most: number; readonly close: number; readonly firstStep?: number },
): Minimum {
  let x: Float64Array = start.slice();
  let slope: Float64Array = new Float64Array(x.length);
  let value = f(x, slope);
  let passes = 1;
  const pairs: Pair[] = [];
  const isSettled = (): boolean => slope.every((s) => Math.abs(s) < close);
  while (passes < most && !isSettled()) {
    let direction = directionFrom(slope, pairs, firstStep);
    let fall = dot(direction, slope);
    if (fall >= 0) {
      pairs.length = 0;
      direction = directionFrom(slope, pairs, firstStep);
      fall = dot(direction, slope);
    }
    let step = 1;
    let moved: { x: Float64Array; slope: Float64Array; value: number } | null = null;
    for (let k = 0; k < MOST_HALVINGS && passes < most; k += 1) {
      const next = x.map((v, i) => v + step * (direction[i] ?? 0));
      const nextSlope = new Float64Array(x.length);
      const nextValue = f(next, nextSlope);
      passes += 1;
      if (Number.isFinite(nextValue) && nextValue <= value + ENOUGH * step * fall) {
        moved = { x: next, slope: nextSlope, value: nextValue };
        break;
      }
      // The minimum of the parabola through both values and the slope, within a tenth and a half of the step.
      const parabola = (-fall * step) / (2 * ((nextValue - value) / step - fall));
      step = Number.isFinite(parabola) ? Math.min(step / 2, Math.max(step / 10, parabola)) : step / 10;
    }
    if (!moved) break;
    const [from, to] = [x, moved];
    const before = slope;
    const s = to.x.map((v, i) => v - (from[i] ?? 0));
    const y = to.slope.map((v, i) => v - (before[i] ?? 0));
    const curve = dot(s, y);
    if (curve > 1e-12) {
      pairs.push({ s, y, rho: 1 / curve });
      if (pairs.length > MEMORY) pairs.shift();
    }
    [x, slope, value] = [to.x, to.slope, to.value];
  }
  return { x, value, passes, settled: isSettled() };
}
