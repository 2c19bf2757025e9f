/** Under this many students nothing is said about a class, only about each student. */
export const SMALLEST_CLASS = 10;
const FEWEST_STUDENTS = 3;
const SHARE = 0.15;

/** One graded sitting of a section, in the order in which they were held. */
export interface SectionSitting {
  /** Its place in that order, from 1. */
  readonly seq: number;
  /** The day it was held, ISO. */
  readonly on: string;
  /** The day its results were returned, ISO; null where they were not. */
  readonly returnedOn: string | null;
  /** Students who took part. */
  readonly students: number;
  /** Students who looked at a species, by species. */
  readonly lookedAt: ReadonlyMap<string, number>;
  /** Students who wrote b at a tree of a at least once, by `a/b`. */
  readonly wrote: ReadonlyMap<string, number>;
}

/** A lesson that took a pair up again. */
export interface RetaughtPair {
  readonly a: string;
  readonly b: string;
  /** ISO. */
  readonly on: string;
}

export type PairStateName = 'new' | 'repeat' | 'stubborn' | 'fading';

export interface PairInterval {
  /** The tree was a, and b was written. */
  readonly a: string;
  readonly b: string;
  readonly state: PairStateName;
  readonly fromSeq: number;
  /** The sitting that ended it; null while it holds. */
  readonly toSeq: number | null;
  /** Students who wrote b in the sitting that began it, of those who looked at a. */
  readonly k: number;
  readonly n: number;
}

/** How many of n students must mix a pair up for it to be the class's. */
export const classThreshold = (n: number): number => Math.max(FEWEST_STUDENTS, Math.ceil(SHARE * n));

function stateAfter(
  state: PairStateName | null,
  isShown: boolean,
  before: readonly SectionSitting[],
  now: SectionSitting,
  lessons: readonly RetaughtPair[],
): PairStateName | null {
  if (!isShown) return state === null ? null : 'fading';
  const returned = before.filter((s) => s.returnedOn !== null && s.returnedOn < now.on);
  if (returned.length === 0) return state === null || state === 'fading' ? 'new' : state;
  const first = returned.reduce((least, s) => (s.on < least ? s.on : least), now.on);
  return lessons.some((l) => l.on > first && l.on < now.on) ? 'stubborn' : 'repeat';
}

/**
 * How every directed mix-up of a section stood, with its history. A pair is the class's in a sitting where at least
 * max(3, 15%) of the students who looked at a wrote b. It is *new* then; a *repeat* where it shows again after results
 * of a sitting that showed it were returned; *stubborn* where a lesson took it up in between; *fading* once it does not
 * show although a was asked. Source: docs/formulas.md, Mix-ups that repeat.
 * @param sittings in the order in which they were held.
 */
export function pairStates(
  sittings: readonly SectionSitting[],
  lessons: readonly RetaughtPair[],
): readonly PairInterval[] {
  const large = sittings.filter((s) => s.students >= SMALLEST_CLASS);
  const pairs = [...new Set(large.flatMap((s) => [...s.wrote.keys()]))].sort();
  return pairs.flatMap((pair) => {
    const [a = '', b = ''] = pair.split('/');
    const own = lessons.filter((l) => (l.a === a && l.b === b) || (l.a === b && l.b === a));
    const found: PairInterval[] = [];
    const shown: SectionSitting[] = [];
    let state: PairStateName | null = null;
    for (const sitting of large) {
      const n = sitting.lookedAt.get(a) ?? 0;
      if (n === 0) continue;
      const k = sitting.wrote.get(pair) ?? 0;
      const isShown = k >= classThreshold(n);
      const next = stateAfter(state, isShown, shown, sitting, own);
      if (isShown) shown.push(sitting);
      if (next === state || next === null) continue;
      const open = found.at(-1);
      if (open) found[found.length - 1] = { ...open, toSeq: sitting.seq };
      found.push({ a, b, state: next, fromSeq: sitting.seq, toSeq: null, k, n });
      state = next;
    }
    return found;
  });
}
