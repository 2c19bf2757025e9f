import { remembered } from '../remembered/index.ts';
import { alignmentDistance } from './distance.ts';

/** A text with the edits forgiven in it, and the letters it has as bits: once at all, and at least twice. */
interface Signed {
  readonly text: string;
  readonly most: number;
  readonly once: number;
  readonly twice: number;
}

/** Distinct texts by their length, ready to be searched for near ones. */
interface Signatures {
  readonly byLength: readonly (readonly Signed[] | undefined)[];
  /** The most edits forgiven in any of them. */
  readonly most: number;
}

/** The bit of a letter; everything that is none shares one. */
const bitOf = (code: number): number => (code >= 97 && code <= 122 ? 1 << (code - 97) : 1 << 26);

function signed(text: string, most: number): Signed {
  let [once, twice] = [0, 0];
  for (let i = 0; i < text.length; i += 1) {
    const bit = bitOf(text.charCodeAt(i));
    twice |= once & bit;
    once |= bit;
  }
  return { text, most, once, twice };
}

/** Whether more bits of a word are set than so many: the lowest is cleared once for each that is allowed. */
function exceeds(word: number, most: number): boolean {
  let left = word;
  for (let n = 0; n < most; n += 1) {
    if (left === 0) return false;
    left &= left - 1;
  }
  return left !== 0;
}

function signatures(texts: Iterable<readonly [text: string, most: number]>): Signatures {
  const widest = new Map<string, number>();
  for (const [text, most] of texts) widest.set(text, Math.max(most, widest.get(text) ?? 0));
  const byLength: Signed[][] = [];
  for (const [text, most] of widest) (byLength[text.length] ??= []).push(signed(text, most));
  return { byLength, most: Math.max(0, ...widest.values()) };
}

/**
 * Could two texts lie within so many edits? One edit takes at most one letter from a text and brings at most one, and a
 * swap neither, so that more letters on one side alone rule a pair out.
 */
const mayLieWithin = (a: Signed, b: Signed, most: number): boolean =>
  !exceeds(a.once & ~b.once, most) &&
  !exceeds(b.once & ~a.once, most) &&
  !exceeds(a.twice & ~b.twice, most) &&
  !exceeds(b.twice & ~a.twice, most);

/** Finds all kept texts near one, measuring only those whose length and letters do not rule them out. */
function nearTexts(index: Signatures, typed: string): readonly string[] {
  const own = signed(typed, 0);
  const found: string[] = [];
  for (let by = -index.most; by <= index.most; by += 1) {
    for (const kept of index.byLength[typed.length + by] ?? []) {
      if (by > kept.most || -by > kept.most || !mayLieWithin(own, kept, kept.most)) continue;
      if (alignmentDistance(typed, kept.text, kept.most) <= kept.most) found.push(kept.text);
    }
  }
  return found;
}

/** The most words whose near texts are kept: a class writes the same words over and over. */
const MOST_FOUND = 4096;

/** Finds the texts near one among those it was made for. */
export type NearTexts = (typed: string) => readonly string[];

/**
 * Makes texts searchable for near ones.
 * @param texts each with the edits forgiven in it; of equal ones the most forgiving counts.
 */
export function nearTextsOf(texts: Iterable<readonly [text: string, most: number]>): NearTexts {
  const index = signatures(texts);
  return remembered(MOST_FOUND, (typed: string) => nearTexts(index, typed));
}
