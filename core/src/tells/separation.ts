import { WEIGHTS, isBroader, leavesUnder, onlyRulesOut, ruledOut, shownStates } from '../characters/index.ts';
import type { Character, RangeValue, StatesValue, Value } from '../characters/index.ts';
import { cumulative, distributionOf, integrate, massBetween } from './distribution.ts';
import type { Distribution } from './distribution.ts';

export const SLACK = 1e-9;

export type Strength = 'clean' | 'usual' | 'partial';

/** How well one character parts two taxa. */
export type Separation =
  | { readonly kind: 'tell'; readonly strength: Strength; readonly overlap: number }
  | { readonly kind: 'none'; readonly overlap: number }
  | { readonly kind: 'unknown' }
  | { readonly kind: 'inapplicable' };

/** Gap wanted between two ranges for a clean tell, as a share of the larger of the two facing bounds. */
export interface GapSettings {
  readonly byEye: number;
  readonly measured: number;
}
export const GAPS: GapSettings = { byEye: 0.15, measured: 0.03 };

function setOverlap(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  const shared = [...a].filter((s) => b.has(s)).length;
  const all = new Set([...a, ...b]).size;
  return all === 0 ? 1 : shared / all;
}

type Density = Extract<Distribution, { kind: 'density' }>;

/** The share of a law between two points of its scale. */
const shareBetween = ({ mean, sd, mass }: Density['law'], from: number, to: number): number =>
  to <= from ? 0 : (cumulative((to - mean) / sd) - cumulative((from - mean) / sd)) / mass;

/**
 * Where square·x² + linear·x + constant is zero, in order; twice the same where it is once. Laws nearly as wide as each
 * other leave a tiny square, so the nearer root is the constant over the larger half (Press et al. 2007, section 5.6).
 */
function crossings(square: number, linear: number, constant: number): readonly [number, number] {
  const inner = linear * linear - 4 * square * constant;
  if (inner < 0 || (square === 0 && linear === 0)) return [-Infinity, -Infinity];
  const half = -(linear + Math.sign(linear || 1) * Math.sqrt(inner)) / 2;
  const near = half === 0 ? 0 : constant / half;
  const far = square === 0 ? near : half / square;
  return near < far ? [near, far] : [far, near];
}

/** A place well inside a stretch that may have no end; the logarithm of zero has none. */
function between(low: number, high: number, width: number): number {
  if (Number.isFinite(low)) return Number.isFinite(high) ? (low + high) / 2 : low + width;
  return Number.isFinite(high) ? high - width : 0;
}

/**
 * What two measured ranges have in common. On one scale ln p − ln q is a quadratic, so that the lesser of the two is
 * known between its roots and the overlap is exact; laws on two scales are added up numerically.
 */
function densityOverlap(a: Density, b: Density): number {
  const p = a.law;
  const q = b.law;
  if (p.mass === 0 || q.mass === 0) return 0;
  if (p.of !== q.of) {
    return integrate((x) => Math.min(a.pdf(x), b.pdf(x)), Math.max(a.low, b.low), Math.min(a.high, b.high));
  }
  const from = Math.max(p.from, q.from);
  const to = Math.min(p.to, q.to);
  if (to <= from) return 0;
  const u = 1 / (p.sd * p.sd);
  const v = 1 / (q.sd * q.sd);
  const square = (v - u) / 2;
  const linear = p.mean * u - q.mean * v;
  const constant = (q.mean * q.mean * v - p.mean * p.mean * u) / 2 + q.depth - p.depth;
  const inside = (x: number): number => Math.min(to, Math.max(from, x));
  const [near, far] = crossings(square, linear, constant);
  const [first, second] = [inside(near), inside(far)];
  let sum = 0;
  let low = from;
  for (let part = 0; part < 3; part += 1) {
    const high = part === 0 ? first : part === 1 ? second : to;
    if (high > low) {
      const t = between(low, high, Math.max(p.sd, q.sd));
      sum += shareBetween(square * t * t + linear * t + constant < 0 ? p : q, low, high);
    }
    low = high;
  }
  return sum;
}

/** Σ min(p, q): the share two distributions have in common (Inman and Bradley 1989). */
export function overlapOf(a: Distribution, b: Distribution): number {
  if (a.kind === 'discrete' && b.kind === 'discrete') {
    let sum = 0;
    for (const [state, p] of a.p) sum += Math.min(p, b.p.get(state) ?? 0);
    return sum;
  }
  if (a.kind === 'set' && b.kind === 'set') return setOverlap(a.states, b.states);
  return a.kind === 'density' && b.kind === 'density' ? densityOverlap(a, b) : 1;
}

/** A coarse state on one side against one under it on the other says nothing, unless the coarse side rules it out. */
function coarseAgainstFine(character: Character, a: StatesValue, b: StatesValue): boolean {
  const covers = (broad: StatesValue, fine: StatesValue): boolean => {
    const never = ruledOut(character, broad);
    return shownStates(broad).some((s) =>
      shownStates(fine).some(
        (t) =>
          isBroader(character, s.state, t.state) &&
          !leavesUnder(character, t.state).every((leaf) => never.has(leaf)),
      ),
    );
  };
  return covers(a, b) || covers(b, a);
}

