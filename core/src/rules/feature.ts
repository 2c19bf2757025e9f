import {
  applies,
  clauseAbout,
  leavesUnder,
  onlyRulesOut,
  ruledOut,
  withDescendants,
} from '../characters/index.ts';
import type { Character, StatesValue, Value, Vocabulary, Wording } from '../characters/index.ts';
import { distributionOf, massBetween } from '../tells/index.ts';
import type { Described, Distribution } from '../tells/index.ts';

/** A state of a character, or a range of its numbers, both ends in it. */
export type Feature =
  | { readonly character: string; readonly state: string }
  | { readonly character: string; readonly low: number; readonly high: number };

/** Whether a taxon has a feature: always, sometimes, never, or it is not recorded. */
export type Has = 'yes' | 'sometimes' | 'no' | 'unknown';

/** From this share of individuals on a feature is had; the rest is as rare as a rare state. */
const ALWAYS = 0.95;
const NEVER = 1e-9;

/** Where only what it does not show is recorded, anything else may be. */
function notRuledOut(c: Character, value: StatesValue, feature: Feature): Has {
  const never = ruledOut(c, value);
  const isOut = 'state' in feature && leavesUnder(c, feature.state).every((leaf) => never.has(leaf));
  return isOut ? 'no' : 'unknown';
}

/** A number that is at least some least one: above a feature for certain, or anywhere from there on. */
function fromOn(least: number, feature: Feature): Has {
  if (!('low' in feature)) return 'unknown';
  return feature.high < least ? 'no' : 'unknown';
}

/** States that are kinds of another without standing under it, since they are told apart where both are seen. */
const KINDS: Readonly<Record<string, Readonly<Record<string, readonly string[]>>>> = {
  // A tree that keeps its dead leaves is still one that does not stay green.
  'leaf.persistence': { deciduous: ['marcescent'] },
};

const wantedStates = (c: Character, states: readonly string[]): readonly string[] =>
  states.flatMap((s) => [...withDescendants(c, s), ...(KINDS[c.id]?.[s] ?? [])]);

/** A measured number is another within this share of it. */
const SAME = 0.1;

/** One number asked of one recorded or measured: the same within the counting step or a tenth. */
function isNumber(c: Character, value: Value, asked: number): boolean {
  if (value.kind !== 'range' || value.low !== value.high) return false;
  const step = c.kind === 'count' ? 0 : SAME * asked;
  return Math.abs(value.low - asked) <= step;
}

/** The share of individuals that show one of several states of a character; null where a broader state leaves it open. */
function shareOfStates(c: Character, dist: Distribution, states: readonly string[]): number | null {
  const wanted = wantedStates(c, states);
  if (dist.kind === 'set') return wanted.some((w) => dist.states.has(w)) ? 1 : 0;
  if (dist.kind !== 'discrete') return 0;
  let share = 0;
  for (const [s, p] of dist.p) share += wanted.includes(s) ? p : 0;
  // A broad state may yet turn out to be the finer one asked for.
  const open = [...dist.coarse].some((s) => !states.includes(s) && !wanted.includes(s));
  return share > 0 && open ? null : share;
}

function shareBetween(dist: Distribution, low: number, high: number): number {
  let share = 0;
  if (dist.kind === 'discrete') {
    for (const [n, p] of dist.p) if (Number(n) >= low && Number(n) <= high) share += p;
  } else if (dist.kind === 'density') {
    share = massBetween(dist.law, Math.max(dist.low, low), Math.min(dist.high, high)) / dist.law.mass;
  }
  return share;
}

const byShare = (share: number): Has => (share >= ALWAYS ? 'yes' : share > NEVER ? 'sometimes' : 'no');

/** How a described taxon stands to a feature. A character that does not apply is not had. */
export function has(d: Described, feature: Feature, vocabulary: Vocabulary): Has {
  const c = vocabulary.get(feature.character);
  if (!c) return 'unknown';
  const value = d.values.get(c.id)?.value;
  if (value?.kind === 'inapplicable') return 'no';
  if (!value) return applies(c, d.values, vocabulary) === 'no' ? 'no' : 'unknown';
  if (value.kind === 'states' && onlyRulesOut(value)) return notRuledOut(c, value, feature);
  if (value.kind === 'range' && value.more) return fromOn(value.low, feature);
  if ('low' in feature && feature.low === feature.high && isNumber(c, value, feature.low)) return 'yes';
  const dist = distributionOf(c, value);
  if (!dist) return 'unknown';
  const share =
    'state' in feature
      ? shareOfStates(c, dist, [feature.state])
      : shareBetween(dist, feature.low, feature.high);
  return share === null ? 'unknown' : byShare(share);
}

/** How a described taxon stands to one of several features: states of one character are one question. */
export function hasOneOf(d: Described, features: readonly Feature[], vocabulary: Vocabulary): Has {
  const states = features.flatMap((f) => ('state' in f ? [f.state] : []));
  const [first] = features;
  const c = first ? vocabulary.get(first.character) : undefined;
  const value = c ? d.values.get(c.id)?.value : undefined;
  const oneQuestion =
    states.length === features.length && features.every((f) => f.character === first?.character);
  if (c && value?.kind === 'states' && oneQuestion && !onlyRulesOut(value)) {
    const dist = distributionOf(c, value);
    const share = dist ? shareOfStates(c, dist, states) : null;
    return share === null ? 'unknown' : byShare(share);
  }
  const each = features.map((f) => has(d, f, vocabulary));
  return (['yes', 'sometimes', 'unknown'] as const).find((h) => each.includes(h)) ?? 'no';
}

/**
 * How one species stands to a range it is said to have as a whole: one value inside it is not that range, and neither is a
 * range that it only touches.
 */
export function hasWhole(d: Described, feature: Feature, vocabulary: Vocabulary): Has {
  const found = has(d, feature, vocabulary);
  const value = d.values.get(feature.character)?.value;
  if (found !== 'yes' || !('low' in feature) || feature.low === feature.high) return found;
  const single = value?.kind === 'range' && (value.xlow ?? value.low) === (value.xhigh ?? value.high);
  return single ? 'sometimes' : 'yes';
}

/** A feature as a clause, in which `*` is whoever it speaks of: *leaves are needles*, *`*` drops its leaves in winter*. */
export function featureClause(
  feature: Feature,
  vocabulary: Vocabulary,
  wording: Wording,
  freq: 'usual' | 'never' = 'usual',
): string {
  const c = vocabulary.get(feature.character);
  if (!c) return feature.character;
  if ('state' in feature)
    return clauseAbout(c, { kind: 'states', states: [{ state: feature.state, freq }] }, wording);
  const { low, high } = feature;
  const said = clauseAbout(c, { kind: 'range', xlow: null, xhigh: null, entered: '', low, high }, wording);
  return freq === 'never' ? `it is not so that ${said}` : said;
}
