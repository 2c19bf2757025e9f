import { applies, leavesUnder } from '../characters/index.ts';
import type { Character, Vocabulary } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { distributionOf, easeOf } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';
import { ASKED_OF } from './types.ts';
import type { KeyOptions } from './types.ts';

/** Instead of a mask of states: nothing recorded or nothing seen, or it does not apply or a caution forbids it. */
export const NONE = 0;
export const OFF = -1;

/** A character as a key may ask it: what each member shows of it. */
export interface Asked {
  readonly character: Character;
  readonly effort: number;
  /** Finest states that any member shows; at most 31. */
  readonly states: readonly string[];
  /** For each member a mask of those states, `NONE` or `OFF`. */
  readonly masks: Int32Array;
  /** Shares of each member's states, as many to a member as there are states. */
  readonly shares: Float64Array;
  /** Groups of states that make sense together: all under a broader one, or below a step of an ordered character. */
  readonly groups: readonly number[];
  /** For numbers instead of states: the lowest and highest a member shows, NaN where nothing is recorded. */
  readonly low: Float64Array | null;
  readonly high: Float64Array | null;
}

const MOST_STATES = 31;

function groupsOf(character: Character, states: readonly string[]): readonly number[] {
  const maskOf = (some: readonly string[]): number =>
    states.reduce((mask, s, i) => (some.includes(s) ? mask | (1 << i) : mask), 0);
  const all = 2 ** states.length - 1;
  const broad = character.states
    .filter((s) => character.states.some((t) => t.parent === s.id))
    .map((s) => maskOf(leavesUnder(character, s.id)));
  const order = character.states.flatMap((s) => (states.includes(s.id) ? [s.id] : []));
  const steps =
    character.kind === 'ordered' ? order.slice(1).map((_, i) => maskOf(order.slice(0, i + 1))) : [];
  return [...new Set([...broad, ...steps])].filter((m) => m !== 0 && m !== all);
}

function asked(
  character: Character,
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
): Asked | null {
  const values = list.map((d) => {
    const value = d.values.get(character.id)?.value;
    // While one of which it is forbidden is still possible, nobody is asked to do it.
    if (character.needs.some((n) => d.subject.forbids?.includes(n))) return OFF;
    if (value?.kind === 'inapplicable') return OFF;
    if (!value) return applies(character, d.values, vocabulary) === 'no' ? OFF : null;
    const { seen } = visible(d.subject, character, conditions);
    return seen === 'yes' || seen === 'partly' ? distributionOf(character, value) : null;
  });
  const numeric =
    values.some((v) => v !== null && v !== OFF && v.kind === 'density') || character.kind === 'count';
  const masks = new Int32Array(list.length);
  const base = { character, effort: easeOf(character), masks };
  if (numeric) {
    const low = new Float64Array(list.length).fill(NaN);
    const high = new Float64Array(list.length).fill(NaN);
    values.forEach((v, i) => {
      if (v === OFF) masks[i] = OFF;
      if (v === null || v === OFF || v.kind === 'set') return;
      const numbers = v.kind === 'density' ? [v.low, v.high] : [...v.p.keys()].map(Number);
      low[i] = Math.min(...numbers);
      high[i] = Math.max(...numbers);
      masks[i] = 1;
    });
    const known = low.some((n) => !Number.isNaN(n));
    return known ? { ...base, states: [], shares: new Float64Array(0), groups: [], low, high } : null;
  }
  const shown = new Set<string>();
  const shareOf = values.map((v) => {
    if (v === null || v === OFF || v.kind === 'density') return null;
    const p = v.kind === 'set' ? new Map([...v.states].map((s) => [s, 1 / v.states.size])) : v.p;
    for (const s of p.keys()) shown.add(s);
    return p;
  });
  const states = [...shown];
  if (states.length < 2 || states.length > MOST_STATES) return null;
  const shares = new Float64Array(list.length * states.length);
  values.forEach((v, i) => {
    if (v === OFF) masks[i] = OFF;
    states.forEach((s, k) => {
      const p = shareOf[i]?.get(s) ?? 0;
      shares[i * states.length + k] = p;
      if (p > 0) masks[i] = (masks[i] ?? 0) | (1 << k);
    });
  });
  return { ...base, states, shares, groups: groupsOf(character, states), low: null, high: null };
}

/** The characters a key for an audience may ask under the conditions. */
export const askedOf = (
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  { audience, forbidden }: Pick<KeyOptions, 'audience' | 'forbidden'>,
): readonly Asked[] => {
  const { effort, without } = ASKED_OF[audience];
  return [...vocabulary.values()]
    .filter((c) => !c.retired && c.effort <= effort && !forbidden.has(c.id) && c.organ !== 'site')
    .filter((c) => !c.needs.some((n) => without.includes(n)))
    .flatMap((c) => asked(c, list, vocabulary, conditions) ?? []);
};
