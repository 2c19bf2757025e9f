import { exactNames } from './exact.ts';
import { taxaOf } from './entries.ts';
import type { IndexedName } from './entries.ts';
import { nearest } from './claims.ts';
import { nearNames } from './near.ts';
import { typedTokens } from './nameIndex.ts';
import type { NameIndex } from './nameIndex.ts';
import { readTyped } from './reading.ts';
import { abbreviated } from './shortened.ts';

/** What a pasted name is to the library. */
export type Recognised =
  | {
      readonly kind: 'known';
      readonly taxon: string;
      readonly by: string;
      readonly how: IndexedName['kind'] | 'abbreviated';
    }
  | { readonly kind: 'misspelled'; readonly taxon: string; readonly by: string }
  | { readonly kind: 'shared'; readonly taxa: readonly string[]; readonly by: string }
  | { readonly kind: 'new' };

/** Names of the library, without real trees that it does not hold. */
const held = (names: readonly IndexedName[], index: NameIndex): readonly IndexedName[] =>
  names.filter((n) => !n.checked || index.accepted.has(n.taxon));

function known(names: readonly IndexedName[], short: boolean): Recognised {
  const [first] = names;
  if (!first) return { kind: 'new' };
  const taxa = taxaOf(names);
  if (taxa.length > 1) return { kind: 'shared', taxa, by: first.text };
  return { kind: 'known', taxon: first.taxon, by: first.text, how: short ? 'abbreviated' : first.kind };
}

/** The library's name at the head of a text, with an authority or nothing behind it. */
function atHead(tokens: readonly string[], index: NameIndex): readonly IndexedName[] {
  for (let n = tokens.length; n >= 1; n -= 1) {
    const names = n === tokens.length ? exactNames(index, tokens) : exactNames(index, tokens.slice(0, n));
    const hits = n === tokens.length ? names : names.filter((h) => h.latin && n >= 2);
    if (hits.length > 0) return hits;
  }
  return [];
}

/**
 * Recognises one pasted name: known, misspelled (with what it is near to), shared by several taxa, or new. A real tree
 * that the library does not hold is new, however near its name lies to another.
 */
export function recognise(typed: string, index: NameIndex): Recognised {
  const tokens = typedTokens(typed);
  if (tokens.length === 0) return { kind: 'new' };
  const exact = atHead(tokens, index);
  if (exact.length > 0) return known(held(exact, index), false);
  const words = readTyped(typed).parts[0]?.words ?? [];
  const short = held(abbreviated(words, index)?.names ?? [], index);
  if (short.length > 0) return known(short, true);
  const tied = nearest(nearNames(tokens, index)).map((n) => n.name);
  const [first] = held(tied, index);
  if (!first || taxaOf(tied).length > taxaOf(held(tied, index)).length) return { kind: 'new' };
  const taxa = taxaOf(tied);
  return taxa.length > 1
    ? { kind: 'shared', taxa, by: first.text }
    : { kind: 'misspelled', taxon: first.taxon, by: first.text };
}
