import type { Name, NameKind, Source, StatementRow, TaxonHeader } from './library.ts';
import type { MergePolicy } from '@hurrow/core/characters';
import type { Organ, WindowKind } from '@hurrow/core/conditions';
import type { RecordSize } from '@hurrow/core/measuring';
import type { NameUse } from '@hurrow/core/names';
import type { LibraryData } from '@hurrow/core/tells';

export interface Caution {
  readonly hazard: string;
  readonly forbids: readonly string[];
  readonly text: string;
  /** The group it was written for, where it is inherited. */
  readonly from?: string;
}

export const PROSE_TOPICS = [
  'summary',
  'how_to_tell',
  'mnemonic',
  'habitat',
  'wildlife',
  'wood',
  'history',
  'why',
  'pests',
  'status',
] as const;
export const AUDIENCES = ['young', 'general', 'technical'] as const;

export interface Prose {
  readonly topic: string;
  readonly text: string;
  readonly audience?: (typeof AUDIENCES)[number];
  readonly disputed?: boolean;
}

/** A name shared with another taxon: data, not an error. */
export interface SharedName {
  readonly text: string;
  readonly with: readonly TaxonHeader[];
}

export interface NameRoot {
  readonly name: string;
  readonly element: string;
  readonly language: string;
  readonly meaning: string;
  readonly character: string | null;
  readonly state: string | null;
  readonly contested: boolean;
}

/** A declared look-alike with what parts the two. */
export interface PairNote {
  readonly id: string;
  readonly other: TaxonHeader;
  readonly character: string | null;
  readonly text: string | null;
  readonly mnemonic: string | null;
  /** The one of the two that shows more of the character, where only that is said. */
  readonly greater: string | null;
}

export interface Photo {
  readonly id: string;
  readonly organ: Organ | null;
  readonly takenOn: string | null;
  readonly credit: string | null;
  readonly width: number;
  readonly height: number;
}

export interface RecordTree extends RecordSize {
  readonly place: string | null;
  readonly year: number | null;
}

/** A season window as it can be edited. */
export interface SeasonRow {
  readonly id: string;
  readonly kind: WindowKind;
  readonly start: number;
  readonly end: number;
  readonly ref: { readonly lat: number; readonly lon: number; readonly elevM: number };
  readonly source: string | null;
}

export interface SpeciesProfile {
  readonly header: TaxonHeader;
  readonly version: number;
  readonly status: 'draft' | 'checked';
  readonly checkedBy: string | null;
  readonly checkedOn: string | null;
  readonly parents: readonly string[];
  readonly names: readonly Name[];
  readonly shared: readonly SharedName[];
  readonly above: readonly TaxonHeader[];
  /** Other species of the genus. */
  readonly congeners: readonly string[];
  readonly prose: readonly Prose[];
  readonly cautions: readonly Caution[];
  readonly roots: readonly NameRoot[];
  readonly pairs: readonly PairNote[];
  readonly photos: readonly Photo[];
  readonly record: RecordTree | null;
  readonly settled: readonly string[];
  readonly range: readonly { readonly region: string; readonly presence: string }[];
  /** Statements of the taxon, of those above it and of its congeners. */
  readonly statements: readonly StatementRow[];
  readonly windows: LibraryData['windows'];
  readonly seasons: readonly SeasonRow[];
  readonly taxa: LibraryData['taxa'];
  readonly sources: readonly Source[];
  readonly policy: MergePolicy;
  readonly policies: NonNullable<LibraryData['policies']>;
  readonly lists: readonly { readonly id: string; readonly name: string }[];
}

/** All that is written in the head of a species at once. */
export interface SpeciesBody {
  readonly scientific: string;
  /** How the scientific name is said. */
  readonly pronunciation?: string | null;
  readonly authority?: string | null;
  readonly status: 'draft' | 'checked';
  readonly parents: readonly string[];
  readonly names: readonly {
    readonly kind: Exclude<NameKind, 'accepted'>;
    readonly text: string;
    readonly preferred: boolean;
    readonly pronunciation?: string | null;
    readonly use?: NameUse | null;
  }[];
  readonly prose: readonly Prose[];
  readonly cautions: readonly {
    readonly hazard: string;
    readonly forbids: readonly string[];
    readonly text: string;
  }[];
  readonly roots: readonly NameRoot[];
  readonly record: RecordTree | null;
}

export interface PairBody {
  readonly a: string;
  readonly b: string;
  readonly character: string | null;
  readonly text: string | null;
  readonly mnemonic: string | null;
  /** The one that shows more of the character, where only that is said. */
  readonly greater?: string | null;
}

export interface SeasonBody {
  readonly kind: WindowKind;
  /** Days of the year as `MM-DD`. */
  readonly from: string;
  readonly to: string;
  /** Said by somebody who means a window over new year. */
  readonly crossesNewYear: boolean;
  readonly ref: SeasonRow['ref'];
  readonly source: string;
}

export interface QuestionBody {
  readonly question: string;
}

export type PhotoBody = Pick<Photo, 'organ' | 'takenOn' | 'credit'>;
