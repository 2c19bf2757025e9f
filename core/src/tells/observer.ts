import { leavesUnder } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { distributionOf, massBetween } from './distribution.ts';
import type { Distribution } from './distribution.ts';
import type { Tell } from './tells.ts';

/** Each call of a careful observer is misread this often. Source: docs/formulas.md, A careful observer. */
export const CAREFUL = 0.02;
/** At most this many evidence groups count between two. */
export const MOST_GROUPS = 5;
/** Steps of the grid on which log-likelihood ratios are added up. */
const GRID = 0.02;

type Density = Extract<Distribution, { kind: 'density' }>;

/** Shares of distributions over outcomes that all are called by: bins on the bounds of measured ranges. */
function binned(all: readonly Density[]): readonly Float64Array[] {
  const cuts = [...new Set(all.flatMap((d) => [d.low, d.high]))].sort((x, y) => x - y);
  const share = (d: Density, from: number, to: number): number =>
    d.law.mass === 0 ? 0 : massBetween(d.law, Math.max(d.low, from), Math.min(d.high, to)) / d.law.mass;
  return all.map((d) => Float64Array.from(cuts.slice(1), (to, i) => share(d, cuts[i] ?? 0, to)));
}

/** Shares over states or numbers. */
function counted(c: Character, all: readonly Distribution[]): readonly Float64Array[] {
  const of = (d: Distribution): ReadonlyMap<string, number> =>
    d.kind === 'discrete'
      ? d.p
      : d.kind === 'set'
        ? new Map([...d.states].map((s) => [s, 1 / d.states.size]))
        : new Map();
  const shares = all.map(of);
  const places = new Map<string, number>();
  const note = (k: string): void => void (places.has(k) || places.set(k, places.size));
  for (const s of shares)
    for (const k of s.keys())
      if (c.states.length > 0) leavesUnder(c, k).forEach(note);
      else note(k);
  return shares.map((s) => {
    const found = new Float64Array(places.size);
    for (const [k, p] of s) {
      const at = places.get(k);
      if (at !== undefined) found[at] = p;
    }
    return found;
  });
}

const isDensity = (d: Distribution): d is Density => d.kind === 'density';

/**
 * What is called of each of some distributions of one character, over the same outcomes: its shares, with misreadings
 * shared out evenly over the other outcomes. Where it does not apply to one of them, that is an outcome too.
 * Source: docs/formulas.md, A careful observer.
 */
export function callsOf(
  c: Character,
  all: readonly (Distribution | 'inapplicable')[],
  misread = CAREFUL,
): readonly Float64Array[] {
  const known = all.filter((d) => d !== 'inapplicable');
  const own = known.every(isDensity) ? binned(known) : counted(c, known);
  // Whoever is asked may call that a character does not apply.
  const places = new Map(known.map((d, i) => [d, own[i]] as const));
  const length = own[0]?.length ?? 0;
  const shares =
    known.length === all.length
      ? own
      : all.map((d) =>
          d === 'inapplicable'
            ? Float64Array.from({ length: length + 1 }, (_, k) => (k === length ? 1 : 0))
            : Float64Array.from({ length: length + 1 }, (_, k) => places.get(d)?.[k] ?? 0),
        );
  const n = shares[0]?.length ?? 0;
  if (n < 2) return shares;
  return shares.map((s) => s.map((p) => p * (1 - misread) + ((1 - p) * misread) / (n - 1)));
}

/**
 * The calls of one character between two: how often each call comes at the first and at the second. Calls that say the
 * same of the two are one.
 */
export interface Evidence {
  readonly first: Float64Array;
  readonly second: Float64Array;
}

/** What says nothing: both give the same calls. */
const SILENT: Evidence = { first: Float64Array.of(1), second: Float64Array.of(1) };

const stepOf = (a: number, b: number): number =>
  Math.round(Math.log(Math.max(a, 1e-12) / Math.max(b, 1e-12)) / GRID);

