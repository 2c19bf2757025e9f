import { room } from './distance.ts';
import type { IndexedName } from './entries.ts';
import { nearTextsOf } from './signatures.ts';
import type { NearTexts } from './signatures.ts';

/** The edits forgiven where words are joined or split. */
export const JOINED_ROOM = 1;
/** A name this short joined is not compared joined. */
export const SHORT_JOINED = 5;

/** Names by their words, so that a typed text is compared with few of them. Numbers are places among the names. */
export interface NearIndex {
  /** Distinct words at each of the first two places, as written and folded. */
  readonly words: readonly [NearTexts, NearTexts];
  readonly folded: readonly [NearTexts, NearTexts];
  readonly joined: NearTexts;
  /** Names by the word at each of their first two places. */
  readonly byWord: readonly [ReadonlyMap<string, readonly number[]>, ReadonlyMap<string, readonly number[]>];
  /** Scientific names by the folded word at each of their first two places. */
  readonly byFolded: readonly [
    ReadonlyMap<string, readonly number[]>,
    ReadonlyMap<string, readonly number[]>,
  ];
  readonly byJoined: ReadonlyMap<string, readonly number[]>;
}

/** The edits a word of a name may lie off: one in a short English word, where the others are right (see nearness). */
const searchRoom = (name: IndexedName, word: string): number =>
  !name.latin && name.tokens.length > 1 ? Math.max(1, room(word.length)) : room(word.length);

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
  const words = [[], []] as readonly [[string, number][], [string, number][]];
  const folded = [[], []] as readonly [[string, number][], [string, number][]];
  names.forEach((name, i) => {
    for (const place of [0, 1] as const) {
      const word = name.tokens[place];
      const fold = name.latin ? name.folded[place] : undefined;
      put(byWord[place], word, i);
      put(byFolded[place], fold, i);
      if (word === undefined) continue;
      words[place].push([word, searchRoom(name, word)]);
      // What is forgiven in a folded word goes by the length of the word as it is written.
      if (fold !== undefined) folded[place].push([fold, room(word.length)]);
    }
    if (name.joined.length > SHORT_JOINED) put(byJoined, name.joined, i);
  });
  return {
    words: [nearTextsOf(words[0]), nearTextsOf(words[1])],
    folded: [nearTextsOf(folded[0]), nearTextsOf(folded[1])],
    joined: nearTextsOf([...byJoined.keys()].map((j) => [j, JOINED_ROOM] as const)),
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
  const words = new Set(index.words[place](word));
  const folds = new Set(index.folded[place](folded));
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
  return [...found].sort((a, b) => a - b);
}

/** Finds the names whose words joined lie near those of a text joined. @returns places among the names, ascending. */
export function nearJoined(index: NearIndex, tokens: readonly string[]): readonly number[] {
  const found = index.joined(tokens.join('')).flatMap((j) => index.byJoined.get(j) ?? []);
  return [...new Set(found)].sort((a, b) => a - b);
}
