import { isBroader } from '../characters/index.ts';
import type { Character, RangeValue, StatesValue, Value } from '../characters/index.ts';
import { distributionOf, integrate } from './distribution.ts';
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

/** Σ min(p, q): the share two distributions have in common (Inman and Bradley 1989). */
export function overlapOf(a: Distribution, b: Distribution): number {
  if (a.kind === 'discrete' && b.kind === 'discrete') {
    let sum = 0;
    for (const [state, p] of a.p) sum += Math.min(p, b.p.get(state) ?? 0);
    return sum;
  }
  if (a.kind === 'set' && b.kind === 'set') return setOverlap(a.states, b.states);
  if (a.kind === 'density' && b.kind === 'density') {
    const from = Math.max(a.low, b.low);
    const to = Math.min(a.high, b.high);
    return integrate((x) => Math.min(a.pdf(x), b.pdf(x)), from, to);
  }
  return 1;
}

/** A coarse state on one side against one under it on the other says nothing. */
function coarseAgainstFine(character: Character, a: StatesValue, b: StatesValue): boolean {
  return a.states.some((s) =>
    b.states.some((t) => isBroader(character, s.state, t.state) || isBroader(character, t.state, s.state)),
  );
}

function gapShare(a: RangeValue, b: RangeValue): number {
  const [lower, upper] = (a.xhigh ?? a.high) <= (b.xlow ?? b.low) ? [a, b] : [b, a];
  const top = lower.xhigh ?? lower.high;
  const bottom = upper.xlow ?? upper.low;
  return bottom > top && bottom > 0 ? (bottom - top) / bottom : 0;
}

/**
 * How well a character separates two recorded values: clean where supports are disjoint, rare included, and ranges
 * leave a gap; usual up to an overlap of 0.20; partial up to 0.60. A missing side is unknown, an inapplicable one
 * no tell. Source: 3-computation, section 2.
 */
export function separate(
  character: Character,
  a: Value | undefined,
  b: Value | undefined,
  gap: number = GAPS.byEye,
): Separation {
  if (!a || !b) return { kind: 'unknown' };
  if (a.kind === 'inapplicable' || b.kind === 'inapplicable') return { kind: 'inapplicable' };
  if (a.kind === 'states' && b.kind === 'states' && coarseAgainstFine(character, a, b))
    return { kind: 'unknown' };
  const [p, q] = [distributionOf(character, a), distributionOf(character, b)];
  if (!p || !q || p.kind !== q.kind) return { kind: 'unknown' };
  const overlap = overlapOf(p, q);
  const wideEnough = a.kind !== 'range' || b.kind !== 'range' || gapShare(a, b) >= gap - SLACK;
  if (overlap <= SLACK && wideEnough) return { kind: 'tell', strength: 'clean', overlap: 0 };
  if (overlap <= 0.2 + SLACK) return { kind: 'tell', strength: 'usual', overlap };
  if (overlap <= 0.6 + SLACK) return { kind: 'tell', strength: 'partial', overlap };
  return { kind: 'none', overlap };
}
