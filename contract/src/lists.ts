import type { Sources, StatementRow, TaxonHeader } from './library.ts';
import type { ShiftRates, WindowKind } from '@hurrow/core/conditions';
import type { RealTree } from '@hurrow/core/names';
import type { LibraryData } from '@hurrow/core/tells';

export interface Sighting {
  readonly id: string;
  readonly site: string;
  readonly taxon: string;
  readonly kind: WindowKind;
  /** ISO date. */
  readonly on: string;
  readonly present: boolean;
}

/** All that is recorded of the members of a list and above them; what follows from it is computed by core. */
export interface ListLibrary {
  readonly data: LibraryData;
  /** What was seen in season at the sites. */
  readonly sightings: readonly Sighting[];
  readonly members: readonly TaxonHeader[];
}

/** The members of a list, or every species, with statements that can be edited. */
export interface LibraryTable extends Sources {
  readonly members: readonly TaxonHeader[];
  readonly taxa: LibraryData['taxa'];
  readonly windows: LibraryData['windows'];
  readonly rows: readonly StatementRow[];
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
  /** Whoever takes it for something else can be hurt. */
  readonly hazardous: boolean;
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
    | { readonly kind: 'known' | 'misspelled'; readonly taxon: TaxonHeader; readonly by: string }
    | { readonly kind: 'shared'; readonly taxa: readonly TaxonHeader[]; readonly by: string }
    /** New; with the genus or group it would stand in, where the library knows one. */
    | {
        readonly kind: 'new';
        readonly under: TaxonHeader | null;
        /** The real tree it stands for, where it is known beyond the library. */
        readonly real: RealTree | null;
      };
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

export type SightingBody = Omit<Sighting, 'id'>;

export interface ListText {
  readonly text: string;
}

export interface ListCopyBody {
  readonly name: string;
}
