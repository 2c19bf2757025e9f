import { WEIGHTS, shownStates, stateOf } from '../characters/index.ts';
import type { Profile, RangeValue, StatesValue, Value, Vocabulary } from '../characters/index.ts';
import type { Chance } from './random.ts';

/** What one drawing shows: one state, or one number in the character's unit, for each recorded character. */
export interface Traits {
  /** The state shown, or null where none is recorded. */
  readonly state: (character: string) => string | null;
  /** The number shown, or null where none is recorded. */
  readonly number: (character: string) => number | null;
  readonly has: (character: string) => boolean;
}

type Shown = ReadonlyMap<string, string | number>;

export const traitsFrom = (shown: Shown): Traits => ({
  state: (c) => {
    const v = shown.get(c);
    return typeof v === 'string' ? v : null;
  },
  number: (c) => {
    const v = shown.get(c);
    return typeof v === 'number' ? v : null;
  },
  has: (c) => shown.has(c),
});

/** The middle of a range: geometric, since lengths spread by factors; a count is rounded. */
function middle(v: RangeValue, whole: boolean): number {
  const m = v.low > 0 ? Math.sqrt(v.low * v.high) : (v.low + v.high) / 2;
  return whole ? Math.round(m) : m;
}

/** What is most typical: the first usual state, the middle of each range. */
export function typical(
  profile: Profile | ReadonlyMap<string, { readonly value: Value }>,
  vocabulary: Vocabulary,
): Traits {
  const shown = new Map<string, string | number>();
  for (const [id, { value }] of profile) {
    if (value.kind === 'states') {
      const all = shownStates(value);
      const first = all.find((s) => s.freq === 'usual') ?? all[0];
      if (first) shown.set(id, first.state);
    } else if (value.kind === 'range') shown.set(id, middle(value, vocabulary.get(id)?.kind === 'count'));
  }
  return traitsFrom(shown);
}

/** Half the width of the central 95% of a normal distribution. */
const Z95 = 1.96;

function pickState(value: StatesValue, c: Chance): string | null {
  const all = shownStates(value);
  const total = all.reduce((n, s) => n + WEIGHTS[s.freq], 0);
  let left = c.next() * total;
  for (const s of all) {
    left -= WEIGHTS[s.freq];
    if (left <= 0) return s.state;
  }
  return all.at(-1)?.state ?? null;
}

/** A draw from a range at a standard normal deviate; within the extremes (docs/formulas.md, Distributions). */
function atDeviate(v: RangeValue, z: number): number {
  const [least, most] = [v.xlow ?? v.low, v.xhigh ?? v.high];
  if (v.low === v.high) return v.low;
  const drawn =
    v.low > 0
      ? Math.exp(
          (Math.log(v.low) + Math.log(v.high)) / 2 + (z * (Math.log(v.high) - Math.log(v.low))) / (2 * Z95),
        )
      : (v.low + v.high) / 2 + (z * (v.high - v.low)) / (2 * Z95);
  return Math.max(least, Math.min(most, drawn));
}

/** Even over low to high, the rest on the extremes. */
function atCount(v: RangeValue, c: Chance): number {
  const [least, most] = [v.xlow ?? v.low, v.xhigh ?? v.high];
  if (c.next() < 0.95 || (least === v.low && most === v.high)) {
    return v.low + Math.floor(c.next() * (v.high - v.low + 1));
  }
  const outside = [
    ...Array.from({ length: v.low - least }, (_, i) => least + i),
    ...Array.from({ length: most - v.high }, (_, i) => v.high + 1 + i),
  ];
  return outside[Math.floor(c.next() * outside.length)] ?? v.low;
}

/** Sizes of one organ go together: a long leaf is wide, too. */
const SIZE_OF: readonly (readonly [prefix: string, shared: string])[] = [
  ['leaf.ratio', 'ratio'],
  ['leaf.sinus_depth', 'sinus'],
  ['leaf.', 'leaf'],
  ['needle.', 'needle'],
  ['fruit.', 'fruit'],
  ['twig.', 'twig'],
  ['form.', 'form'],
  ['bark.', 'bark'],
];
/** Share of the variance of a size that its organ's sizes have in common. */
const COMMON = 0.81;

/**
 * One individual within the recorded variation: states at their weights, ranges by their distributions, sizes of one
 * organ kept together. The same seed gives the same individual. Source: docs/formulas.md, Plates.
 */
export function sampled(
  profile: Profile | ReadonlyMap<string, { readonly value: Value }>,
  vocabulary: Vocabulary,
  c: Chance,
): Traits {
  const shown = new Map<string, string | number>();
  for (const [id, { value }] of profile) {
    const own = c.fork(id);
    if (value.kind === 'states') {
      const state = pickState(value, own);
      const character = vocabulary.get(id);
      if (state !== null && (!character || stateOf(character, state))) shown.set(id, state);
    } else if (value.kind === 'range') {
      if (vocabulary.get(id)?.kind === 'count') shown.set(id, atCount(value, own));
      else {
        const shared = SIZE_OF.find(([prefix]) => id.startsWith(prefix))?.[1] ?? id;
        const z =
          Math.sqrt(COMMON) * c.fork(`size/${shared}`).normal() + Math.sqrt(1 - COMMON) * own.normal();
        shown.set(id, atDeviate(value, z));
      }
    }
  }
  return traitsFrom(shown);
}

/** The same individual with one character shown otherwise: a contrast that holds everything else still. */
export const withTrait = (traits: Traits, character: string, value: string | number): Traits => ({
  state: (c) => (c === character ? (typeof value === 'string' ? value : null) : traits.state(c)),
  number: (c) => (c === character ? (typeof value === 'number' ? value : null) : traits.number(c)),
  has: (c) => c === character || traits.has(c),
});
