import type { Organ } from '../conditions/index.ts';
import type { Character, Frequency, MergePolicy } from '../characters/index.ts';
import type { NameUse } from '../names/index.ts';

/** What a source says of one character of one taxon, as a document holds it. */
export interface StatementPart {
  readonly character: string;
  /** The citation of its source. */
  readonly source: string;
  readonly value: ValuePart;
  readonly life: string | null;
  readonly n: number | null;
  readonly note: string | null;
}

/** States with their frequency, or a range as typed with its numbers in the character's unit. */
export type ValuePart =
  | {
      readonly kind: 'states';
      readonly states: readonly { readonly state: string; readonly freq: Frequency }[];
    }
  | {
      readonly kind: 'range';
      readonly entered: string;
      readonly numbers?: RangeNumbers;
    }
  | { readonly kind: 'inapplicable' };

export interface RangeNumbers {
  readonly xlow: number | null;
  readonly low: number;
  readonly high: number;
  readonly xhigh: number | null;
  /** Open above: the low alone is known. */
  readonly more?: boolean;
  readonly unit: string;
}

export interface NamePart {
  readonly kind: 'synonym' | 'older_family' | 'common';
  readonly text: string;
  readonly preferred: boolean;
  readonly pronunciation: string | null;
  readonly use?: NameUse | null;
}

export interface RootPart {
  /** The name it is a root of. */
  readonly name: string;
  readonly element: string;
  readonly language: string;
  readonly meaning: string;
  readonly character: string | null;
  readonly state: string | null;
  readonly contested: boolean;
}

export interface ProsePart {
  readonly topic: string;
  readonly audience: string;
  readonly text: string;
  readonly region: string | null;
  readonly on: string | null;
  readonly disputed: boolean;
}

export interface CautionPart {
  readonly hazard: string;
  readonly forbids: readonly string[];
  readonly text: string;
}

export interface RangePart {
  readonly region: string;
  readonly presence: string;
  readonly source: string | null;
}

/** An area drawn on the map, as GeoJSON geometry in WGS 84. */
export interface AreaPart {
  readonly presence: string;
  readonly geometry: AreaGeometry;
  readonly source: string | null;
}

export type AreaGeometry =
  | { readonly type: 'Polygon'; readonly coordinates: readonly (readonly (readonly number[])[])[] }
  | {
      readonly type: 'MultiPolygon';
      readonly coordinates: readonly (readonly (readonly (readonly number[])[])[])[];
    };

export interface SeasonPart {
  readonly kind: string;
  /** Days of a common year, 1 to 365; a window may cross new year. */
  readonly start: number;
  readonly end: number;
  readonly lat: number;
  readonly lon: number;
  readonly elevation: number;
  readonly source: string | null;
}

export interface RecordPart {
  /** Millimetres. */
  readonly girth: number;
  readonly height: number;
  readonly spread: number;
  readonly place: string | null;
  readonly year: number | null;
}

/** A taxon; a part that is missing says nothing and changes nothing. */
export interface TaxonPart {
  readonly name: string;
  readonly rank: string;
  readonly authority?: string | null;
  readonly pronunciation?: string | null;
  readonly status?: string;
  readonly checkedOn?: string | null;
  readonly parents?: readonly { readonly name: string; readonly kind: string }[];
  readonly names?: readonly NamePart[];
  readonly roots?: readonly RootPart[];
  readonly prose?: readonly ProsePart[];
  readonly cautions?: readonly CautionPart[];
  readonly range?: readonly RangePart[];
  readonly areas?: readonly AreaPart[];
  readonly seasons?: readonly SeasonPart[];
  readonly record?: RecordPart | null;
  readonly statements?: readonly StatementPart[];
}

export interface SourcePart {
  readonly citation: string;
  readonly kind: string;
  readonly n: number | null;
  readonly rank: number;
}

export interface PairPart {
  readonly a: string;
  readonly b: string;
  readonly character: string | null;
  readonly text: string | null;
  readonly mnemonic: string | null;
  /** Name of the one that shows more of the character, where only that is said. */
  readonly greater?: string | null;
}

export interface ListPart {
  readonly name: string;
  readonly members: readonly {
    readonly name: string;
    readonly week: number | null;
    readonly label: string | null;
  }[];
}

export interface WordPart {
  readonly text: string;
  readonly character: string;
  readonly state: string | null;
  readonly audience: string | null;
}

export type CharacterPart = Character & { readonly origin?: 'shipped' | 'own'; readonly organ: Organ };

/** What a file of any of the library's formats holds; a part that is missing says nothing. */
export interface LibraryPart {
  readonly characters?: readonly CharacterPart[];
  readonly words?: readonly WordPart[];
  readonly merge?: MergePolicy;
  readonly policies?: readonly {
    readonly character: string;
    readonly policy: MergePolicy;
    readonly source: string | null;
  }[];
  readonly sources?: readonly SourcePart[];
  readonly taxa?: readonly TaxonPart[];
  readonly pairs?: readonly PairPart[];
  readonly lists?: readonly ListPart[];
}

/** The whole library, every part of it there. */
export type LibraryDocument = Required<LibraryPart>;
