import { applies, leavesUnder, shownStates } from '../characters/index.ts';
import type { Character, RangeValue, Vocabulary } from '../characters/index.ts';
import { distributionOf, massBetween, missRate } from '../tells/index.ts';
import type { Described, Distribution } from '../tells/index.ts';

/** What may be called of a character: a state, one of some bins of numbers, or that it does not apply. */
export type Outcome =
  | { readonly kind: 'state'; readonly state: string }
  | { readonly kind: 'bin'; readonly from: number; readonly to: number }
  | { readonly kind: 'inapplicable' };

/** A character over a list as chances: what would be called of each member, errors included. */
export interface CallTable {
  readonly character: Character;
  readonly outcomes: readonly Outcome[];
  /** Members in rows, outcomes in columns: the chance of each call, or NaN throughout a row that is not recorded. */
  readonly chance: Float64Array;
  readonly recorded: Uint8Array;
  /** Entropy of each row in bits. */
  readonly entropy: Float64Array;
}

/** More bins than this tell no more than these. */
const MOST_BINS = 12;

function numbersOf(v: RangeValue): readonly number[] {
  return [v.xlow, v.low, v.high, v.xhigh].filter((n) => n !== null);
}

/** Bins on the union of the bounds listed; where there are many, on their quantiles. */
function binsOf(character: Character, values: readonly RangeValue[]): readonly Outcome[] {
  const after = character.kind === 'count' ? 1 : 0;
  const bounds = [...new Set(values.flatMap((v) => [...numbersOf(v), ...(after ? [v.high + 1] : [])]))].sort(
    (a, b) => a - b,
  );
  const step = Math.max(1, Math.ceil(bounds.length / MOST_BINS));
  const cuts = bounds.filter((_, i) => i % step === 0);
  return [-Infinity, ...cuts].map((from, i) => ({ kind: 'bin', from, to: cuts[i] ?? Infinity }));
}

function outcomesOf(
  character: Character,
  list: readonly Described[],
  controlled: boolean,
): readonly Outcome[] {
  const values = list.flatMap((d) => d.values.get(character.id)?.value ?? []);
  const ranges = values.filter((v) => v.kind === 'range');
  const shown = new Set(
    values.flatMap((v) => (v.kind === 'states' ? shownStates(v).map((s) => s.state) : [])),
  );
  // States that no member has may still be called in error; those read for one another count among them.
  for (const r of character.readAs) if (shown.has(r.state)) shown.add(r.as);
  const leaves = new Set([...shown].flatMap((s) => leavesUnder(character, s)));
  const own: readonly Outcome[] =
    ranges.length > 0
      ? binsOf(character, ranges)
      : [...leaves].map((state): Outcome => ({ kind: 'state', state }));
  return controlled ? [...own, { kind: 'inapplicable' }] : own;
}

function shareOf(d: Distribution, o: Outcome): number {
  if (o.kind === 'inapplicable') return 0;
  if (d.kind === 'set') return o.kind === 'state' && d.states.has(o.state) ? 1 / d.states.size : 0;
  if (d.kind === 'discrete') {
    if (o.kind === 'state') return d.p.get(o.state) ?? 0;
    let sum = 0;
    for (const [n, p] of d.p) if (Number(n) >= o.from && Number(n) < o.to) sum += p;
    return sum;
  }
  if (o.kind !== 'bin' || d.law.mass === 0) return 0;
  return massBetween(d.law, Math.max(d.low, o.from), Math.min(d.high, o.to)) / d.law.mass;
}

/** Of misreadings whose usual direction is known, this share goes anywhere. */
const ANYWHERE = 0.1;

/**
 * C(s|t): what is read for a true outcome that is misread. Uniform over the others where nothing is known; where the
 * usual directions are known a small share is still spread over all, so that no wrong call rules the truth out.
 */
function confusion(character: Character, outcomes: readonly Outcome[], truth: number): readonly number[] {
  const t = outcomes[truth];
  const known = outcomes.map((o, s) =>
    s !== truth && t?.kind === 'state' && o.kind === 'state'
      ? character.readAs
          .filter((r) => r.state === t.state && r.as === o.state)
          .reduce((sum, r) => sum + r.weight, 0)
      : 0,
  );
  const total = known.reduce((a, b) => a + b, 0);
  const uniform = (s: number): number => (s === truth ? 0 : 1 / (outcomes.length - 1));
  if (total === 0) return outcomes.map((_, s) => uniform(s));
  return known.map((w, s) => (1 - ANYWHERE) * (w / total) + ANYWHERE * uniform(s));
}

const log2 = (p: number): number => (p > 0 ? Math.log2(p) : 0);

/**
 * P(call = s) = Σ_t p(t)·[(1−e)·1(s=t) + e·C(s|t)] for every member and call of one character. Source: docs/formulas.md,
 * Naming a tree.
 * @returns null where nothing of it is recorded.
 */
export function callTable(
  character: Character,
  list: readonly Described[],
  vocabulary: Vocabulary,
): CallTable | null {
  const off = list.map((d) => {
    const value = d.values.get(character.id)?.value;
    return value?.kind === 'inapplicable' || (!value && applies(character, d.values, vocabulary) === 'no');
  });
  const outcomes = outcomesOf(character, list, off.includes(true));
  const n = outcomes.length;
  const recorded = new Uint8Array(list.length);
  if (n < 2) return null;
  const e = missRate(character).rate;
  const read = outcomes.map((_, t) => confusion(character, outcomes, t));
  const chance = new Float64Array(list.length * n);
  const entropy = new Float64Array(list.length);
  list.forEach((d, i) => {
    const value = d.values.get(character.id)?.value;
    const dist = value ? distributionOf(character, value) : null;
    if (!off[i] && !dist) return;
    const truth = outcomes.map((o) =>
      off[i] ? (o.kind === 'inapplicable' ? 1 : 0) : dist ? shareOf(dist, o) : 0,
    );
    const sum = truth.reduce((a, b) => a + b, 0);
    if (sum === 0) return;
    recorded[i] = 1;
    for (let s = 0; s < n; s += 1) {
      let p = ((truth[s] ?? 0) / sum) * (1 - e);
      for (let t = 0; t < n; t += 1) p += ((truth[t] ?? 0) / sum) * e * (read[t]?.[s] ?? 0);
      chance[i * n + s] = p;
      entropy[i] = (entropy[i] ?? 0) - p * log2(p);
    }
  });
  return recorded.some((r) => r === 1) ? { character, outcomes, chance, recorded, entropy } : null;
}
