import { STAGES } from '@hurrow/core/conditions';
import type { Distance, Hazard, Organ, Stage } from '@hurrow/core/conditions';
import type { Value } from '@hurrow/core/characters';
import type { TaxonHeader } from './library.ts';
import type { Caution } from './species.ts';
import type { Site } from './people.ts';

/** Where a tree stands, by satellite or from a map. */
export interface TreePlace {
  readonly lat: number;
  readonly lon: number;
  /** Meters above the sea; null where it is not known. */
  readonly elevM: number | null;
}

export interface TreeRow {
  readonly id: string;
  readonly tag: string;
  readonly site: Site;
  /** Null where it was never recorded. */
  readonly place: TreePlace | null;
  readonly trail: string | null;
  readonly taxon: TaxonHeader;
  readonly stage: Stage | null;
  readonly condition: string | null;
  readonly planted: boolean;
  readonly hazards: readonly string[];
  readonly access: string | null;
  readonly cautions: readonly Caution[];
  readonly reach: Readonly<Partial<Record<Organ, Distance | 'out'>>>;
  readonly certified: Readonly<Record<string, Value>>;
  /** Kept for the sittings it was part of, and offered nowhere. */
  readonly retired: boolean;
  readonly version: number;
}

export { STAGES };

export interface TreeBody {
  readonly site: string;
  readonly tag: string;
  readonly taxon: string;
  readonly stage?: Stage | null;
  readonly reach: TreeRow['reach'];
}

/** A tree as it is corrected: all that a person may say of it. */
export interface TreeChange {
  readonly site: string;
  readonly place: TreePlace | null;
  readonly tag: string;
  readonly taxon: string;
  readonly stage: Stage | null;
  readonly condition: string | null;
  readonly hazards: readonly Hazard[];
  readonly access: string | null;
  readonly reach: TreeRow['reach'];
  readonly retired: boolean;
}

/** What was seen at a tree, character by character, as it is written in a cell; null takes a check back. */
export interface TreeChecks {
  readonly checks: readonly { readonly character: string; readonly entered: string | null }[];
}
