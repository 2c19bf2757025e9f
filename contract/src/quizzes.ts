import type { Distance, Material } from '@hurrow/core/conditions';
import type { AskParams, ClueOrgan, GradePolicy, QuizPlan } from '@hurrow/core/quizzes';
import type { AskKind } from '@hurrow/core/grading';
import type { TreeRow } from './trees.ts';
import type { SittingSummary } from './sittingStates.ts';

export const NAME_ASKS = ['common', 'scientific', 'either', 'genus', 'family'] as const;
export type NameAskKind = (typeof NAME_ASKS)[number];
export type { AskKind } from '@hurrow/core/grading';

export interface Ask {
  readonly id: string;
  readonly ord: number;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly points: number;
  /** What is shown and what is right, where it is neither a name nor a character. */
  readonly params: AskParams | null;
}

/** An ask as an instructor sets it: a character, a name, how sure the student is, or another kind of question. */
export interface AskBody {
  readonly kind: AskKind;
  readonly character?: string | null;
  readonly points: number;
  readonly params?: AskParams | null;
}

/** A part that may be shown after others, for so many points. */
export interface Clue {
  readonly organ: ClueOrgan;
  readonly cost: number;
}

/** What lies at a station, what it accepts, and what it shows step by step. */
export interface StationSetting {
  readonly material: readonly Material[];
  readonly distance: Distance;
  /** Other species whose name is accepted too. */
  readonly accepts: readonly string[];
  /** Set up so that it cannot be told from something listed, which is then the right answer. */
  readonly notTellable: boolean;
  readonly clues: readonly Clue[];
}

export interface StationBody extends Partial<StationSetting> {
  readonly individual: string;
  readonly number?: number;
  readonly asks: readonly AskBody[];
}

export interface Station extends StationSetting {
  readonly id: string;
  readonly number: number;
  readonly tree: TreeRow;
  readonly asks: readonly Ask[];
  /** Sittings of the list’s classes in which this tree stood before. */
  readonly stoodBefore: number;
  readonly version: number;
}

/** Stations in a new order, all of them. */
export interface StationOrder {
  readonly stations: readonly string[];
}

/** How a quiz is run and how its names are graded. */
export interface QuizPlanBody {
  readonly plan: QuizPlan;
  readonly policy: GradePolicy;
}

export interface QuizSummary {
  readonly id: string;
  readonly name: string;
  readonly list: string;
  readonly listName: string;
  readonly stations: number;
  readonly sittings: readonly SittingSummary[];
  readonly archived: boolean;
}

export interface QuizDetail {
  readonly id: string;
  readonly name: string;
  readonly list: string;
  readonly listName: string;
  readonly policy: GradePolicy;
  readonly plan: QuizPlan;
  readonly stations: readonly Station[];
  readonly sittings: readonly SittingSummary[];
  /** Once the key of a sitting is locked, its stations no longer change. */
  readonly locked: boolean;
  readonly archived: boolean;
  readonly version: number;
}

export interface QuizChange {
  readonly name: string;
  readonly list: string;
  readonly archived: boolean;
}

/** Many trees at once, each a station with the same questions. */
export interface StationsBody {
  readonly individuals: readonly string[];
  readonly asks: readonly AskBody[];
  /** What each asks besides, in the order of the trees. */
  readonly askEach?: readonly (readonly AskBody[])[];
}

export interface QuizBody {
  readonly name: string;
  readonly list: string;
}
