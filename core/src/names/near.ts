import { alignmentDistance, room } from './distance.ts';
import type { IndexedName } from './entries.ts';
import { checklistSearch, foldScientific } from './nameIndex.ts';
import type { NameIndex, NameSearch } from './nameIndex.ts';
import { JOINED_ROOM, SHORT_JOINED, mayBeNear, nearJoined } from './nearIndex.ts';
import { foldEpithet } from './normalise.ts';
import type { KnownWords } from './words.ts';

/** A name near a typed text: edits after folding, and letter by letter. */
export interface Near {
  readonly name: IndexedName;
  readonly folded: number;
  readonly raw: number;
  /** All words are compared as one, so that none stands behind the name. */
  readonly joined: boolean;
}

const FAR = 99;

/** Edits between a typed token and the right one, FAR where they exceed the room of the right token. */
export function tokenEdits(typed: string, right: string, allowed: number): number {
  const d = alignmentDistance(typed, right, allowed);
  return d > allowed ? FAR : d;
}

const knows = (index: NameIndex, of: keyof KnownWords, word: string): boolean =>
  index.words[of].has(word) || checklistSearch().words[of].has(word);

/** Whether a word is one of any known name. */
export const isKnownWord = (word: string, index: NameIndex): boolean =>
  (['genera', 'epithets', 'english'] as const).some((of) => knows(index, of, word));

const ENDING = /(?:us|a|um|is|e|er|ra|rum)$/;

/** Whether two epithets are one but for gender and Latin spelling. */
const sameEpithet = (a: string, b: string): boolean =>
  foldEpithet(a) === foldEpithet(b) || (a.length >= 4 && a.replace(ENDING, '') === b.replace(ENDING, ''));

/**
 * Whether a typed word is a word of some name itself, and so no slip of another: *eastern* is none of *western*. The word
 * at the end of an English name is held against other such words, an epithet may have another's gender.
 */
function isOtherWord(index: NameIndex, name: IndexedName, place: number, typed: string): boolean {
  const right = name.tokens[place] ?? '';
  if (typed === right) return false;
  if (!name.latin) return knows(index, place === name.tokens.length - 1 ? 'englishLast' : 'english', typed);
  if (place === 0) return knows(index, 'genera', typed);
  return knows(index, 'epithets', typed) && !sameEpithet(typed, right);
}

/** Whether some word of a text, of as many words as a name, is another name's. */
export const saysOther = (tokens: readonly string[], name: IndexedName, index: NameIndex): boolean =>
  tokens.length === name.tokens.length && tokens.some((t, i) => isOtherWord(index, name, i, t));

/**
 * Each token is compared as written and after the Latin fold, and the nearer counts: a slip in an ending may undo the
 * fold of the ending, so that the folded forms alone lie farther apart than the letters. A word of three letters is
 * forgiven one edit where all others are right.
 */
function tokenwise(
  index: NameIndex,
  tokens: readonly string[],
  folded: readonly string[],
  name: IndexedName,
): number {
  let [total, short] = [0, 0];
  for (const [i, right] of name.tokens.entries()) {
    const typed = tokens[i] ?? '';
    const brief = !name.latin && right.length <= 3 && typed !== right;
    const allowed = brief ? 1 : room(right.length);
    const plain = tokenEdits(typed, right, allowed);
    const latin = name.latin ? tokenEdits(folded[i] ?? '', name.folded[i] ?? '', allowed) : FAR;
    const d = Math.min(plain, latin);
    if (d === FAR || isOtherWord(index, name, i, typed)) return FAR;
    if (brief) short += 1;
    total += d;
  }
  return short > 0 && (total > 1 || name.tokens.length < 2) ? FAR : total;
}

/** Letters that differ in all, for choosing between names that fold alike. */
const rawEdits = (tokens: readonly string[], name: IndexedName): number =>
  alignmentDistance(tokens.join(' '), name.normal, 12);

/** How near a typed text lies to one name, word by word; null where it does not. Pure, and all that the search by index leaves open. */
export function nearness(
  tokens: readonly string[],
  folded: readonly string[],
  name: IndexedName,
  index: NameIndex,
): Near | null {
  const behind = name.latin ? tokens.length >= name.tokens.length && name.tokens.length > 1 : false;
  if (tokens.length !== name.tokens.length && !behind) return null;
  const d = tokenwise(index, tokens, folded, name);
  if (d === FAR) return null;
  return { name, folded: d, raw: rawEdits(tokens.slice(0, name.tokens.length), name), joined: false };
}

/** How near it lies when its words are joined or split otherwise; null where it does not. */
export function joinedNearness(tokens: readonly string[], name: IndexedName): Near | null {
  if (tokens.length === name.tokens.length || name.joined.length <= SHORT_JOINED) return null;
  const d = tokenEdits(tokens.join(''), name.joined, JOINED_ROOM);
  return d === FAR ? null : { name, folded: d, raw: rawEdits(tokens, name), joined: true };
}

/** Is one near name strictly nearer than another? */
export const nearer = (a: Near, b: Near): boolean =>
  a.folded < b.folded || (a.folded === b.folded && a.raw < b.raw);

/** A name of the checklist as the library's own, where its taxon is in the library. */
export function asOwn(name: IndexedName, index: NameIndex): IndexedName {
  const taxon = index.own.get(name.taxon);
  return taxon === undefined ? name : { ...name, taxon };
}

function nearIn(
  search: NameSearch,
  index: NameIndex,
  tokens: readonly string[],
  folded: readonly string[],
): Near[] {
  const found: Near[] = [];
  for (const i of mayBeNear(search.near, search.searched, tokens, folded)) {
    const name = search.searched[i];
    const near = name ? nearness(tokens, folded, name, index) : null;
    if (near) found.push(near);
  }
  return found;
}

const joinedIn = (search: NameSearch, tokens: readonly string[]): Near[] =>
  nearJoined(search.near, tokens).flatMap((i) => {
    const name = search.searched[i];
    return (name ? joinedNearness(tokens, name) : null) ?? [];
  });

/** Those of the library, and those of the checklist that the library does not have. */
function together(own: readonly Near[], real: readonly Near[], index: NameIndex): readonly Near[] {
  const had = new Set(own.map((n) => n.name.normal));
  return [
    ...own,
    ...real.filter((n) => !had.has(n.name.normal)).map((n) => ({ ...n, name: asOwn(n.name, index) })),
  ].sort((a, b) => a.folded - b.folded || a.raw - b.raw);
}

/**
 * All names within room of every token of a text, the nearest first; where there is none, those that its words joined or
 * split otherwise lie near. @param tokens at least one.
 */
export function nearNames(tokens: readonly string[], index: NameIndex): readonly Near[] {
  const folded = foldScientific(tokens);
  const real = checklistSearch();
  const near = together(nearIn(index, index, tokens, folded), nearIn(real, index, tokens, folded), index);
  return near.length > 0 ? near : together(joinedIn(index, tokens), joinedIn(real, tokens), index);
}
