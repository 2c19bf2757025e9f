import {
  applies,
  characterWords,
  leavesUnder,
  onlyRulesOut,
  ruledOut,
  stateWords,
  valueWords,
  withDescendants,
} from '../characters/index.ts';
import type { Character, StatesValue, Vocabulary, Wording } from '../characters/index.ts';
import { distributionOf, massBetween } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';

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

/** How a described taxon stands to a feature. A character that does not apply is not had. */
export function has(d: Described, feature: Feature, vocabulary: Vocabulary): Has {
  const c = vocabulary.get(feature.character);
  if (!c) return 'unknown';
  const value = d.values.get(c.id)?.value;
  if (value?.kind === 'inapplicable') return 'no';
  if (!value) return applies(c, d.values, vocabulary) === 'no' ? 'no' : 'unknown';
  if (value.kind === 'states' && onlyRulesOut(value)) return notRuledOut(c, value, feature);
  if (value.kind === 'range' && value.more) return fromOn(value.low, feature);
  const dist = distributionOf(c, value);
  if (!dist) return 'unknown';
  let share = 0;
  if ('state' in feature) {
    const wanted = withDescendants(c, feature.state);
    if (dist.kind === 'set') share = wanted.some((w) => dist.states.has(w)) ? 1 : 0;
    else if (dist.kind === 'discrete') for (const [s, p] of dist.p) share += wanted.includes(s) ? p : 0;
    // A broad state may yet turn out to be the finer one asked for.
    if (
      share > 0 &&
      dist.kind === 'discrete' &&
      [...dist.coarse].some((s) => s !== feature.state && !wanted.includes(s))
    )
      return 'unknown';
  } else if (dist.kind === 'discrete') {
    for (const [n, p] of dist.p) if (Number(n) >= feature.low && Number(n) <= feature.high) share += p;
  } else if (dist.kind === 'density') {
    share =
      massBetween(dist.law, Math.max(dist.low, feature.low), Math.min(dist.high, feature.high)) /
      dist.law.mass;
  }
  if (share >= ALWAYS) return 'yes';
  return share > NEVER ? 'sometimes' : 'no';
}

/** A feature in words: “kind of leaf: needle”. */
export function featureWords(feature: Feature, vocabulary: Vocabulary, wording: Wording): string {
  const c = vocabulary.get(feature.character);
  if (!c) return feature.character;
  const said =
    'state' in feature
      ? stateWords(c, feature.state, wording.words)
      : valueWords(
          c,
          { kind: 'range', xlow: null, xhigh: null, entered: '', low: feature.low, high: feature.high },
          wording,
        );
  // Some plain names are questions; within a sentence they are not.
  return `${characterWords(c, wording.words).replace(/\?$/, '')}: ${said}`;
}
