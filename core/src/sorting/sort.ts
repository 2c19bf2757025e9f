import type { Vocabulary } from '../characters/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { askedOf } from '../keys/index.ts';
import type { Asked, Audience } from '../keys/index.ts';
import { missRate } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';

export interface Pile {
  readonly states: readonly string[];
  readonly members: readonly number[];
  /** How the pile is sorted further; null where it is small enough. */
  readonly next: Step | null;
}

/** One step of a nested sort: cards that are in one pile are put into two or three by one character. */
export interface Step {
  readonly character: string;
  readonly piles: readonly Pile[];
  /** Members of which some individuals belong in another pile: they will be argued over. */
  readonly argued: readonly number[];
  /** Members of which it is not recorded; laid aside. */
  readonly aside: readonly number[];
}

export interface SortOptions {
  readonly audience: Audience;
  /** Piles of up to so many cards are not sorted further. */
  readonly enough: number;
  readonly steps: number;
}

const SURE = 0.95;
/** One pile that takes nearly all is no step: eight to one at most. */
const LEAST_EVEN = 0.5;
/** A step is left out where more of the cards than this are argued over or laid aside. */
const MOST_UNSURE = 1 / 3;

interface Dealt {
  readonly masks: readonly number[];
  readonly piles: readonly (readonly number[])[];
  readonly argued: readonly number[];
  readonly aside: readonly number[];
}

/** Deals members by groups of states: each where most of its individuals belong. */
function deal(a: Asked, members: readonly number[], masks: readonly number[]): Dealt {
  const piles: number[][] = masks.map(() => []);
  const argued: number[] = [];
  const aside: number[] = [];
  const n = a.states.length;
  for (const m of members) {
    if ((a.masks[m] ?? 0) <= 0) {
      aside.push(m);
      continue;
    }
    const shares = masks.map((mask) =>
      a.states.reduce((sum, _, k) => (mask & (1 << k) ? sum + (a.shares[m * n + k] ?? 0) : sum), 0),
    );
    const best = shares.indexOf(Math.max(...shares));
    piles[best]?.push(m);
    if ((shares[best] ?? 0) < SURE) argued.push(m);
  }
  return { masks, piles, argued, aside };
}

/** Evenness of the piles, 0 where one takes all, 1 where all are of a size. */
function evenness(piles: readonly (readonly number[])[]): number {
  const total = piles.reduce((sum, p) => sum + p.length, 0);
  const h = piles.reduce(
    (sum, { length }) => (length === 0 ? sum : sum - (length / total) * Math.log2(length / total)),
    0,
  );
  return piles.length < 2 ? 0 : h / Math.log2(piles.length);
}

/**
 * A pile that is told by one or two states is easily named; each further state makes the step harder. What is rare on each
 * of its members need not be named.
 */
const NAMED_BY = 2;
const WORTH_NAMING = 0.25;
const HARDER = 0.35;

/** Even piles, easily made, easily named and hardly argued over: what a step is worth. */
function worth(a: Asked, d: Dealt, members: number): number {
  const unsure = (2 * (d.argued.length + d.aside.length)) / members;
  const further = d.masks.reduce((sum, mask, i) => {
    const pile = d.piles[i] ?? [];
    const isNamed = (k: number): boolean =>
      pile.some((m) => (a.shares[m * a.states.length + k] ?? 0) >= WORTH_NAMING);
    const states = a.states.filter((_, k) => mask & (1 << k) && isNamed(k)).length;
    return sum + Math.max(0, states - NAMED_BY);
  }, 0);
  const sure = (1 - unsure) / (1 + HARDER * further);
  return (evenness(d.piles) * Math.max(0, sure) * (1 - missRate(a.character).rate)) / a.effort;
}

function stepsOf(a: Asked, members: readonly number[]): readonly Dealt[] {
  if (a.low || members.some((m) => (a.masks[m] ?? 0) < 0)) return [];
  let present = 0;
  for (const m of members) present |= a.masks[m] ?? 0;
  const each = a.states.map((_, k) => 1 << k).filter((b) => present & b);
  if (each.length < 2) return [];
  const ways = each.length <= 3 ? [each] : [];
  if (each.length > 2) {
    for (const g of [...each, ...a.groups.map((x) => x & present)]) {
      if (g !== 0 && g !== present) ways.push([g, present & ~g]);
    }
  }
  return ways.map((w) => deal(a, members, w)).filter((d) => d.piles.every((p) => p.length > 0));
}

/**
 * A nested sort of a list for beginners: step by step the character that makes the evenest piles most easily, with those
 * that will be argued over. A character is asked once on any way down.
 */
export function nestedSort(
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  { audience, enough, steps }: SortOptions,
): Step | null {
  const all = askedOf(list, vocabulary, conditions, { audience, forbidden: new Set() });
  const sort = (members: readonly number[], used: ReadonlySet<string>, left: number): Step | null => {
    if (left === 0 || members.length <= enough) return null;
    let best: { a: Asked; d: Dealt; worth: number } | null = null;
    for (const a of all) {
      if (used.has(a.character.id)) continue;
      for (const d of stepsOf(a, members)) {
        if ((d.argued.length + d.aside.length) / members.length > MOST_UNSURE) continue;
        if (evenness(d.piles) < LEAST_EVEN) continue;
        const w = worth(a, d, members.length);
        if (w > (best?.worth ?? 0)) best = { a, d, worth: w };
      }
    }
    if (!best) return null;
    const { a, d } = best;
    const next = new Set([...used, a.character.id]);
    return {
      character: a.character.id,
      argued: d.argued,
      aside: d.aside,
      piles: d.piles.map((p, i) => ({
        states: a.states.filter((_, k) => (d.masks[i] ?? 0) & (1 << k)),
        members: p,
        next: sort(p, next, left - 1),
      })),
    };
  };
  return sort(
    list.map((_, i) => i),
    new Set(),
    steps,
  );
}
