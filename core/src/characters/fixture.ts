import { CHARACTERS, vocabularyOf } from './index.ts';
import type { Character, Vocabulary } from './index.ts';

/** The shipped vocabulary, for tests. */
export const vocabulary: Vocabulary = vocabularyOf(CHARACTERS);

export function character(id: string): Character {
  const found = vocabulary.get(id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
}
