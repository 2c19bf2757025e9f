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
