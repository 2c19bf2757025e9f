import { lessonEffect } from './effect.ts';
import type { EffectOf, FreshCount, LessonEffect } from './effect.ts';
import { MIX_UP_SETTINGS } from './settings.ts';
import type { MixUpSettings } from './settings.ts';

/** Under this many students nothing is said about a class, only about each student. */
export const SMALLEST_CLASS = 10;

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
  /** The same on trees not met before, by class of material: `a` and `a/b`. */
  readonly fresh: ReadonlyMap<string, ReadonlyMap<string, number>>;
}

/** A lesson that took a pair up again. */
export interface RetaughtPair {
  readonly a: string;
  readonly b: string;
  /** ISO. */
  readonly on: string;
}

export type PairStateName = 'new' | 'repeat' | 'stubborn' | 'fading' | 'fixed';

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
export const classThreshold = (
  n: number,
  { fewestStudents, share }: Pick<MixUpSettings, 'fewestStudents' | 'share'> = MIX_UP_SETTINGS,
): number => Math.max(fewestStudents, Math.ceil(share * n - 1e-9));

/** A mix-up of the class as it is followed from sitting to sitting. */
interface Followed {
  readonly a: string;
  readonly b: string;
  readonly lessons: readonly RetaughtPair[];
  /** Whether it is more than slips over the sittings returned so far. */
  readonly flagged: boolean;
  /** What it is held against: flagged pairs that no lesson took up again. */
  readonly others: readonly EffectOf[];
}

export interface FollowSettings {
  readonly settings: MixUpSettings;
  /** Pairs that are more than slips, as `a/b`; null where that is not asked. */
  readonly flagged: ReadonlySet<string> | null;
}

const EVERYTHING: FollowSettings = { settings: MIX_UP_SETTINGS, flagged: null };

/** Students at trees of a that they had not met before, sitting by sitting and by material. */
export const freshCounts = (
  sittings: readonly SectionSitting[],
  a: string,
  b: string,
): readonly FreshCount[] =>
  sittings.flatMap((s) =>
    [...s.fresh].flatMap(([material, counts]): FreshCount[] => {
      const n = counts.get(a) ?? 0;
      return n === 0 ? [] : [{ seq: s.seq, on: s.on, material, k: counts.get(`${a}/${b}`) ?? 0, n }];
    }),
  );

/** The last lesson helped, and nothing came back over enough looks on new trees since. */
function isFixed(
  pair: Followed,
  shown: readonly SectionSitting[],
  upTo: readonly SectionSitting[],
  { looks }: MixUpSettings,
): boolean {
  const now = upTo.at(-1);
  const [first, last] = [shown[0], shown.at(-1)];
  const lesson = pair.lessons
    .filter((l) => l.on < (now?.on ?? ''))
    .sort((x, y) => x.on.localeCompare(y.on))
    .at(-1);
  if (!lesson || !first || !last || last.on > lesson.on) return false;
  const fresh = freshCounts(upTo, pair.a, pair.b);
  const since = fresh.filter((f) => f.on > lesson.on).reduce((n, f) => n + f.n, 0);
  if (since < looks) return false;
  return lessonEffect({ fresh, flaggedBy: first.seq }, lesson.on, pair.others, looks).verdict === 'helped';
}

function stateAfter(
  state: PairStateName | null,
  isShown: boolean,
  pair: Followed,
  shown: readonly SectionSitting[],
  upTo: readonly SectionSitting[],
  settings: MixUpSettings,
): PairStateName | null {
  if (!isShown) {
    if (state === null) return null;
    return isFixed(pair, shown, upTo, settings) ? 'fixed' : 'fading';
  }
  const now = upTo.at(-1)?.on ?? '';
  const returned = shown.filter((s) => s.returnedOn !== null && s.returnedOn < now);
  if (returned.length === 0 || !pair.flagged)
    return state === null || state === 'fading' || state === 'fixed' ? 'new' : state;
  const first = returned.reduce((least, s) => (s.on < least ? s.on : least), now);
  return pair.lessons.some((l) => l.on > first && l.on < now) ? 'stubborn' : 'repeat';
}

const isOn = (l: RetaughtPair, a: string, b: string): boolean =>
  (l.a === a && l.b === b) || (l.a === b && l.b === a);

