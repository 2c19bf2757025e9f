import type { Vocabulary } from '../characters/index.ts';
import { inTeachingOrder, tellCards } from '../compare/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { missRate } from '../tells/index.ts';
import type { DescribedTaxon } from '../tells/index.ts';

/** How often two species are likely to be mixed up before anybody has answered. */
export interface PredictedPair {
  readonly a: string;
  readonly b: string;
  /** Share of answers at a tree of one of them that would be the other. */
  readonly rate: number;
}

/** Looks that somebody at a quiz takes before they write; all five that the miss model allows would leave no mix-up at all. */
const LOOKS_TAKEN = 2;

/**
 * How often a class is likely to write one species for another, from what can be seen and how often it is missed: with F the
 * chance that the wrong name survives, F = Π (o + (1 − o)·m) over the first two looks, the two names compete and the
 * wrong one is written F / (1 + F) of the time. Source: docs/formulas.md, Predicted mix-ups.
 */
export function predictedRate(
  a: DescribedTaxon,
  b: DescribedTaxon,
  vocabulary: Vocabulary,
  conditions: Conditions,
): number {
  const tells = inTeachingOrder(
    tellCards(a, b, vocabulary, conditions).filter((t) => t.now === 'yes'),
    conditions,
  ).slice(0, LOOKS_TAKEN);
  const survives = tells.reduce((f, t) => f * (t.overlap + (1 - t.overlap) * missRate(t.character).rate), 1);
  return survives / (1 + survives);
}

/**
 * The pairs of a list that are likely to be mixed up, the likeliest first.
 * @param near pairs of places in the list that are worth a look: those that lie close.
 * @param least the smallest rate that is named.
 */
export function predictedPairs(
  list: readonly DescribedTaxon[],
  near: readonly (readonly [number, number])[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  least = 0.01,
): readonly PredictedPair[] {
  return near
    .flatMap(([i, j]): PredictedPair[] => {
      const [a, b] = [list[i], list[j]];
      if (!a || !b) return [];
      const rate = predictedRate(a, b, vocabulary, conditions);
      return rate < least ? [] : [{ a: a.id, b: b.id, rate }];
    })
    .sort((x, y) => y.rate - x.rate || x.a.localeCompare(y.a));
}
