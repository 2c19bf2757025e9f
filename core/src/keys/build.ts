import type { Vocabulary } from '../characters/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { Described } from '../tells/index.ts';
import { askedOf } from './asked.ts';
import type { Asked } from './asked.ts';
import { splitsOf } from './splits.ts';
import type { Member, Split } from './splits.ts';
import { MOST_PLACES } from './types.ts';
import type { Key, KeyNode, KeyOptions, Surplus } from './types.ts';

const BEAM = 8;
/** In a node of more members than `SMALL` fewer splits are weighed, since each costs a whole subtree by one step. */
const NARROW = 2;
/** Up to so many members every one of the beam's splits is followed to its end: of a short list, and within a long one. */
const SMALL = 12;
const SMALL_IN_LONG = 6;
/** What leaving two species together costs, in effort: any look that parts them is cheaper. */
const TOGETHER = 12;

const keyOf = (node: readonly Member[]): string => {
  let key = '';
  for (const m of node) key += `${m.i}:${m.weight.toFixed(4)}:${m.places};`;
  return key;
};
const weightOf = (node: readonly Member[]): number => node.reduce((sum, m) => sum + m.weight, 0);
const leftTogether = (node: readonly Member[]): number => weightOf(node) * TOGETHER * (node.length - 1);

export interface Costed {
  readonly cost: number;
  /** Null where nothing parts the members. */
  readonly split: Split | null;
}

export interface Planner {
  readonly plan: (node: readonly Member[]) => Costed;
}

/**
 * Chooses the split of each node. Expected effort is least where the sum over the members of their weight times the
 * effort on their way is least; the exact least is NP-hard (Hyafil and Rivest 1976). The eight best by one-step gain
 * are followed to their end in small nodes; in large ones each is weighed with the rest done by one-step gain. What was
 * worked out for a set of members is kept.
 * @param beam how many splits are weighed; Infinity for the exact least.
 */
export function planner(all: readonly Asked[], leads: number, beam = BEAM, small = SMALL): Planner {
  const plans = new Map<string, Costed>();
  const quick = new Map<string, number>();
  const through = (node: readonly Member[], s: Split, rest: (n: readonly Member[]) => number): number =>
    weightOf(node) * s.asked.effort + s.penalty + s.members.reduce((sum, m) => sum + rest(m), 0);
  const greedy = (node: readonly Member[]): number => {
    if (node.length < 2) return 0;
    const key = keyOf(node);
    const known = quick.get(key);
    if (known !== undefined) return known;
    const [best] = splitsOf(all, node, leads, 1);
    const cost = best ? through(node, best, greedy) : leftTogether(node);
    quick.set(key, cost);
    return cost;
  };
  const plan = (node: readonly Member[]): Costed => {
    if (node.length < 2) return { cost: 0, split: null };
    const key = keyOf(node);
    const known = plans.get(key);
    if (known) return known;
    const follow = node.length <= small ? (n: readonly Member[]): number => plan(n).cost : greedy;
    let found: Costed = { cost: leftTogether(node), split: null };
    const width = node.length <= small ? beam : Math.min(beam, NARROW);
    for (const split of splitsOf(all, node, leads, width)) {
      const cost = through(node, split, follow);
      if (cost < found.cost - 1e-12) found = { cost, split };
    }
    plans.set(key, found);
    return found;
  };
  return { plan };
}

export const startOf = (list: readonly Described[]): readonly Member[] =>
  list.map((_, i) => ({ i, weight: 1, places: MOST_PLACES }));

/**
 * An identification key for a list under conditions: up to four leads a couplet, species that vary in several places,
 * numbers broken in gaps, least expected effort as far as the search reaches. Source: docs/formulas.md, Keys.
 * @param onProgress told after every couplet with how many of the list have been keyed out; return false to stop.
 * @returns null where it was stopped; a pinned character that parts nothing is left out, as `first` of the root shows.
 */
export function buildKey(
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  options: KeyOptions,
  onProgress?: (done: number, total: number) => boolean,
): Key | null {
  const all = askedOf(list, vocabulary, conditions, options);
  const small = list.length <= SMALL ? SMALL : SMALL_IN_LONG;
  const { plan } = planner(all, options.leads, BEAM, small);
  const surplus: Surplus[] = [];
  let effort = 0;
  let length = 0;
  let done = 0;
  let stopped = false;
  const pinned = (node: readonly Member[]): Split | undefined =>
    splitsOf(all, node, options.leads, Infinity, true).find((s) => s.asked.character.id === options.first);
  const grow = (node: readonly Member[], split: Split | null): KeyNode => {
    const species = node.map((m) => m.i);
    if (!split || stopped) {
      done += weightOf(node);
      return { kind: 'end', species };
    }
    const { asked, leads, members } = split;
    const character = asked.character.id;
    for (const s of split.surplus) surplus.push({ species: s, character });
    effort += weightOf(node) * asked.effort;
    length += weightOf(node);
    if (onProgress && !onProgress(Math.round(done), list.length)) stopped = true;
    return {
      kind: 'couplet',
      character,
      species,
      leads: leads.map((l, i) => {
        const next = members[i] ?? [];
        return { ...l, to: grow(next, plan(next).split) };
      }),
    };
  };
  const start = startOf(list);
  const first = options.first === null ? undefined : pinned(start);
  const root = grow(start, first ?? plan(start).split);
  return stopped ? null : { root, surplus, effort: effort / list.length, length: length / list.length };
}