/** Does a value leave open what is there: only what is not, or a least number alone? */
export const isOpen = (v: Value): boolean =>
  (v.kind === 'states' && onlyRulesOut(v)) || (v.kind === 'range' && (v.more ?? false));

/** The most of one value's individuals that could be of the other, which says only what is not there or a least number. */
function roomFor(character: Character, other: Value, p: Distribution, open: Value): number {
  if (open.kind === 'range') return atLeastShare(p, open.low);
  if (open.kind !== 'states' || other.kind !== 'states') return 1;
  if (p.kind === 'set') return 1 - shownThough(character, open, other);
  const never = ruledOut(character, open);
  let room = 0;
  if (p.kind === 'discrete') for (const [state, share] of p.p) if (!never.has(state)) room += share;
  return room;
}

/** The share of a distribution from some number on. */
function atLeastShare(d: Distribution, least: number): number {
  if (d.kind === 'density') {
    return d.law.mass === 0 ? 0 : massBetween(d.law, Math.max(d.low, least), d.high) / d.law.mass;
  }
  let share = 0;
  if (d.kind === 'discrete') for (const [n, p] of d.p) if (Number(n) >= least) share += p;
  return share;
}

/** The greatest share of one side's individuals that show what the other side rules out. */
function shownThough(character: Character, ruling: StatesValue, other: StatesValue): number {
  const never = ruledOut(character, ruling);
  const against = shownStates(other).filter((s) =>
    leavesUnder(character, s.state).every((leaf) => never.has(leaf)),
  );
  return Math.max(0, ...against.map((s) => WEIGHTS[s.freq]));
}

/** A state that one side shows and the other rules out tells, however much else the two have in common. */
const ruledOutOverlap = (character: Character, a: StatesValue, b: StatesValue): number =>
  1 - Math.max(shownThough(character, a, b), shownThough(character, b, a));

/** What a value that leaves something open tells: as much as it rules out of the other; beyond that nothing is known. */
function againstOpen(
  character: Character,
  a: Value,
  b: Value,
  p: Distribution,
  q: Distribution,
  gap: number,
): Separation {
  if (isOpen(a) && isOpen(b)) return { kind: 'unknown' };
  const overlap = isOpen(a) ? roomFor(character, b, q, a) : roomFor(character, a, p, b);
  const told = strengthOf(overlap, a, b, gap);
  return told.kind === 'none' ? { kind: 'unknown' } : told;
}

/** Clean where nothing is shared and ranges leave a gap; usual up to an overlap of 0.20, partial up to 0.60. */
function strengthOf(overlap: number, a: Value, b: Value, gap: number): Separation {
  const wideEnough = a.kind !== 'range' || b.kind !== 'range' || gapShare(a, b) >= gap - SLACK;
  if (overlap <= SLACK && wideEnough) return { kind: 'tell', strength: 'clean', overlap: 0 };
  if (overlap <= 0.2 + SLACK) return { kind: 'tell', strength: 'usual', overlap };
  if (overlap <= 0.6 + SLACK) return { kind: 'tell', strength: 'partial', overlap };
  return { kind: 'none', overlap };
}

function gapShare(a: RangeValue, b: RangeValue): number {
  const lower = (a.xhigh ?? a.high) <= (b.xlow ?? b.low) ? a : b;
  const upper = lower === a ? b : a;
  const top = lower.xhigh ?? lower.high;
  const bottom = upper.xlow ?? upper.low;
  return bottom > top && bottom > 0 ? (bottom - top) / bottom : 0;
}

/**
 * How well a character separates two recorded values: clean where supports are disjoint, rare included, and ranges
 * leave a gap; usual up to an overlap of 0.20; partial up to 0.60. A missing side is unknown, an inapplicable one
 * no tell; a side that says only what is not there, or a least number, tells by what it rules out.
 * Source: docs/formulas.md, Separation.
 */
export const separate = (
  character: Character,
  a: Value | undefined,
  b: Value | undefined,
  gap: number = GAPS.byEye,
): Separation =>
  !a || !b
    ? { kind: 'unknown' }
    : separateAs(character, a, b, distributionOf(character, a), distributionOf(character, b), gap);

/** As `separate`, with the distributions of the two values at hand. */
export function separateAs(
  character: Character,
  a: Value,
  b: Value,
  p: Distribution | null,
  q: Distribution | null,
  gap: number,
): Separation {
  if (a.kind === 'inapplicable' || b.kind === 'inapplicable') return { kind: 'inapplicable' };
  if (a.kind === 'states' && b.kind === 'states' && coarseAgainstFine(character, a, b))
    return { kind: 'unknown' };
  if (!p || !q || p.kind !== q.kind) return { kind: 'unknown' };
  if (isOpen(a) || isOpen(b)) return againstOpen(character, a, b, p, q, gap);
  const shared = overlapOf(p, q);
  const overlap =
    a.kind === 'states' && b.kind === 'states' && p.kind === 'set'
      ? Math.min(shared, ruledOutOverlap(character, a, b))
      : shared;
  return strengthOf(overlap, a, b, gap);
}
