import { doubleMetaphone } from 'double-metaphone';

/** A key shorter than this fits too many names to say anything. */
const LEAST = 3;

/** Latin as English readers say it, for a phonetic key made for English. */
const asSpoken = (text: string): string =>
  text.replace(/^ps/, 's').replace(/^ts/, 's').replace(/^pt/, 't').replace(/ph/g, 'f').replace(/ii$/, 'i');

/**
 * How a name sounds, as a key of its consonants: the two of Double Metaphone (Philips 2000), of all words as one, so that
 * words split or joined sound alike. Empty where a key is too short to tell names apart.
 */
export function soundKeys(words: readonly string[]): readonly string[] {
  const joined = asSpoken(words.join(''));
  if (joined.length < 6) return [];
  return [...new Set(doubleMetaphone(joined))].filter((k) => k.length >= LEAST);
}
