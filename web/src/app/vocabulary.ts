import { useMemo } from 'react';
import { vocabularyOf } from '@hurrow/core/characters';
import type { Vocabulary } from '@hurrow/core/characters';
import { VOCABULARY_RATES, readBy } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';

/**
 * The vocabulary of the workspace as a class reads it; undefined until it is read. Until a fit of a class's own looks
 * is applied, its rates are the vocabulary's own.
 */
export function useVocabulary(): Vocabulary | undefined {
  const { data } = useRead('vocabulary');
  return useMemo(() => (data ? readBy(vocabularyOf(data), VOCABULARY_RATES) : undefined), [data]);
}
