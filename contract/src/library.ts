import type { Life } from '@hurrow/core/conditions';
import type { Frequency, MergePolicy, Value } from '@hurrow/core/characters';
import type { NameUse } from '@hurrow/core/names';
import type { LibraryData } from '@hurrow/core/tells';

export type Rank =
  | 'family'
  | 'genus'
  | 'section'
  | 'group'
  | 'species'
  | 'infraspecies'
  | 'cultivar'
  | 'hybrid';
export type NameKind = 'accepted' | 'synonym' | 'older_family' | 'common';

export interface Name {
  readonly kind: NameKind;
  readonly text: string;
  readonly preferred: boolean;
  readonly pronunciation?: string | null;
  readonly use?: NameUse | null;
}

export interface TaxonHeader {
  readonly id: string;
  readonly rank: Rank;
  /** The accepted scientific name; for a group its name. */
  readonly scientific: string;
  readonly authority: string | null;
  readonly common: string | null;
}

/** A taxon with where it hangs, for choosing parents. */
export interface TaxonPlace extends TaxonHeader {
  readonly parents: readonly string[];
}

export interface SpeciesRow extends TaxonHeader {
  readonly family: string | null;
  /** Characters recorded of the species itself, inherited ones left out. */
  readonly own: number;
  readonly lists: readonly string[];
  readonly cautions: readonly string[];
  readonly status: 'draft' | 'checked';
}

export const SOURCE_KINDS = ['book', 'herbarium', 'colleague', 'measurement', 'own'] as const;

export interface Source {
  readonly id: string;
  readonly kind: (typeof SOURCE_KINDS)[number] | 'shipped';
  readonly citation: string;
  readonly n?: number | null;
  /** Smaller is better; the first is preferred. */
  readonly rank: number;
  readonly version?: number;
}

/** Sources in their order, and how several of them are merged. */
export interface Sources {
  readonly sources: readonly Source[];
  readonly policy: MergePolicy;
  readonly policies: NonNullable<LibraryData['policies']>;
}

export interface PoliciesBody {
  readonly policy: MergePolicy;
  readonly policies: NonNullable<LibraryData['policies']>;
}

/** A statement as it can be edited. */
export interface StatementRow {
  readonly id: string;
  readonly taxon: string;
  readonly character: string;
  readonly source: string;
  readonly value: Value;
  readonly n: number | null;
  readonly note: string | null;
  readonly version: number;
  /** The stage of life it was said of; absent where it was said of none. */
  readonly life?: Life;
  readonly shipped?: boolean;
}

export interface TaxonBody {
  readonly rank: Rank;
  readonly scientific: string;
  readonly authority?: string | null;
  readonly common: readonly string[];
  readonly parents: readonly string[];
}

/** What somebody recorded in many cells at once; null takes a statement back. */
export interface BatchEntry {
  readonly taxon: string;
  readonly character: string;
  readonly source: string;
  readonly value: EnteredStatement | null;
  /** The stage of life it is said of; absent or null where it is said of none. */
  readonly life?: Life | null;
  /** The version read, or null where nothing stood. */
  readonly version: number | null;
}

export interface BatchDone {
  readonly batch: string;
  readonly rows: readonly (StatementRow | null)[];
}

/** What undoing or redoing did: of which species, and to which characters. */
export interface Undone {
  readonly taxa: readonly string[];
  readonly statements: number;
  readonly changes: readonly { readonly taxon: string; readonly character: string }[];
}

/** The species that takes over what is recorded of another one, which ends. */
export interface SpeciesMergeBody {
  readonly into: string;
}

export interface SpeciesMerged {
  /** Entries that moved. */
  readonly moved: number;
  /** Entries that ended, since the same source says the same kind of thing of the other species. */
  readonly ended: number;
}

export type EnteredStatement =
  | {
      readonly kind: 'states';
      readonly states: readonly { readonly state: string; readonly freq: Frequency }[];
    }
  | { readonly kind: 'range'; readonly entered: string }
  | { readonly kind: 'inapplicable' };

export interface StatementBody {
  readonly taxon: string;
  readonly character: string;
  readonly source: string;
  readonly value: EnteredStatement;
  /** The stage of life it is said of; absent or null where it is said of none. */
  readonly life?: Life | null;
  readonly note?: string | null;
}

export type StatementChange = Pick<StatementBody, 'value' | 'note'>;

export interface BatchBody {
  readonly entries: readonly BatchEntry[];
}

export interface SourceBody {
  readonly kind: (typeof SOURCE_KINDS)[number];
  readonly citation: string;
  /** How many were measured, where it is measured. */
  readonly n: number | null;
  readonly rank: number;
}
