import type { IndexedName, NameEntry } from './entries.ts';
import { nearIndex } from './nearIndex.ts';
import type { NearIndex } from './nearIndex.ts';
import { foldEpithet, foldLatin, normalise } from './normalise.ts';

export interface NameIndex {
  readonly names: readonly IndexedName[];
  readonly byNormal: ReadonlyMap<string, readonly IndexedName[]>;
  readonly byJoined: ReadonlyMap<string, readonly IndexedName[]>;
  /** Scientific names of two words and more, by the first letter of the genus. */
  readonly byInitial: ReadonlyMap<string, readonly IndexedName[]>;
  /** Accepted names by taxon, and by their epithet. */
  readonly accepted: ReadonlyMap<string, readonly IndexedName[]>;
  readonly byEpithet: ReadonlyMap<string, readonly IndexedName[]>;
  readonly near: NearIndex;
}

const RANK_MARKS = new Set(['subsp', 'ssp', 'var', 'f', 'cv']);

/** A scientific name without its rank marks, so that `subsp.` and `ssp.` are the same. */
const withoutMarks = (tokens: readonly string[]): string[] =>
  tokens.filter((t, i) => i < 2 || !RANK_MARKS.has(t));

/** Folded tokens of a scientific name: the genus by spelling, epithets by spelling and ending. */
export const foldScientific = (tokens: readonly string[]): string[] =>
  tokens.map((t, i) => (i === 0 ? foldLatin(t) : foldEpithet(t)));

function add(map: Map<string, IndexedName[]>, key: string, name: IndexedName): void {
  const had = map.get(key);
  if (had) had.push(name);
  else map.set(key, [name]);
}

/** All names of a library made ready for comparison; built once and used for many answers. */
export function nameIndex(entries: readonly NameEntry[]): NameIndex {
  const byNormal = new Map<string, IndexedName[]>();
  const byJoined = new Map<string, IndexedName[]>();
  const names = entries.map((entry): IndexedName => {
    const latin = entry.kind !== 'common';
    const all = normalise(entry.text).split(' ');
    const tokens = latin ? withoutMarks(all) : all;
    return {
      ...entry,
      latin,
      tokens,
      normal: tokens.join(' '),
      joined: tokens.join(''),
      folded: latin ? foldScientific(tokens) : tokens,
    };
  });
  const byInitial = new Map<string, IndexedName[]>();
  const accepted = new Map<string, IndexedName[]>();
  const byEpithet = new Map<string, IndexedName[]>();
  for (const name of names) {
    const [genus = '', epithet = ''] = name.tokens;
    add(byNormal, name.normal, name);
    add(byJoined, name.joined, name);
    if (name.latin && name.kind !== 'older_family' && epithet !== '') add(byInitial, genus.charAt(0), name);
    if (name.kind !== 'accepted') continue;
    add(accepted, name.taxon, name);
    if (epithet !== '') add(byEpithet, epithet, name);
  }
  return { names, byNormal, byJoined, byInitial, accepted, byEpithet, near: nearIndex(names) };
}

/** A typed text's tokens, with rank marks taken out. */
export const typedTokens = (typed: string): string[] => {
  const normal = normalise(typed);
  return normal === '' ? [] : withoutMarks(normal.split(' '));
};
