import erfc from '@stdlib/math-base-special-erfc';
import { WEIGHTS, leavesUnder, ruledOut, shownStates } from '../characters/index.ts';
import type { Character, RangeValue, StatesValue, Value } from '../characters/index.ts';

/** How a taxon's individuals are spread over the values of one character. */
export type Distribution =
  | {
      readonly kind: 'discrete';
      readonly p: ReadonlyMap<string, number>;
      readonly coarse: ReadonlySet<string>;
    }
  | { readonly kind: 'set'; readonly states: ReadonlySet<string> }
  | {
      readonly kind: 'density';
      readonly pdf: (x: number) => number;
      readonly low: number;
      readonly high: number;
      readonly law: Law;
    };

/** The normal law a measured range follows, of the value itself or of its logarithm, and its mass within the bounds. */
export interface Law {
  readonly of: 'value' | 'logarithm';
  readonly mean: number;
  readonly sd: number;
  readonly mass: number;
  /** The bounds on the scale on which it is normal. */
  readonly from: number;
  readonly to: number;
  /** ln(sd × mass). */
  readonly depth: number;
}

const INNER = 0.95;
const Z95 = 1.959963984540054;

/** Where only what it is not is recorded, it may be any of the rest. */
const anyBut = (character: Character, never: ReadonlySet<string>): StatesValue['states'] =>
  character.states.flatMap((s) =>
    s.retired || never.has(s.id) || leavesUnder(character, s.id)[0] !== s.id
      ? []
      : [{ state: s.id, freq: 'usual' as const }],
  );

function ofStates(character: Character, value: StatesValue): Distribution {
  const never = ruledOut(character, value);
  const said = shownStates(value);
  const shown = said.length > 0 ? said : anyBut(character, never);
  if (character.combine === 'together') return { kind: 'set', states: new Set(shown.map((s) => s.state)) };
  const total = shown.reduce((sum, s) => sum + WEIGHTS[s.freq], 0);
  const p = new Map<string, number>();
  const coarse = new Set<string>();
  for (const { state, freq } of shown) {
    const under = leavesUnder(character, state).filter((leaf) => !never.has(leaf));
    if (under.length > 1 || under[0] !== state) coarse.add(state);
    for (const leaf of under) p.set(leaf, (p.get(leaf) ?? 0) + WEIGHTS[freq] / total / under.length);
  }
  return { kind: 'discrete', p, coarse };
}

/** Counts: 95% evenly on low..high, the rest on the extremes, or one step beyond where none is recorded. */
function ofCount(v: RangeValue): Distribution {
  const p = new Map<string, number>();
  const put = (n: number, share: number): void => void p.set(String(n), (p.get(String(n)) ?? 0) + share);
  const inner: number[] = [];
  for (let n = v.low; n <= v.high; n += 1) inner.push(n);
  const below: number[] = [];
  if (v.xlow !== null) for (let n = v.xlow; n < v.low; n += 1) below.push(n);
  const above: number[] = [];
  if (v.xhigh !== null) for (let n = v.xhigh; n > v.high; n -= 1) above.push(n);
  const outer = [...below, ...above];
  const share = outer.length > 0 ? INNER : 1;
  for (const n of inner) put(n, share / inner.length);
  for (const n of outer) put(n, (1 - share) / outer.length);
  return { kind: 'discrete', p, coarse: new Set() };
}

const REACH = 8;
const STEPS = 256;
/**
 * The standard normal's distribution function at 256 points a unit; between them a straight line errs by 5e-7 at most. Each point is
 * worked out when it is first asked for: a page asks for few of them and should not wait for all.
 */
const table = new Float64Array(2 * REACH * STEPS + 2).fill(NaN);

function atPoint(i: number): number {
  const had = table[i] ?? 1;
  if (!Number.isNaN(had)) return had;
  return (table[i] = 0.5 * erfc((REACH - i / STEPS) / Math.SQRT2));
}

export function cumulative(z: number): number {
  if (z <= -REACH) return 0;
  if (z >= REACH) return 1;
  const at = (z + REACH) * STEPS;
  const i = Math.floor(at);
  const low = atPoint(i);
  return low + (at - i) * (atPoint(i + 1) - low);
}

