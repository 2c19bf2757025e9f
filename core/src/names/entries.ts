export type NameKind = 'accepted' | 'synonym' | 'older_family' | 'common';
/** A name that is not simply another name of its taxon: it is that of a part of it, or is wrongly used for it. */
export const NAME_USES = ['in_part', 'misused'] as const;
export type NameUse = (typeof NAME_USES)[number];
export type NameRank = 'family' | 'genus' | 'group' | 'species' | 'infraspecies' | 'cultivar' | 'hybrid';

export interface NameEntry {
  readonly taxon: string;
  readonly rank: NameRank;
  readonly kind: NameKind;
  readonly text: string;
  readonly use?: NameUse | null;
}

export interface IndexedName extends NameEntry {
  readonly normal: string;
  readonly tokens: readonly string[];
  readonly joined: string;
  /** Folded tokens of a scientific name; the plain tokens of an English one. */
  readonly folded: readonly string[];
  readonly latin: boolean;
  /** Known from the checklist alone: a real name, but none that the library gives. */
  readonly checked: boolean;
}

/** Ranks above a single kind of tree. */
export const isBroad = (rank: NameRank): boolean => rank === 'genus' || rank === 'group' || rank === 'family';

/** The taxa that some names stand for, each once. */
export const taxaOf = (names: readonly IndexedName[]): string[] => [...new Set(names.map((n) => n.taxon))];
