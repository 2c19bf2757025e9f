import { jeffreys } from './rates.ts';
import type { Interval } from './rates.ts';

/** One graded response to a station by a student whose list held the truth. */
export interface Look {
  readonly id: string;
  readonly student: string;
  readonly truth: string;
  readonly named: 'right' | 'other' | 'unlisted' | 'blank' | 'genus_only' | 'family' | 'cannot_tell';
  /** The species named, for `right` and `other`. */
  readonly answer: string | null;
  readonly sure: 'sure' | 'leaning' | 'guessing' | null;
}

/** Species `answer` named for `truth`: k of n looks, by whom. */
export interface MixUp {
  readonly truth: string;
  readonly answer: string;
  readonly k: number;
  readonly n: number;
  /** Of the n looks, those that named a listed species. */
  readonly named: number;
  readonly interval: Interval;
  readonly students: readonly string[];
  readonly guesses: number;
  /** The looks counted in k, so that every number opens what it counts. */
  readonly looks: readonly string[];
}

/**
 * All mix-ups in a set of looks, with direction. n counts every look at the true species, blank ones too; blank,
 * unlisted, genus-only and *cannot be told* are never a mix-up. Source: docs/formulas.md, Counting mix-ups.
 */
export function countMixUps(looks: readonly Look[]): readonly MixUp[] {
  const byTruth = new Map<string, Look[]>();
  for (const l of looks) byTruth.set(l.truth, [...(byTruth.get(l.truth) ?? []), l]);
  const found: MixUp[] = [];
  for (const [truth, all] of byTruth) {
    const others = all.filter((l) => l.named === 'other' && l.answer !== null);
    for (const answer of new Set(others.map((l) => l.answer ?? ''))) {
      const counted = others.filter((l) => l.answer === answer);
      found.push({
        truth,
        answer,
        k: counted.length,
        n: all.length,
        named: all.filter((l) => l.named === 'right' || l.named === 'other').length,
        interval: jeffreys(counted.length, all.length),
        students: [...new Set(counted.map((l) => l.student))],
        guesses: counted.filter((l) => l.sure === 'guessing').length,
        looks: counted.map((l) => l.id),
      });
    }
  }
  return found.sort((a, b) => b.k / b.n - a.k / a.n || b.k - a.k);
}
