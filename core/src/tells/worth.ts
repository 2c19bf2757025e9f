import { applies, shownStates } from '../characters/index.ts';
import type { Character, Vocabulary } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { easeOf } from './missRate.ts';
import { isOpen, separate } from './separation.ts';
import { comparePair } from './tells.ts';
import type { Described, PairReport } from './tells.ts';

/** A value that is not recorded and the pairs it might settle. */
export interface WorthRecording {
  readonly taxon: string;
  readonly character: string;
  /** Pairs that it would settle if it comes out as expected; the other taxon of each. */
  readonly settles: readonly string[];
  /** Expected number of pairs settled, with the chance of each that the two differ. */
  readonly expected: number;
}

/** Taken where nothing is known of how a character varies on the list. */
const UNKNOWN_CHANCE = 0.5;
/** A value that must be recorded on both sides is worth half of one that waits on one side only. */
const BOTH_SIDES = 0.5;

const needsWork = (r: PairReport): boolean => r.verdict !== 'told';

/** Nothing is asked for that would settle fewer pairs than this, as far as can be expected. */
const LEAST_GAIN = 0.05;

/**
 * How likely two species of this list differ clearly in a character: the share of pairs of recorded members that it
 * tells, drawn toward one half by two imagined pairs.
 */
function chances(list: readonly Described[], characters: readonly Character[]): ReadonlyMap<string, number> {
  const found = new Map<string, number>();
  for (const c of characters) {
    const values = list
      .flatMap((d) => d.values.get(c.id)?.value ?? [])
      .filter((v) => v.kind !== 'inapplicable');
    let told = 0;
    let pairs = 0;
    values.forEach((a, i) => {
      for (const b of values.slice(i + 1)) {
        const s = separate(c, a, b);
        if (s.kind === 'unknown' || s.kind === 'inapplicable') continue;
        pairs += 1;
        if (s.kind === 'tell' && s.strength !== 'partial') told += 1;
      }
    });
    found.set(c.id, (told + 2 * UNKNOWN_CHANCE) / (pairs + 2));
  }
  return found;
}

/** Whether a value is there that need not be asked for: one of the taxon, or a group's that leaves nothing open. */
function settled(d: Described, character: string): boolean {
  const found = d.values.get(character);
  if (!found) return false;
  const { value } = found;
  if (!found.shipped) return !isOpen(value);
  if (value.kind === 'states') return shownStates(value).length === 1;
  return value.kind !== 'range' || (value.low === value.high && !isOpen(value));
}

interface Candidate {
  readonly taxon: string;
  readonly character: Character;
  /** Pair index to the chance that this value settles it. */
  readonly pairs: Map<number, number>;
}

/** Values missing of a pair that could be looked for under the conditions. */
function* gaps(
  a: Described,
  b: Described,
  characters: readonly Character[],
  vocabulary: Vocabulary,
  conditions: Conditions,
): Generator<{ taxon: string; character: Character; both: boolean }> {
  for (const c of characters) {
    const [hasA, hasB] = [settled(a, c.id), settled(b, c.id)];
    if (hasA && hasB) continue;
    if (applies(c, a.values, vocabulary) === 'no' || applies(c, b.values, vocabulary) === 'no') continue;
    if (visible(a.subject, c, conditions).seen === 'no' || visible(b.subject, c, conditions).seen === 'no')
      continue;
    if (!hasA) yield { taxon: a.id, character: c, both: !hasB };
    if (!hasB) yield { taxon: b.id, character: c, both: !hasA };
  }
}

export interface WorthOptions {
  readonly most: number;
  /** Called as pairs are looked at; return false to stop. */
  readonly onProgress?: (done: number, total: number) => boolean;
}

/**
 * For a list, the few values that would settle the most pairs that are unproven or only weakly told, easiest first
 * where worth is equal. A greedy cover: each value is counted for the pairs that those before it leave open, since
 * one good tell settles a pair. Source: docs/domain.md, Taxa.
 * @returns null where it was stopped.
 */
export function worthRecording(
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  expected: ReadonlySet<string>,
  options: WorthOptions,
): { readonly open: number; readonly values: readonly WorthRecording[] } | null {
  const characters = [...vocabulary.values()].filter((c) => !c.retired && c.effort < 5);
  const chance = chances(list, characters);
  const candidates = new Map<string, Candidate>();
  const pairs: (readonly [string, string])[] = [];
  const total = (list.length * (list.length - 1)) / 2;
  let done = 0;
  for (const [i, a] of list.entries()) {
    for (const b of list.slice(i + 1)) {
      done += 1;
      if (options.onProgress && done % 50 === 0 && !options.onProgress(done, total)) return null;
      if (!needsWork(comparePair(a, b, vocabulary, conditions, expected))) continue;
      const index = pairs.push([a.id, b.id]) - 1;
      for (const gap of gaps(a, b, characters, vocabulary, conditions)) {
        const key = `${gap.taxon}/${gap.character.id}`;
        const had = candidates.get(key) ?? { taxon: gap.taxon, character: gap.character, pairs: new Map() };
        had.pairs.set(index, (chance.get(gap.character.id) ?? UNKNOWN_CHANCE) * (gap.both ? BOTH_SIDES : 1));
        candidates.set(key, had);
      }
    }
  }
  return { open: pairs.length, values: cover([...candidates.values()], pairs, options.most) };
}

function cover(
  candidates: readonly Candidate[],
  pairs: readonly (readonly [string, string])[],
  most: number,
): readonly WorthRecording[] {
  const openness = new Array<number>(pairs.length).fill(1);
  const left = new Set(candidates);
  const chosen: WorthRecording[] = [];
  while (chosen.length < most && left.size > 0) {
    let best: Candidate | null = null;
    let bestWorth = 0;
    for (const c of left) {
      let worth = 0;
      for (const [pair, p] of c.pairs) worth += p * (openness[pair] ?? 0);
      const per = worth / easeOf(c.character);
      if (per > bestWorth + 1e-12) [best, bestWorth] = [c, per];
    }
    if (!best) break;
    left.delete(best);
    let gained = 0;
    for (const [pair, p] of best.pairs) gained += p * (openness[pair] ?? 0);
    if (gained < LEAST_GAIN) continue;
    for (const [pair, p] of best.pairs) openness[pair] = (openness[pair] ?? 0) * (1 - p);
    const { taxon } = best;
    chosen.push({
      taxon,
      character: best.character.id,
      settles: [...best.pairs.keys()].flatMap((i) => pairs[i]?.find((t) => t !== taxon) ?? []),
      expected: gained,
    });
  }
  return chosen;
}
