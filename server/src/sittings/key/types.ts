import type { KeyAsk, KeyTruth } from '@hurrow/core/grading';
import type { Value } from '@hurrow/core/characters';
import type { Conditions } from '@hurrow/core/conditions';
import type { FairnessVerdict } from '@hurrow/core/fairness';
import type { GradePolicy, UnfairReason } from '@hurrow/core/quizzes';
import type { FrozenRival, FrozenValue } from '@hurrow/core/stations';
import type { FrozenNames } from './names.ts';

/** What a station accepts, kept as one: its truth, its questions and the tag of its tree. */
export interface Accept extends Omit<KeyTruth, 'taxon'> {
  readonly tag: string | null;
  readonly asks: readonly KeyAsk[];
  /** What each question earned before the station was dropped. */
  readonly mostBefore?: readonly number[];
}

/** A station's key. */
export interface StationKey {
  readonly sittingStation: string;
  readonly station: string;
  readonly number: number;
  readonly rev: number;
  readonly individual: string | null;
  readonly taxon: string;
  readonly accept: Accept;
  readonly conditions: Conditions;
  /** The moment from which it holds, where the tree changed while the sitting was open; null for everybody. */
  readonly validFrom: string | null;
  /** Null for a key that was locked before stations were judged. */
  readonly fairness: KeptFairness | null;
}

export interface KeyTaxon {
  readonly taxon: string;
  readonly week: number | null;
  readonly label: string | null;
  readonly taught: boolean;
  readonly profile: Readonly<Record<string, Value>>;
}

/** How fair a station was when its key was written, and why it is used if it is not. */
export interface KeptFairness {
  readonly verdict: FairnessVerdict;
  /** How often the best guess between the tree and its closest look-alike is right, 0 to 1. */
  readonly right: number | null;
  readonly rival: string | null;
  readonly reason: UnfairReason | null;
  readonly note: string | null;
}

/** A station with all that is frozen of it. */
export interface GatheredStation extends Omit<StationKey, 'rev' | 'validFrom' | 'fairness'> {
  readonly why: Pick<KeptFairness, 'reason' | 'note'>;
  readonly values: readonly FrozenValue[];
  readonly rivals: readonly FrozenRival[];
}

/** What a key locked now would hold. */
export interface Gathered {
  readonly policy: GradePolicy;
  readonly names: FrozenNames & { readonly hash: string; readonly text: string };
  readonly list: readonly KeyTaxon[];
  readonly stations: readonly GatheredStation[];
  /** Judges the stations, or some of them; it is asked only when a key is written. */
  readonly judge: (stations?: ReadonlySet<string>) => Promise<ReadonlyMap<string, KeptFairness>>;
}

/** All revisions of a station that hold for somebody, newest first. */
export const heldAt = (
  key: { readonly earlier: ReadonlyMap<string, readonly StationKey[]> },
  station: StationKey,
): readonly [StationKey, ...StationKey[]] => [station, ...(key.earlier.get(station.sittingStation) ?? [])];

export const truthOf = (k: Pick<StationKey, 'taxon' | 'accept'>): KeyTruth => ({
  taxon: k.taxon,
  ...k.accept,
});
