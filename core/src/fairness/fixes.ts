import { addDays } from '../conditions/index.ts';
import { applyChange, barred, changesOf } from '../compare/index.ts';
import type { Change } from '../compare/index.ts';
import type { StationFairness } from './judge.ts';
import { FAIRNESS_ORDER } from './types.ts';
import type { FairnessVerdict, StationMet } from './types.ts';

/** One thing to change at a station. */
export type Fix =
  | Exclude<Change, { kind: 'date' | 'dry' }>
  /** The first day on which it comes out better. */
  | { readonly kind: 'day'; readonly date: string }
  | { readonly kind: 'genus' }
  | { readonly kind: 'accept'; readonly taxa: readonly string[] };

export interface FixResult {
  readonly fix: Fix;
  readonly verdict: FairnessVerdict;
  /** How often the best guess between the tree and its closest look-alike is right then, 0 to 1. */
  readonly right: number;
}

export type Judge = (stations: readonly StationMet[]) => readonly StationFairness[];

/** Judges against some species of the list only, which decides what is worth trying against all. */
export type JudgeAmong = (rivals: readonly string[]) => Judge;

const COST: Readonly<Record<Fix['kind'], number>> = {
  material: 1,
  distance: 2,
  handling: 3,
  day: 4,
  accept: 5,
  genus: 6,
};
/** What lies about costs less than what must be cut. */
const MATERIAL_COST: Readonly<Record<string, number>> = {
  litter: 0,
  fruit: 0,
  leaf: 0.2,
  twig: 0.3,
  bark: 0.4,
  tree: 0.6,
};
const HANDLING_COST: Readonly<Record<string, number>> = { lens: 0, touch: 0.2, measure: 0.4, smell: 0.5 };

const costOf = (fix: Fix): number =>
  COST[fix.kind] +
  (fix.kind === 'material' ? (MATERIAL_COST[fix.add] ?? 0.9) : 0) +
  (fix.kind === 'handling' ? (HANDLING_COST[fix.allow] ?? 0.9) : 0);

const rank = (v: FairnessVerdict): number => FAIRNESS_ORDER.indexOf(v);
const WEEK = 7;
const WEEKS = 52;
/** So many weeks are tried together. */
const AT_ONCE = 13;
/** More species than these are not accepted for one another. */
const MOST_ACCEPTED = 2;

/** The station with a fix applied. */
export function withFix(station: StationMet, fix: Fix): StationMet {
  const { conditions, asked } = station;
  switch (fix.kind) {
    case 'day':
      return { ...station, conditions: { ...conditions, date: fix.date } };
    case 'genus':
      return { ...station, asked: { ...asked, rank: 'genus' } };
    case 'accept':
      return { ...station, asked: { ...asked, accepts: [...asked.accepts, ...fix.taxa] } };
    default:
      return { ...station, conditions: applyChange(conditions, fix) };
  }
}

/** The first day within a year on which a station comes out better: week by week, then day by day. */
function firstBetterDay(station: StationMet, now: FairnessVerdict, judge: Judge): string | null {
  const at = (days: number): string => addDays(station.conditions.date, days);
  const firstOf = (from: number, to: number, step: number): number | null => {
    const days = Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, i) => from + i * step);
    const found = judge(days.map((d) => withFix(station, { kind: 'day', date: at(d) })));
    const first = found.findIndex((f) => rank(f.verdict) < rank(now));
    return days[first] ?? null;
  };
  for (let week = 1; week <= WEEKS; week += AT_ONCE) {
    const near = firstOf(week * WEEK, (week + AT_ONCE - 1) * WEEK, WEEK);
    if (near !== null) return at(firstOf(near - WEEK + 1, near, 1) ?? near);
  }
  return null;
}

/** What could be tried at a station, before it is known whether it helps. */
function tries(
  station: StationMet,
  forbidden: ReadonlySet<string>,
  worst: readonly string[],
): readonly Fix[] {
  const { asked, conditions } = station;
  const changes = changesOf(conditions)
    .filter((c) => c.kind !== 'date' && c.kind !== 'dry')
    .filter((c) => !barred(c, forbidden));
  return [
    ...changes,
    ...(asked.rank === 'species' ? [{ kind: 'genus' } as const] : []),
    ...(asked.rank === 'species' && worst.length > 0 && worst.length <= MOST_ACCEPTED
      ? [{ kind: 'accept', taxa: worst } as const]
      : []),
  ];
}

/**
 * The cheapest changes that would make a station come out better, each with the verdict it would give: the best verdict
 * first, and of one verdict the cheapest. Nothing is proposed that a caution of the tree forbids.
 * Source: docs/formulas.md, Fixes.
 * @param among judges against some of the list, so that only what helps there is judged against all.
 */
export function fixesFor(
  station: StationMet,
  now: StationFairness,
  forbidden: ReadonlySet<string>,
  among: JudgeAmong,
  all: Judge,
  fair: number,
): readonly FixResult[] {
  if (now.verdict === 'fair' || station.asked.rank === null || station.asked.notTellable) return [];
  const close = now.pairs.filter((p) => p.expected < fair).map((p) => p.rival);
  const worst = now.pairs.filter((p) => p.verdict === now.verdict).map((p) => p.rival);
  const few = among(close);
  const isBetter = (f: StationFairness | undefined): boolean =>
    f !== undefined && rank(f.verdict) < rank(now.verdict);
  const wanted = tries(station, forbidden, worst);
  const screened = few(wanted.map((fix) => withFix(station, fix)));
  const day = firstBetterDay(station, now.verdict, few);
  const left: readonly Fix[] = [
    ...wanted.filter((_, i) => isBetter(screened[i])),
    ...(day === null ? [] : [{ kind: 'day', date: day } as const]),
  ];
  const found = all(left.map((fix) => withFix(station, fix)));
  return left
    .flatMap((fix, i): FixResult[] => {
      const after = found[i];
      return after && isBetter(after)
        ? [{ fix, verdict: after.verdict, right: after.pairs[0]?.right ?? 1 }]
        : [];
    })
    .sort((a, b) => rank(a.verdict) - rank(b.verdict) || costOf(a.fix) - costOf(b.fix));
}

/** Acts that the cautions of a tree forbid. */
export const forbiddenAt = (
  cautions: readonly { readonly forbids: readonly string[] }[],
): ReadonlySet<string> => new Set(cautions.flatMap((c) => c.forbids));
