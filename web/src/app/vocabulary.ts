import type { AppliedRates } from '@hurrow/contract';
import { vocabularyOf } from '@hurrow/core/characters';
import type { Character, Vocabulary } from '@hurrow/core/characters';
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

/** Stands for no rates of a class's own. */
const NONE_APPLIED = {};
const readings = new WeakMap<readonly Character[], WeakMap<object, Vocabulary>>();

/**
 * The characters as a class reads them. One reading is made of the same characters and rates, whoever asks, so that what is
 * worked out for its characters is worked out once.
 */
export function vocabularyReadBy(
  characters: readonly Character[],
  applied: AppliedRates | undefined,
): Vocabulary {
  const known = readings.get(characters) ?? new WeakMap<object, Vocabulary>();
  readings.set(characters, known);
  const key = applied ?? NONE_APPLIED;
  const had = known.get(key);
  if (had) return had;
  const made = readBy(vocabularyOf(characters), applied ? ratesOf(applied) : VOCABULARY_RATES);
  known.set(key, made);
  return made;
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
  return data && isKnown ? vocabularyReadBy(data, applied) : undefined;
}