const normal = (x: number, mean: number, sd: number): number =>
  Math.exp(-0.5 * ((x - mean) / sd) ** 2) / (sd * Math.sqrt(2 * Math.PI));

/** The untruncated density of a measured range and the interval that holds practically all of it. */
interface Raw {
  readonly of: Law['of'];
  readonly mean: number;
  readonly sd: number;
  readonly from: number;
  readonly to: number;
}

function rawDensity(v: RangeValue): Raw {
  if (v.low === v.high) {
    const sd = Math.max(0.1 * v.low, 1e-6);
    return { of: 'value', mean: v.low, sd, from: Math.max(0, v.low - 4 * sd), to: v.low + 4 * sd };
  }
  if (v.low <= 0) {
    const mean = (v.low + v.high) / 2;
    const sd = (v.high - v.low) / (2 * Z95);
    return { of: 'value', mean, sd, from: 0, to: v.high + 2 * sd };
  }
  const mean = (Math.log(v.low) + Math.log(v.high)) / 2;
  const sd = (Math.log(v.high) - Math.log(v.low)) / (2 * Z95);
  return { of: 'logarithm', mean, sd, from: Math.exp(mean - 4 * sd), to: Math.exp(mean + 4 * sd) };
}

/** A value on the scale on which its law is normal. */
const onScale = (law: Pick<Law, 'of'>, x: number): number =>
  law.of === 'value' ? x : x > 0 ? Math.log(x) : -Infinity;

/** The share of a law that lies from one value to another, of all of it. */
export const massBetween = (law: Pick<Law, 'of' | 'mean' | 'sd'>, from: number, to: number): number =>
  to <= from
    ? 0
    : cumulative((onScale(law, to) - law.mean) / law.sd) -
      cumulative((onScale(law, from) - law.mean) / law.sd);

const POINTS = 256;

/** Midpoint rule over an interval. */
export function integrate(f: (x: number) => number, from: number, to: number): number {
  if (to <= from) return 0;
  const step = (to - from) / POINTS;
  let sum = 0;
  for (let i = 0; i < POINTS; i += 1) sum += f(from + (i + 0.5) * step);
  return sum * step;
}

/** Lengths and ratios: lognormal (normal from zero) with low–high as central 95%, cut at the extremes. */
function ofMeasure(v: RangeValue): Distribution {
  const raw = rawDensity(v);
  const low = v.xlow ?? (v.low === v.high ? raw.from : v.low);
  const high = v.xhigh ?? (v.low === v.high ? raw.to : v.high);
  const { of, mean, sd } = raw;
  const mass = massBetween(raw, low, high);
  const density = (x: number): number =>
    of === 'value' ? normal(x, mean, sd) : normal(Math.log(x), mean, sd) / x;
  return {
    kind: 'density',
    low,
    high,
    law: {
      of,
      mean,
      sd,
      mass,
      from: onScale(raw, low),
      to: onScale(raw, high),
      depth: Math.log(sd * mass),
    },
    pdf: (x) => (x < low || x > high || mass === 0 || x <= 0 ? 0 : density(x) / mass),
  };
}

/**
 * A range that is open above, for whatever needs chances of it: evenly, or as a measured range, from its low to twice
 * that. What two such ranges have in common is not worked out from it; see `separateAs`.
 */
const closed = (v: RangeValue): RangeValue =>
  v.more ? { ...v, high: Math.max(2 * v.low, v.low + 1), more: false } : v;

/**
 * The distribution a recorded value stands for. Weights usual 1, sometimes 0.25, rare 0.05; a coarse state is
 * spread over the states under it. Source: docs/formulas.md, Distributions.
 */
export function distributionOf(character: Character, value: Value): Distribution | null {
  if (value.kind === 'inapplicable') return null;
  if (value.kind === 'states') return ofStates(character, value);
  return character.kind === 'count' ? ofCount(closed(value)) : ofMeasure(closed(value));
}
