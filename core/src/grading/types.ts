import type { AnswerValue } from '../answers/index.ts';
import type { Families, NameIndex, Outcome } from '../names/index.ts';
import type { ClueCost } from './clues.ts';
import type { ShownInWords } from './shown.ts';
import type { Accepted, GradePolicy, ValueOutcome } from '../quizzes/index.ts';

export type NameAskKind = 'common' | 'scientific' | 'either' | 'genus' | 'family';
export type AskKind = 'call' | NameAskKind | 'sureness' | 'choice' | 'match' | 'point' | 'text';
export type GradeOutcome = Outcome | ValueOutcome;

/** A question of a station, with what its key accepts. */
export interface KeyAsk {
  readonly id: string;
  readonly kind: AskKind;
  readonly character: string | null;
  /** The most points it earns. */
  readonly most: number;
  readonly ord: number;
  readonly accepted: Accepted;
  /** What it showed, where it is neither a name nor a character. */
  readonly shown?: ShownInWords;
}

/** What stands at a station, by its key. */
export interface KeyTruth {
  readonly taxon: string;
  readonly genus: string | null;
  readonly scientific: string;
  readonly common: string | null;
  /** The families it stands in; a key locked before families were asked has none. */
  readonly families?: Families | null;
  /** Every name that is accepted. */
  readonly names: readonly string[];
  /** Other species whose names are accepted as well. */
  readonly also?: readonly string[];
  /** It cannot be told from something listed, and to say so is right. */
  readonly notTellable?: boolean;
  /** It counts for nobody: it earns nothing, and nobody looked at its tree. */
  readonly dropped?: boolean;
  /** Parts shown one after the other, with what each costs. */
  readonly clues?: readonly ClueCost[];
}

/** A decision about a written name. What it names is fixed; what that is worth depends on the truth. */
export interface NameDecision {
  readonly folded: string;
  readonly taxon: string | null;
  readonly outcome: 'exact' | 'misspelled' | 'synonym' | 'other_species' | 'genus_only' | 'unlisted';
}

/** All that grading reads besides the answers; every part is frozen in a key, or is a decision on record. */
export interface GradingContext {
  readonly names: NameIndex;
  /** The genus of each taxon that has one. */
  readonly genera: ReadonlyMap<string, string>;
  readonly listed: ReadonlySet<string>;
  /** By the written name's normal form. */
  readonly decisions: ReadonlyMap<string, NameDecision>;
  readonly policy: GradePolicy;
}

export interface Graded {
  readonly outcome: GradeOutcome;
  readonly points: number;
  /** The taxon that was named. */
  readonly taxon: string | null;
  readonly why: string;
  /** The written name's normal form; null for what is not a name. */
  readonly folded: string | null;
}

export type { AnswerValue };
