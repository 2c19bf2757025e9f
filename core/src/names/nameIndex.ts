import { foldEpithet, foldLatin, normalise } from './normalise.ts';

export type NameKind = 'accepted' | 'synonym' | 'older_family' | 'common';
export type NameRank = 'family' | 'genus' | 'group' | 'species' | 'infraspecies' | 'cultivar' | 'hybrid';

export interface NameEntry {
  readonly taxon: string;
  readonly rank: NameRank;
  readonly kind: NameKind;
  readonly text: string;
}

export interface IndexedName extends NameEntry {
  readonly normal: string;
  readonly tokens: readonly string[];
  readonly joined: string;
  /** Folded tokens of a scientific name; the plain tokens of an English one. */
  readonly folded: readonly string[];
  readonly latin: boolean;
}

export interface NameIndex {
  readonly names: readonly IndexedName[];
  readonly byNormal: ReadonlyMap<string, readonly IndexedName[]>;
  readonly byJoined: ReadonlyMap<string, readonly IndexedName[]>;
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
  for (const name of names) {
    add(byNormal, name.normal, name);
    add(byJoined, name.joined, name);
  }
  return { names, byNormal, byJoined };
}

/** A typed text's tokens, with rank marks taken out. */
export const typedTokens = (typed: string): string[] => {
  const normal = normalise(typed);
  return normal === '' ? [] : withoutMarks(normal.split(' '));
};
