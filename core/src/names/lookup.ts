import { alignmentDistance, room } from './distance.ts';
import { foldScientific, typedTokens } from './nameIndex.ts';
import type { IndexedName } from './entries.ts';
import type { NameIndex } from './nameIndex.ts';
import { JOINED_ROOM, SHORT_JOINED, mayBeNear } from './nearIndex.ts';

/** A name near a typed text: edits after folding, and letter by letter. */
export interface Near {
  readonly name: IndexedName;
  readonly folded: number;
  readonly raw: number;
}

export type Lookup =
  | { readonly kind: 'exact'; readonly names: readonly IndexedName[] }
  | { readonly kind: 'abbreviated'; readonly names: readonly IndexedName[] }
  /** Nearest first; all those within room, not only the nearest. */
  | { readonly kind: 'near'; readonly near: readonly Near[] }
  | { readonly kind: 'none' };

const FAR = 99;

/** Edits between a typed token and the right one, FAR where they exceed the room of the right token. */
function tokenEdits(typed: string, right: string, allowed: number): number {
  const d = alignmentDistance(typed, right, allowed);
  return d > allowed ? FAR : d;
}

/**
 * Each token is compared as written and after the Latin fold, and the nearer counts: a slip in an ending may undo the
 * fold of the ending, so that the folded forms alone lie farther apart than the letters.
 */
function tokenwise(tokens: readonly string[], folded: readonly string[], name: IndexedName): number {
  let total = 0;
  for (const [i, right] of name.tokens.entries()) {
    const allowed = room(right.length);
    const plain = tokenEdits(tokens[i] ?? '', right, allowed);
    const latin = name.latin ? tokenEdits(folded[i] ?? '', name.folded[i] ?? '', allowed) : FAR;
    const d = Math.min(plain, latin);
    if (d === FAR) return FAR;
    total += d;
  }
  return total;
}

/** Letters that differ in all, for choosing between names that fold alike. */
const rawEdits = (tokens: readonly string[], name: IndexedName): number =>
  alignmentDistance(tokens.join(' '), name.normal, 12);

/** How near a typed text lies to one name; null where it does not. Pure, and all that the search by index leaves open. */
export function nearness(
  tokens: readonly string[],
  folded: readonly string[],
  name: IndexedName,
): Near | null {
  const sameCount = name.latin ? tokens.length >= name.tokens.length && name.tokens.length > 1 : false;
  if (tokens.length === name.tokens.length || sameCount) {
    const d = tokenwise(tokens, folded, name);
    if (d !== FAR) return { name, folded: d, raw: rawEdits(tokens.slice(0, name.tokens.length), name) };
  }
  if (tokens.length !== name.tokens.length && name.joined.length > SHORT_JOINED) {
    const joined = tokens.join('');
    const d = tokenEdits(joined, name.joined, JOINED_ROOM);
    if (d !== FAR) return { name, folded: d, raw: rawEdits(tokens, name) };
  }
  return null;
}

function abbreviated(tokens: readonly string[], typed: string, index: NameIndex): readonly IndexedName[] {
  const [first = '', epithet = ''] = tokens;
  const dotted = /^\s*[A-Za-z]{1,3}\s*\./.test(typed);
  if (tokens.length < 2 || !(first.length === 1 || (dotted && first.length <= 3))) return [];
  const folded = foldScientific(tokens);
  const fits = (index.byInitial.get(first.charAt(0)) ?? []).filter((n) =>
    (n.tokens[0] ?? '').startsWith(first),
  );
  const exact = fits.filter((n) => n.tokens[1] === epithet);
  if (exact.length > 0) return exact;
  return fits.filter(
    (n) =>
      Math.min(
        tokenEdits(folded[1] ?? '', n.folded[1] ?? '', room((n.tokens[1] ?? '').length)),
        tokenEdits(epithet, n.tokens[1] ?? '', room((n.tokens[1] ?? '').length)),
      ) !== FAR,
  );
}

/** Exact hits: the whole text, the text without an authority behind it, or its words joined or split. */
function exactHits(tokens: readonly string[], index: NameIndex): readonly IndexedName[] {
  const whole = index.byNormal.get(tokens.join(' '));
  if (whole) return whole;
  for (let n = Math.min(tokens.length - 1, 4); n >= 2; n -= 1) {
    const hits = (index.byNormal.get(tokens.slice(0, n).join(' ')) ?? []).filter((h) => h.latin);
    if (hits.length > 0) return hits;
  }
  return index.byJoined.get(tokens.join('')) ?? [];
}

/**
 * What a typed name may stand for in a library. An exact hit always wins over a near one; a near name is within the
 * room of every one of its tokens. Source: docs/formulas.md, Grading names.
 */
export function lookup(typed: string, index: NameIndex): Lookup {
  const tokens = typedTokens(typed);
  if (tokens.length === 0) return { kind: 'none' };
  const exact = exactHits(tokens, index);
  if (exact.length > 0) return { kind: 'exact', names: exact };
  const short = abbreviated(tokens, typed, index);
  if (short.length > 0) return { kind: 'abbreviated', names: short };
  const folded = foldScientific(tokens);
  const near: Near[] = [];
  for (const i of mayBeNear(index.near, index.names, tokens, folded)) {
    const name = index.names[i];
    const found = name ? nearness(tokens, folded, name) : null;
    if (found) near.push(found);
  }
  if (near.length === 0) return { kind: 'none' };
  return { kind: 'near', near: near.sort((a, b) => a.folded - b.folded || a.raw - b.raw) };
}

/** Is one near name strictly nearer than another? */
export const nearer = (a: Near, b: Near): boolean =>
  a.folded < b.folded || (a.folded === b.folded && a.raw < b.raw);
