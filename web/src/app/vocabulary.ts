import { useMemo } from 'react';
import type { AppliedRates } from '@hurrow/contract';
import { vocabularyOf } from '@hurrow/core/characters';
import type { Vocabulary } from '@hurrow/core/characters';
import { VOCABULARY_RATES, readBy } from '@hurrow/core/tells';
import type { MissRates } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { useClassAtHand } from './classAtHand.ts';

/** The rates that were applied to a class where it has any; the vocabulary's for every other character. */
export function ratesOf(applied: AppliedRates): MissRates {
  const fitted = new Map(applied.rates.map((r) => [r.character, r]));
  return (c) => {
    const r = fitted.get(c.id);
    return r ? { rate: r.rate, weight: r.weight, base: 'fit' } : VOCABULARY_RATES(c);
  };
}

/**
 * The vocabulary of the workspace as the class at hand reads it; undefined until it is read. Where a fit of the class's own
 * answers is applied, its rates weigh in the order of tells and in difficulty.
 */
export function useVocabulary(): Vocabulary | undefined {
  const { data } = useRead('vocabulary');
  const { section, ready } = useClassAtHand();
  const rates = useRead('missRates', { id: section?.id ?? '' }, section !== null);
  const isKnown = ready && (section === null || rates.data !== undefined || rates.isError);
  const applied = section === null ? undefined : rates.data;
  return useMemo(
    () =>
      data && isKnown ? readBy(vocabularyOf(data), applied ? ratesOf(applied) : VOCABULARY_RATES) : undefined,
    [data, isKnown, applied],
  );
}