/** Joins calls whose log-likelihood ratios fall on one step of the grid. */
function joined(first: ArrayLike<number>, second: ArrayLike<number>): Evidence {
  const at = new Map<number, number>();
  const a: number[] = [];
  const b: number[] = [];
  for (let k = 0; k < first.length; k += 1) {
    const [p = 0, q = 0] = [first[k], second[k]];
    if (p <= 0 && q <= 0) continue;
    const step = stepOf(p, q);
    const place = at.get(step) ?? a.push(0) - 1;
    if (!at.has(step)) b.push(0);
    at.set(step, place);
    a[place] = (a[place] ?? 0) + p;
    b[place] = (b[place] ?? 0) + q;
  }
  return { first: Float64Array.from(a), second: Float64Array.from(b) };
}

/**
 * What the calls of one character say between two that have these distributions.
 * @param blurred the share of calls that say nothing of the two, because it can be seen only partly; 0 to 1.
 */
export function evidenceOf(
  c: Character,
  p: Distribution | null,
  q: Distribution | null,
  misread = CAREFUL,
  blurred = 0,
): Evidence {
  if (!p || !q) return SILENT;
  const [first, second] = callsOf(c, [p, q], misread);
  if (!first || !second || first.length === 0) return SILENT;
  if (blurred === 0) return joined(first, second);
  const mix = (own: Float64Array, other: Float64Array) =>
    own.map((x, k) => x * (1 - blurred) + ((x + (other[k] ?? 0)) / 2) * blurred);
  return joined(mix(first, second), mix(second, first));
}

/** How two are told by all calls together, for an observer who has the first in front and knows it is one of the two. */
export interface ToldOfTwo {
  /** Expected posterior of the first: E(A,B) = Σ P(y|A)²/(P(y|A)+P(y|B)). */
  readonly expected: number;
  /** How often the likelier of the two is the right one, over both: Σ max(P(y|A), P(y|B))/2. */
  readonly right: number;
}

/** More combined calls than these are joined on the grid. */
const MOST_CALLS = 256;

function both({ first: a, second: b }: Evidence, { first: p, second: q }: Evidence): Evidence {
  const first = new Float64Array(a.length * p.length);
  const second = new Float64Array(first.length);
  let k = 0;
  for (let i = 0; i < a.length; i += 1) {
    const x = a[i] ?? 0;
    const y = b[i] ?? 0;
    for (let j = 0; j < p.length; j += 1, k += 1) {
      first[k] = x * (p[j] ?? 0);
      second[k] = y * (q[j] ?? 0);
    }
  }
  return first.length > MOST_CALLS ? joined(first, second) : { first, second };
}

/** Adds up what independent characters say of two. Source: docs/formulas.md, A careful observer. */
export function toldBy(evidence: readonly Evidence[]): ToldOfTwo {
  const last = evidence.at(-1) ?? SILENT;
  const { first, second } = evidence.slice(0, -1).reduce(both, SILENT);
  let expected = 0;
  let right = 0;
  for (let i = 0; i < first.length; i += 1) {
    const x = first[i] ?? 0;
    const y = second[i] ?? 0;
    for (let j = 0; j < last.first.length; j += 1) {
      const a = x * (last.first[j] ?? 0);
      const b = y * (last.second[j] ?? 0);
      if (a > 0) expected += (a * a) / (a + b);
      right += (a > b ? a : b) / 2;
    }
  }
  return { expected, right };
}

/**
 * How often a careful observer who has the first of two before them, and knows it is one of the two, names it rightly:
 * E(A,B) = Σ P(y|A)²/(P(y|A)+P(y|B)) over the calls of at most the five strongest evidence groups, by adding up
 * log-likelihood ratios on a grid. Never by a class's miss rates. Source: docs/formulas.md, A careful observer.
 * @param tells what parts the two and can be plainly seen, strongest first; of an evidence group the first counts.
 * @returns 0.5 where nothing parts them, towards 1 the better they are parted.
 */
export function careful(
  tells: readonly Pick<Tell, 'character' | 'a' | 'b'>[],
  vocabulary: Vocabulary,
  misread = CAREFUL,
): number {
  const groups = new Map<string, Evidence>();
  for (const t of tells) {
    const c = vocabulary.get(t.character);
    const group = c?.evidenceGroup ?? t.character;
    const [p, q] = [t.a, t.b].map((v: Value) => (c ? distributionOf(c, v) : null));
    if (!c || !p || !q || groups.has(group)) continue;
    if (groups.size === MOST_GROUPS) break;
    groups.set(group, evidenceOf(c, p, q, misread));
  }
  return toldBy([...groups.values()]).expected;
}
