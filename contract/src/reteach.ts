import type { EffectVerdict } from '@hurrow/core/mixups';
import type { Material } from '@hurrow/core/conditions';
import type { CountOf } from './mixups.ts';
import type { TaxonHeader } from './library.ts';

export type LessonKind = 'taught' | 'retaught';

/** What a lesson took up: a pair of look-alikes, or one species. */
export interface LessonItem {
  readonly taxon: TaxonHeader;
  readonly other: TaxonHeader | null;
}

/** What followed a lesson on a pair, in one direction, on trees the students had not met before. */
export interface LessonFollowed {
  readonly truth: TaxonHeader;
  readonly answer: TaxonHeader;
  readonly verdict: EffectVerdict;
  readonly before: CountOf;
  readonly after: CountOf;
  /** The flagged pairs that were not taught again, together. */
  readonly others: { readonly before: CountOf; readonly after: CountOf };
}

export interface LessonRow {
  readonly id: string;
  readonly on: string;
  readonly kind: LessonKind;
  readonly items: readonly LessonItem[];
  readonly followed: readonly LessonFollowed[];
}

/** A cut part of a tree that is at hand. */
export interface SpecimenAtHand {
  readonly id: string;
  /** The tree it was cut from; null where nobody said. */
  readonly tree: string | null;
  readonly tag: string | null;
  readonly taxon: string;
  readonly material: readonly Material[];
  readonly takenOn: string | null;
  /** The last day it is good; null where it keeps. */
  readonly goodUntil: string | null;
  /** Characters that its bag hides. */
  readonly hides: readonly string[];
}

/** A wrong answer as it was written, of nobody: what a class looks at together. */
export interface ReviewAnswer {
  readonly truth: string;
  readonly answer: string;
  readonly typed: string;
  /** The tree it was written at; null where none is known. */
  readonly tree: string | null;
  /** Characters that could be seen there and separate the two. */
  readonly seen: readonly string[];
}

export interface LessonBody {
  readonly on: string;
  readonly kind: LessonKind;
  readonly items: readonly { readonly taxon: string; readonly other: string | null }[];
}
