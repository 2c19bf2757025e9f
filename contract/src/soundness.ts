import type { Advice, ClassAbility, Correlation, Reliability } from '@hurrow/core/soundness';
import type { TaxonHeader } from './library.ts';

/** Whether the tag of a tree was looked at and found right. */
export interface TagLookedAt {
  readonly by: string | null;
  readonly at: string;
}

/** What the answers at a station say against its tag. */
export interface TagCheck {
  readonly verdict: 'check' | 'hint' | 'none';
  readonly instead: TaxonHeader;
  readonly namedAsTag: number;
  readonly namedAsInstead: number;
  readonly answers: number;
  readonly logRatio: number;
  readonly posterior: number;
  /** Other stations of the two species, and answers at them. */
  readonly otherStations: number;
  readonly otherAnswers: number;
  /** Somebody looked and found the tag right; null where nobody did. */
  readonly foundRight: TagLookedAt | null;
}

/** How one station of a quiz did. */
export interface SoundStation {
  readonly sittingStation: string;
  readonly number: number;
  readonly tag: string | null;
  readonly truth: TaxonHeader;
  /** Students who were there, and how many of them named it right. */
  readonly n: number;
  readonly right: number;
  readonly correlation: Correlation;
  /** Logits; null where there is no scale. */
  readonly difficulty: { readonly value: number; readonly se: number } | null;
  /** The other names given most, the most frequent first. */
  readonly others: readonly { readonly taxon: TaxonHeader; readonly n: number }[];
  readonly check: TagCheck | null;
  /** What to do about it. */
  readonly advice: Advice;
}

export interface SoundStudent {
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly right: number;
  readonly of: number;
  readonly ability: number;
  readonly se: number;
}

/** A sitting through which a class is followed on one scale. */
export interface SoundThrough {
  readonly sitting: string;
  readonly quiz: string;
  readonly on: string;
  /** Stations in common with the sitting that is looked at. */
  readonly common: number;
  readonly ability: ClassAbility | null;
  readonly right: number;
  readonly of: number;
}

/** What the answers of a sitting say about the quiz itself. */
export interface Soundness {
  readonly sitting: string;
  /** What there is too little of to say more than counts. */
  readonly tooFew: readonly ('students' | 'stations')[];
  readonly students: number;
  /** Classes with the same trees and material at the same season, this one first; `counted` where their answers are in. */
  readonly classes: readonly {
    readonly sitting: string;
    readonly section: string;
    readonly on: string;
    readonly students: number;
    readonly counted: boolean;
  }[];
  readonly reliability: Reliability;
  /** Stations of the kind that would make the order of students steady; null where it is, or nobody can know. */
  readonly missing: number | null;
  readonly sigma: number | null;
  readonly stations: readonly SoundStation[];
  readonly scale: readonly SoundStudent[];
  readonly through: readonly SoundThrough[];
}

/** What is decided about a tag that the answers speak against: another species, or null where it is right. */
export interface TagDecision {
  readonly station: string;
  readonly taxon: string | null;
  readonly why: string;
}
