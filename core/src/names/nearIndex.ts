import { room } from './distance.ts';
import type { IndexedName } from './entries.ts';
import { nearTexts, signatures } from './signatures.ts';
import type { Signatures } from './signatures.ts';

/** The edits forgiven where words are joined or split. */
export const JOINED_ROOM = 1;
/** A name this short joined is not compared joined. */
export const SHORT_JOINED = 5;

/** Names by their words, so that a typed text is compared with few of them. Numbers are places among the names. */
export interface NearIndex {
  readonly words: Signatures;
  readonly folded: Signatures;
  readonly joined: Signatures;
  /** Names by the word at each of their first two places. */
  readonly byWord: readonly [ReadonlyMap<string, readonly number[]>, ReadonlyMap<string, readonly number[]>];
  /** Scientific names by the folded word at each of their first two places. */
  readonly byFolded: readonly [
    ReadonlyMap<string, readonly number[]>,
    ReadonlyMap<string, readonly number[]>,
  ];
  readonly byJoined: ReadonlyMap<string, readonly number[]>;
}

function put(map: Map<string, number[]>, key: string | undefined, name: number): void {
  if (key === undefined) return;
  const had = map.get(key);
  if (had) had.push(name);
  else map.set(key, [name]);
}

/** Prepares names for the search of near ones. */
export function nearIndex(names: readonly IndexedName[]): NearIndex {
  const byWord = [new Map<string, number[]>(), new Map<string, number[]>()] as const;
  const byFolded = [new Map<string, number[]>(), new Map<string, number[]>()] as const;
  const byJoined = new Map<string, number[]>();
  const words: [string, number][] = [];
  const folded: [string, number][] = [];
  names.forEach((name, i) => {
    for (const place of [0, 1] as const) {
      const word = name.tokens[place];
      const fold = name.latin ? name.folded[place] : undefined;
      put(byWord[place], word, i);
      put(byFolded[place], fold, i);
      if (word === undefined) continue;
      words.push([word, room(word.length)]);
      // What is forgiven in a folded word goes by the length of the word as it is written.
      if (fold !== undefined) folded.push([fold, room(word.length)]);
    }
    if (name.joined.length > SHORT_JOINED) put(byJoined, name.joined, i);
  });
  return {
    words: signatures(words),
    folded: signatures(folded),
    joined: signatures([...byJoined.keys()].map((j) => [j, JOINED_ROOM] as const)),
    byWord,
    byFolded,
    byJoined,
  };
}

/** The words near one at a place, as written and folded, with the names that have them. */
interface NearWords {
  readonly words: ReadonlySet<string>;
  readonly folds: ReadonlySet<string>;
  readonly lists: readonly (readonly number[])[];
}

function nearWords(index: NearIndex, place: 0 | 1, word: string, folded: string): NearWords {
  const words = new Set(nearTexts(index.words, word));
  const folds = new Set(nearTexts(index.folded, folded));
  const lists = [
    ...[...words].flatMap((w) => [index.byWord[place].get(w) ?? []]),
    ...[...folds].flatMap((f) => [index.byFolded[place].get(f) ?? []]),
  ];
  return { words, folds, lists };
}

const hasNear = (near: NearWords, name: IndexedName, place: 0 | 1): boolean =>
  near.words.has(name.tokens[place] ?? '') || (name.latin && near.folds.has(name.folded[place] ?? ''));

const countOf = (near: NearWords): number => near.lists.reduce((n, l) => n + l.length, 0);

/**
 * Finds the names that may be near a typed text: all that are, and some that are not. A name within the room of each of
 * its words has a near word at its first place, and at its second where it has one.
 * @param tokens the words of the text, at least one. @param folded the same words folded as Latin.
 * @returns places among the names, ascending.
 */
export function mayBeNear(
  index: NearIndex,
  names: readonly IndexedName[],
  tokens: readonly string[],
  folded: readonly string[],
): readonly number[] {
  const found = new Set<number>();
  const first = nearWords(index, 0, tokens[0] ?? '', folded[0] ?? '');
  const second = tokens.length > 1 ? nearWords(index, 1, tokens[1] ?? '', folded[1] ?? '') : null;
  const [few, other, place] =
    second && countOf(second) < countOf(first) ? [second, first, 0 as const] : [first, second, 1 as const];
  const fits = (name: IndexedName): boolean =>
    other === null ? name.tokens.length === 1 : name.tokens.length > 1 && hasNear(other, name, place);
  for (const list of few.lists) {
    for (const n of list) {
      const name = names[n];
      if (name && fits(name)) found.add(n);
    }
  }
  for (const joined of nearTexts(index.joined, tokens.join('')))
    for (const n of index.byJoined.get(joined) ?? []) found.add(n);
  return [...found].sort((a, b) => a - b);
}
