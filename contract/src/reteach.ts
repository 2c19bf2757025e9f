import type { EffectVerdict } from '@hurrow/core/mixups';
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

export interface LessonBody {
  readonly on: string;
  readonly kind: LessonKind;
  readonly items: readonly { readonly taxon: string; readonly other: string | null }[];
}
