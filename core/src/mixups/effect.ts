import betaQuantile from '@stdlib/stats-base-dists-beta-quantile';
import type { Counted } from './direction.ts';

/** Students at trees they had not met before: who looked at one species, and who wrote one other, at one sitting. */
export interface FreshCount {
  readonly seq: number;
  /** ISO date of the sitting. */
  readonly on: string;
  readonly material: string;
  /** Students who wrote it, of those who looked. */
  readonly k: number;
  readonly n: number;
}

export interface EffectOf {
  /** Every sitting that asked the species, in one direction of the pair. */
  readonly fresh: readonly FreshCount[];
  /** The sitting whose results flagged the pair, and so caused the lesson. */
  readonly flaggedBy: number;
}

/**
 * *helped*: it fell, on a base that did not choose the pair, and more than the pairs not taught again. *fell*: it fell, and
 * some fall is expected of the pairs that looked worst. *no sign*: it may be as before. *too few*: nothing can be said.
 */
export type EffectVerdict = 'helped' | 'fell' | 'no sign' | 'too few';

export interface LessonEffect {
  readonly verdict: EffectVerdict;
  /** Before and after, in classes of material that stand on both sides. */
  readonly before: Counted;
  readonly after: Counted;
  /** The same before, without the sitting that flagged the pair. */
  readonly unchosen: Counted;
  /** The pairs that were not taught again, together. */
  readonly others: { readonly before: Counted; readonly after: Counted };
  /** Rate after less rate before: the mean and the middle 95% of what fits the answers. */
  readonly difference: { readonly mean: number; readonly low: number; readonly high: number };
  /** Chance that the rate fell; that it fell on the base that did not choose it; that it fell more than the others. */
  readonly fell: number;
  readonly fellUnchosen: number | null;
  readonly fellMore: number | null;
}

const POINTS = 96;
const FELL = 0.95;
/** A pair is chosen by all that was counted of it, so that some fall is expected; see docs/simulation-lessons.md. */
const HELPED = { fell: 0.98, fellMore: 0.98 } as const;

const posterior = ({ k, n }: Counted): readonly number[] =>
  Array.from({ length: POINTS }, (_, i) => betaQuantile((i + 0.5) / POINTS, k + 0.5, n - k + 0.5));

/** The chance that a draw of the first is under a draw of the second. */
function chanceUnder(a: readonly number[], b: readonly number[]): number {
  let under = 0;
  for (const x of a) for (const y of b) if (x < y) under += 1;
  return under / (a.length * b.length);
}

type Points = readonly number[];

function differenceOf(b: Points, a: Points): LessonEffect['difference'] {
  const all = new Float64Array(POINTS * POINTS);
  a.forEach((x, i) => b.forEach((y, j) => (all[i * POINTS + j] = x - y)));
  all.sort();
  const at = (q: number): number => all[Math.floor(q * (all.length - 1))] ?? 0;
  return { mean: all.reduce((s, x) => s + x, 0) / all.length, low: at(0.025), high: at(0.975) };
}

/** How far a rate fell, as the logarithm of after to before: the posterior in equally likely points. */
function changeOf(b: Points, a: Points): Points {
  const all = new Float64Array(POINTS * POINTS);
  a.forEach((x, i) => b.forEach((y, j) => (all[i * POINTS + j] = Math.log(x / y))));
  all.sort();
  return Array.from({ length: POINTS }, (_, i) => all[Math.floor(((i + 0.5) / POINTS) * all.length)] ?? 0);
}

const sum = (counts: readonly Counted[]): Counted =>
  counts.reduce((all, c) => ({ k: all.k + c.k, n: all.n + c.n }), { k: 0, n: 0 });

function sides(
  fresh: readonly FreshCount[],
  lessonOn: string,
): { before: FreshCount[]; after: FreshCount[] } {
  const before = fresh.filter((f) => f.on < lessonOn);
  const after = fresh.filter((f) => f.on > lessonOn);
  const both = new Set(before.map((f) => f.material).filter((m) => after.some((f) => f.material === m)));
  return {
    before: before.filter((f) => both.has(f.material)),
    after: after.filter((f) => both.has(f.material)),
  };
}

/**
 * Whether a lesson on a pair helped. Counts are of students, on trees they had not met before, in the same class of material.
 * Source: docs/formulas.md, Before and after a lesson.
 * @param lessonOn ISO date of the lesson.
 * @param others flagged pairs of the class that were not taught again.
 * @param fewest looks needed on either side.
 */
export function lessonEffect(
  pair: EffectOf,
  lessonOn: string,
  others: readonly EffectOf[],
  fewest: number,
): LessonEffect {
  const own = sides(pair.fresh, lessonOn);
  const [before, after] = [sum(own.before), sum(own.after)];
  const unchosen = sum(own.before.filter((f) => f.seq !== pair.flaggedBy));
  const rest = others.map((o) => sides(o.fresh, lessonOn));
  const control = {
    before: sum(rest.flatMap((r) => r.before)),
    after: sum(rest.flatMap((r) => r.after)),
  };
  const [then, now] = [posterior(before), posterior(after)];
  const fell = chanceUnder(now, then);
  const fellUnchosen = unchosen.n === 0 ? null : chanceUnder(now, posterior(unchosen));
  const fellMore =
    control.before.n === 0 || control.after.n === 0
      ? null
      : chanceUnder(changeOf(then, now), changeOf(posterior(control.before), posterior(control.after)));
  const counts = {
    before,
    after,
    unchosen,
    others: control,
    difference: differenceOf(then, now),
    fell,
    fellUnchosen,
    fellMore,
  };
  if (before.n < fewest || after.n < fewest) return { verdict: 'too few', ...counts };
  const isHelped = (fellUnchosen ?? 0) >= HELPED.fell && (fellMore ?? 0) >= HELPED.fellMore;
  return { verdict: isHelped ? 'helped' : fell >= FELL ? 'fell' : 'no sign', ...counts };
}