/** What every pair that was taught again is held against. */
function untaught(
  pairs: readonly string[],
  sittings: readonly SectionSitting[],
  lessons: readonly RetaughtPair[],
  settings: MixUpSettings,
): readonly EffectOf[] {
  return pairs.flatMap((pair): EffectOf[] => {
    const [a = '', b = ''] = pair.split('/');
    if (lessons.some((l) => isOn(l, a, b))) return [];
    const first = sittings.find(
      (s) =>
        (s.wrote.get(pair) ?? 0) >= classThreshold(s.lookedAt.get(a) ?? 0, settings) && s.lookedAt.has(a),
    );
    return first ? [{ fresh: freshCounts(sittings, a, b), flaggedBy: first.seq }] : [];
  });
}

/**
 * How every directed mix-up of a section stood, with its history. A pair is the class's in a sitting where at least
 * max(3, 15%) of the students who looked at a wrote b. It is *new* then; a *repeat* where it is more than slips and shows
 * again after results of a sitting that showed it were returned; *stubborn* where a lesson took it up in between; *fading*
 * once it does not show although a was asked; *fixed* where that lesson helped and nothing came back over enough looks on
 * new trees. Source: docs/formulas.md, Mix-ups that repeat.
 * @param sittings in the order in which they were held.
 */
export function pairStates(
  sittings: readonly SectionSitting[],
  lessons: readonly RetaughtPair[],
  { settings, flagged }: FollowSettings = EVERYTHING,
): readonly PairInterval[] {
  const large = sittings.filter((s) => s.students >= SMALLEST_CLASS);
  const pairs = [...new Set(large.flatMap((s) => [...s.wrote.keys()]))].sort();
  const isFlagged = (pair: string): boolean => flagged === null || flagged.has(pair);
  const others = untaught(pairs.filter(isFlagged), large, lessons, settings);
  return pairs.flatMap((pair) => {
    const [a = '', b = ''] = pair.split('/');
    const own = lessons.filter((l) => isOn(l, a, b));
    return follow({ a, b, lessons: own, flagged: isFlagged(pair), others }, large, settings);
  });
}

/** What followed each lesson on a pair in one direction; nothing where it was never the class's. */
export function effectsOn(
  a: string,
  b: string,
  sittings: readonly SectionSitting[],
  lessons: readonly RetaughtPair[],
  { settings, flagged }: FollowSettings = EVERYTHING,
): readonly { readonly on: string; readonly effect: LessonEffect }[] {
  const large = sittings.filter((s) => s.students >= SMALLEST_CLASS);
  const first = large.find((s) => {
    const n = s.lookedAt.get(a) ?? 0;
    return n > 0 && (s.wrote.get(`${a}/${b}`) ?? 0) >= classThreshold(n, settings);
  });
  if (!first) return [];
  const pairs = [...new Set(large.flatMap((s) => [...s.wrote.keys()]))].filter(
    (p) => flagged === null || flagged.has(p),
  );
  const others = untaught(pairs, large, lessons, settings);
  const pair: EffectOf = { fresh: freshCounts(large, a, b), flaggedBy: first.seq };
  return lessons
    .filter((l) => isOn(l, a, b))
    .map((l) => ({ on: l.on, effect: lessonEffect(pair, l.on, others, settings.looks) }));
}

function follow(
  pair: Followed,
  sittings: readonly SectionSitting[],
  settings: MixUpSettings,
): readonly PairInterval[] {
  const { a, b } = pair;
  const found: PairInterval[] = [];
  const shown: SectionSitting[] = [];
  let state: PairStateName | null = null;
  for (const [i, sitting] of sittings.entries()) {
    const n = sitting.lookedAt.get(a) ?? 0;
    if (n === 0) continue;
    const k = sitting.wrote.get(`${a}/${b}`) ?? 0;
    const isShown = k >= classThreshold(n, settings);
    const next = stateAfter(state, isShown, pair, shown, sittings.slice(0, i + 1), settings);
    if (isShown) shown.push(sitting);
    if (next === state || next === null) continue;
    const open = found.at(-1);
    if (open) found[found.length - 1] = { ...open, toSeq: sitting.seq };
    found.push({ a, b, state: next, fromSeq: sitting.seq, toSeq: null, k, n });
    state = next;
  }
  return found;
}
