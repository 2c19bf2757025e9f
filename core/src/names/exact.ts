import type { IndexedName } from './entries.ts';
import { asOwn } from './near.ts';
import { checklistSearch } from './nameIndex.ts';
import type { NameIndex, NameSearch } from './nameIndex.ts';
import { bare, singulars, writtenOut } from './words.ts';

/** Names found under a key, those of the library before all others: what a class calls its trees holds there. */
export function under(
  index: NameIndex,
  map: 'byNormal' | 'byJoined' | 'byCode' | 'byInitial' | 'byFirst' | 'byEpithet',
  key: string,
): { readonly own: readonly IndexedName[]; readonly real: readonly IndexedName[] } {
  const of = (search: NameSearch): readonly IndexedName[] => search[map].get(key) ?? [];
  return { own: of(index), real: of(checklistSearch()).map((n) => asOwn(n, index)) };
}

/** The names a text is, word by word: the library's, or else those of real trees. */
export function named(index: NameIndex, tokens: readonly string[]): readonly IndexedName[] {
  const { own, real } = under(index, 'byNormal', tokens.join(' '));
  return own.length > 0 ? own : real;
}

const english = (names: readonly IndexedName[]): readonly IndexedName[] => names.filter((n) => !n.latin);

/**
 * The names a text is when what is said around a name, an English plural, a short form of a word and words joined or split
 * do not count. Empty where it is none.
 */
export function exactNames(index: NameIndex, tokens: readonly string[]): readonly IndexedName[] {
  const plain = bare(tokens);
  for (const t of plain.length < tokens.length ? [tokens, plain] : [tokens]) {
    const hits = named(index, t);
    if (hits.length > 0) return hits;
    for (const form of singulars(t)) {
      const one = english(named(index, form));
      if (one.length > 0) return one;
    }
  }
  for (const way of writtenOut(plain)) {
    const long = english(named(index, way));
    if (long.length > 0) return long;
  }
  const { own, real } = under(index, 'byJoined', plain.join(''));
  return own.length > 0 ? own : real;
}
