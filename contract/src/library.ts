import type { LibraryData } from '@hurrow/core/tells';
import type { Character, Frequency, MergePolicy, Value } from '@hurrow/core/characters';
import type { Organ, ShiftRates, WindowKind } from '@hurrow/core/conditions';
import type { RecordSize } from '@hurrow/core/measuring';

export type Rank =
  'family' | 'genus' | 'section' | 'group' | 'species' | 'infraspecies' | 'cultivar' | 'hybrid';
export type NameKind = 'accepted' | 'synonym' | 'older_family' | 'common';

export interface Name {
  readonly kind: NameKind;
  readonly text: string;
  readonly preferred: boolean;
  readonly pronunciation?: string | null;
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
  readonly fallback?: boolean;
}

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

export interface Sighted {
  readonly id: string;
  readonly site: string;
  readonly taxon: string;
  readonly kind: WindowKind;
  /** ISO date. */
  readonly on: string;
  readonly present: boolean;
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

export interface TaxonBody {
  readonly rank: Rank;
  readonly scientific: string;
  readonly authority?: string | null;
  readonly common: readonly string[];
  readonly parents: readonly string[];
}

export interface PairBody {
  readonly a: string;
  readonly b: string;
  readonly character: string | null;
  readonly text: string | null;
  readonly mnemonic: string | null;
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

/** What somebody recorded in many cells at once; null takes a statement back. */
export interface BatchEntry {
  readonly taxon: string;
  readonly character: string;
  readonly source: string;
  readonly value: EnteredStatement | null;
  /** The version read, or null where nothing stood. */
  readonly version: number | null;
}

export interface BatchDone {
  readonly batch: string;
  readonly rows: readonly (StatementRow | null)[];
}

export interface Undone {
  readonly taxa: readonly string[];
  readonly statements: number;
}

/** All that is recorded of the members of a list and above them; what follows from it is computed by core. */
export interface ListLibrary {
  readonly data: LibraryData;
  /** What was seen in season at the sites. */
  readonly sightings: readonly Sighted[];
  readonly members: readonly TaxonHeader[];
}

/** The members of a list, or every species, with statements that can be edited. */
export interface LibraryTable extends Sources {
  readonly members: readonly TaxonHeader[];
  readonly taxa: LibraryData['taxa'];
  readonly windows: LibraryData['windows'];
  readonly rows: readonly StatementRow[];
}

/** A character as the glossary shows it and an instructor rewords it. */
export interface GlossaryCharacter extends Character {
  readonly version: number;
  readonly origin: 'shipped' | 'own';
}

export interface GlossaryWord {
  readonly id: string;
  readonly text: string;
  readonly character: string;
  readonly state: string | null;
}

export interface Glossary {
  readonly characters: readonly GlossaryCharacter[];
  readonly words: readonly GlossaryWord[];
}

export interface StateBody {
  /** Missing for a new state. */
  readonly id?: string;
  readonly term: string;
  readonly plain: string;
  readonly definition: string;
  readonly parent?: string | null;
  readonly swatch?: string | null;
  readonly retired?: boolean;
}

export interface CharacterChange {
  readonly term: string;
  readonly plain: string;
  readonly definition: string;
  readonly counting?: string | null;
  readonly retired: boolean;
  readonly states: readonly StateBody[];
}

export interface CharacterBody extends Omit<CharacterChange, 'retired'> {
  readonly organ: Organ;
  readonly kind: Character['kind'];
  readonly unit?: string;
  readonly material: Character['material'];
  readonly needs: Character['needs'];
  readonly distance: Character['distance'];
  readonly season: Character['season'];
  readonly effort: number;
}

/** How often a class called a character wrong, counted from its marked calls. */
export interface MisreadRow {
  readonly character: string;
  readonly calls: number;
  readonly wrong: number;
  /** What was called where it was wrong, most often first. */
  readonly readAs: readonly { readonly state: string; readonly times: number }[];
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
  readonly version?: number;
}

export interface ListMember extends TaxonHeader {
  readonly week: number | null;
  readonly label: string | null;
  readonly own: number;
}

export interface ListDetail {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly members: readonly ListMember[];
  /** Sections answerable for it. */
  readonly sections: readonly string[];
}

/** What one pasted line is to the library. */
export interface PreviewLine {
  readonly line: number;
  readonly name: string;
  readonly common: string | null;
  readonly family: string | null;
  readonly synonyms: readonly string[];
  readonly olderFamilies: readonly string[];
  readonly week: number | null;
  readonly label: string | null;
  readonly found:
    | { readonly kind: 'known' | 'misspelt'; readonly taxon: TaxonHeader; readonly by: string }
    | { readonly kind: 'shared'; readonly taxa: readonly TaxonHeader[]; readonly by: string }
    /** New; with the genus or group it would stand in, where the library knows one. */
    | { readonly kind: 'new'; readonly under: TaxonHeader | null };
}

export interface ListBody {
  readonly name: string;
  readonly members: readonly {
    readonly taxon?: string;
    readonly newName?: string;
    readonly common?: string | null;
    readonly under?: string | null;
    readonly family?: string | null;
    readonly synonyms?: readonly string[];
    readonly olderFamilies?: readonly string[];
    readonly week?: number | null;
    readonly label?: string | null;
  }[];
}

export interface SiteBody {
  readonly name: string;
  readonly lat: number;
  readonly lon: number;
  readonly elevM: number;
  readonly tz: string;
  readonly rates?: Partial<ShiftRates>;
}
