import type { Area, Challenge, Fit, Ground, Presence } from '@hurrow/core/range';
import type { TaxonHeader } from './library.ts';

export interface RangeRow {
  readonly region: string;
  readonly presence: Presence;
  readonly source: string | null;
}

/** A located tree that stands where the range does not say its species grows by itself. */
export interface ChallengedTree extends Challenge {
  readonly tree: string;
  readonly tag: string;
  readonly where: string;
  readonly lat: number;
  readonly lon: number;
  readonly planted: boolean;
  readonly taxon: TaxonHeader;
  readonly regionName: string;
}

export type Verdict = 'accepted' | 'rejected' | 'unsure';

/** A record of an occurrence service, by the terms of Darwin Core, held against the range. */
export interface OccurrenceRow {
  readonly occurrenceID: string;
  readonly scientificName: string;
  readonly decimalLatitude: number;
  readonly decimalLongitude: number;
  /** ISO date; null where the record has none. */
  readonly eventDate: string | null;
  readonly basisOfRecord: string;
  readonly locality: string;
  /** The county it lies in; null outside the United States. */
  readonly region: string | null;
  readonly regionName: string | null;
  /** What the range says there; null where it says nothing. */
  readonly presence: Presence | null;
  /** Whether the record names the species by its accepted name. */
  readonly sameName: boolean;
  readonly verdict: Verdict | null;
}

export interface RangeDetail {
  readonly taxon: TaxonHeader;
  readonly version: number;
  readonly records: readonly RangeRow[];
  readonly areas: readonly {
    readonly presence: Presence;
    readonly geometry: Area;
  }[];
  readonly occurrences: readonly OccurrenceRow[];
  readonly trees: readonly { readonly tag: string; readonly lat: number; readonly lon: number }[];
  readonly challenges: readonly ChallengedTree[];
  /** Names of the counties that are spoken of, by code. */
  readonly counties: Readonly<Record<string, string>>;
}

export interface GrowingRow {
  readonly taxon: TaxonHeader;
  readonly fit: Fit;
  readonly grounds: readonly Ground[];
}

export interface GrowingHere {
  readonly region: string | null;
  readonly regionName: string | null;
  readonly rows: readonly GrowingRow[];
}

export interface RangeBody {
  readonly records: readonly RangeRow[];
}

/** A record with what somebody says of it. */
export interface OccurrenceBody {
  readonly record: Pick<
    OccurrenceRow,
    | 'occurrenceID'
    | 'scientificName'
    | 'decimalLatitude'
    | 'decimalLongitude'
    | 'eventDate'
    | 'basisOfRecord'
    | 'locality'
  >;
  readonly verdict: Verdict;
}
