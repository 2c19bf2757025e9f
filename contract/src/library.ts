import type { LibraryData } from '@hurrow/core/tells';
import type { Frequency, MergePolicy, Value } from '@hurrow/core/characters';

export type Rank =
  'family' | 'genus' | 'section' | 'group' | 'species' | 'infraspecies' | 'cultivar' | 'hybrid';
export type NameKind = 'accepted' | 'synonym' | 'older_family' | 'common';

export interface Name {
  readonly kind: NameKind;
  readonly text: string;
  readonly preferred: boolean;
}

export interface TaxonHeader {
  readonly id: string;
  readonly rank: Rank;
  /** The accepted scientific name; for a group its name. */
  readonly scientific: string;
  readonly authority: string | null;
  readonly common: string | null;
}

export interface SpeciesRow extends TaxonHeader {
  readonly family: string | null;
  /** Characters recorded of the species itself, inherited ones left out. */
  readonly own: number;
  readonly lists: readonly string[];
  readonly cautions: readonly string[];
  readonly status: 'draft' | 'checked';
}

export interface Source {
  readonly id: string;
  readonly kind: 'book' | 'herbarium' | 'colleague' | 'measurement' | 'own';
  readonly citation: string;
  readonly rank: number;
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
}

export interface Caution {
  readonly hazard: string;
  readonly forbids: readonly string[];
  readonly text: string;
}

export interface SpeciesProfile {
  readonly header: TaxonHeader;
  readonly names: readonly Name[];
  readonly above: readonly TaxonHeader[];
  readonly prose: readonly { readonly topic: string; readonly text: string }[];
  readonly cautions: readonly Caution[];
  readonly range: readonly { readonly region: string; readonly presence: string }[];
  readonly statements: readonly StatementRow[];
  readonly windows: LibraryData['windows'];
  readonly taxa: LibraryData['taxa'];
  readonly sources: readonly Source[];
  readonly policy: MergePolicy;
}

/** All that is recorded of the members of a list and above them; what follows from it is computed by core. */
export interface ListLibrary {
  readonly data: LibraryData;
  readonly members: readonly TaxonHeader[];
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
  readonly note?: string | null;
}

export interface ListSummary {
  readonly id: string;
  readonly name: string;
  readonly size: number;
}

export interface ListMember extends TaxonHeader {
  readonly week: number | null;
  readonly label: string | null;
  readonly own: number;
}

export interface ListDetail {
  readonly id: string;
  readonly name: string;
  readonly members: readonly ListMember[];
}

/** What one pasted line is to the library. */
export interface PreviewLine {
  readonly line: number;
  readonly name: string;
  readonly week: number | null;
  readonly label: string | null;
  readonly found:
    | { readonly kind: 'known' | 'misspelt'; readonly taxon: TaxonHeader; readonly by: string }
    | { readonly kind: 'shared'; readonly taxa: readonly TaxonHeader[]; readonly by: string }
    | { readonly kind: 'new' };
}

export interface ListBody {
  readonly name: string;
  readonly members: readonly {
    readonly taxon?: string;
    readonly newName?: string;
    readonly week?: number | null;
    readonly label?: string | null;
  }[];
}
