import { useMemo } from 'react';
import { vocabularyOf } from '@hurrow/core/characters';
import type { Character, Vocabulary } from '@hurrow/core/characters';
import { useRead } from '../api/index.ts';

/** The vocabulary of the workspace; undefined until it is read. */
export function useVocabulary(): Vocabulary | undefined {
  const { data } = useRead<readonly Character[]>('vocabulary');
  return useMemo(() => (data ? vocabularyOf(data) : undefined), [data]);
}
