import type { AnswerValue, DisputeKind } from '@hurrow/core/answers';
import type { GradeOutcome } from '@hurrow/core/grading';
import type { AskKind } from './quizzes.ts';
import type { TaxonHeader } from './library.ts';

export type { GradeOutcome } from '@hurrow/core/grading';

export interface GradeRow {
  readonly response: string;
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly station: number;
  /** The place of the tree's species among those of the grades. */
  readonly truth: number;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly typed: string;
  readonly origin: 'phone' | 'paper' | 'import';
  readonly outcome: GradeOutcome;
  readonly points: number;
  readonly most: number;
  /** The place of the species that was named. */
  readonly taxon: number | null;
  readonly why: string;
  readonly late: boolean;
  readonly override: {
    readonly points: number;
    readonly outcome: string;
    readonly reason: string;
    readonly by: string;
  } | null;
  /** Whether the written name was decided by a ruling. */
  readonly ruled: boolean;
}

export interface StudentTotal {
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly points: number;
  readonly most: number;
  readonly unanswered: number;
}

/** Why a grading is out of date. */
export type StaleReason = 'answers' | 'decisions' | 'key';

export interface Grades {
  readonly run: string | null;
  readonly at: string | null;
  /** The revision of the key it was graded by. */
  readonly keyRev: number | null;
  /** What changed after the run; empty where nothing did. */
  readonly stale: readonly StaleReason[];
  /** Students whose points differ from the results that were returned to them; empty where none were. */
  readonly changedSince: readonly ChangedTotal[];
  /** How many answers have a grade, and how many of them a person should see. */
  readonly answers: number;
  readonly toLookAt: number;
  /** Species that the answers name and should name. */
  readonly species: readonly TaxonHeader[];
  /** The answers that were asked for. */
  readonly rows: readonly GradeRow[];
  readonly totals: readonly StudentTotal[];
}

/** Another sitting that should be graded again. */
export interface StaleSitting {
  readonly sitting: string;
  readonly quiz: string;
  readonly section: string;
  readonly on: string;
}

/** What a grading did. */
export interface GradingDone {
  readonly run: string;
  /** Answers whose grade is other than before. */
  readonly changed: number;
  /** Other sittings that a decision touches. */
  readonly alsoStale: readonly StaleSitting[];
}

export interface ChangedTotal {
  readonly student: string;
  readonly code: string;
  readonly returned: number;
  readonly now: number;
}

/** An answer that came late, or says other than one before it, until somebody decides about it. */
export interface Dispute {
  readonly id: string;
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly station: number;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly why: DisputeKind;
  /** What it says, and what counts now in its place; null where nothing does. */
  readonly value: AnswerValue;
  readonly counts: AnswerValue | null;
  readonly origin: 'phone' | 'paper' | 'import';
  readonly at: string;
  readonly state: 'open' | 'counted' | 'kept' | 'dropped';
  readonly decidedBy: string | null;
}

export interface DisputeDecision {
  readonly disputes: readonly string[];
  /** *count* it, *keep* it on record without counting it, or *drop* it as not the student's own. */
  readonly decision: 'count' | 'keep' | 'drop';
}

/** One thing that is other now than a key holds. */
export interface KeyChange {
  /** Null for what touches the whole sitting. */
  readonly sittingStation: string | null;
  readonly number: number | null;
  readonly kind: 'tree' | 'identification' | 'names' | 'character' | 'conditions' | 'tells' | 'list';
  readonly character: string | null;
  readonly was: string;
  readonly is: string;
}

/** What a revision would do to the grades, counted by grading with it. */
/** What a change would do to the grades, before it is done. */
export interface KeyEffect {
  readonly answers: number;
  readonly students: number;
  /** Points gained and lost by all students together. */
  readonly gained: number;
  readonly lost: number;
  /** Who gains or loses, the largest change first. */
  readonly byStudent: readonly {
    readonly code: string;
    readonly firstName: string | null;
    readonly by: number;
  }[];
}

export interface KeyRevision {
  readonly rev: number;
  readonly why: string;
  readonly by: string | null;
  readonly at: string;
  readonly stations: number;
  /** The moment from which its stations hold, where a tree changed while the sitting was open. */
  readonly from: string | null;
}

/** The key of a sitting: its revisions, and what has changed since. */
/** A decision about a written name, with where it holds. */
export interface NameRuling {
  readonly id: string;
  /** The text as it was compared: lower case, without marks. */
  readonly text: string;
  readonly outcome: RulingBody['outcome'];
  readonly taxon: TaxonHeader | null;
  readonly scope: 'list' | 'section' | 'sitting';
  readonly list: string;
  readonly listName: string;
  readonly sectionName: string | null;
  readonly quizName: string | null;
  readonly by: string;
  readonly at: string;
  /** Students whose answers it grades now. */
  readonly students: number;
}

export interface RulingWithdrawn {
  /** Sittings with such answers, which change once they are graded again. */
  readonly alsoStale: readonly StaleSitting[];
}

export interface SittingKey {
  /** Stations that were dropped: they count for nobody. */
  readonly dropped: readonly { readonly sittingStation: string; readonly number: number }[];
  /** Null while the key is not locked. */
  readonly rev: number | null;
  readonly revisions: readonly KeyRevision[];
  readonly changes: readonly KeyChange[];
  /** What it would do to take all changes over; null where nothing is graded yet. */
  readonly effect: KeyEffect | null;
}

export interface RulingBody {
  readonly typed: string;
  readonly taxon?: string | null;
  readonly outcome: 'exact' | 'misspelled' | 'synonym' | 'other_species' | 'genus_only' | 'unlisted';
  /** Whom it holds for; an assistant decides for the sitting alone. Left out: every class with the list. */
  readonly scope?: 'list' | 'section' | 'sitting';
}

/** A name as written that nobody has decided about, with everything that one decision settles. */
export interface DecisionDue {
  readonly text: string;
  readonly folded: string;
  readonly kind: AskKind;
  readonly answers: number;
  readonly students: number;
  readonly stations: readonly {
    readonly number: number;
    readonly truth: TaxonHeader;
    readonly students: number;
  }[];
  /** Points that hang on it: the most there are less those given now. */
  readonly atStake: number;
  readonly outcome: GradeOutcome;
  readonly why: string;
  /** What it could mean, the nearest first; those equally near all stand. */
  readonly candidates: readonly { readonly taxon: TaxonHeader; readonly edits: number }[];
}

/** What a change would do in one sitting. */
export interface SittingEffect extends KeyEffect {
  readonly sitting: string;
  readonly quiz: string;
  readonly section: string;
  readonly on: string;
  /** Whether its students see their results already. */
  readonly returned: boolean;
}

/** What a decision or a new grading would do, sitting by sitting, this one first. */
export interface GradeEffect {
  readonly sittings: readonly SittingEffect[];
}

/** A station that no longer counts at a sitting, or counts again, with why. */
export interface StationDrop {
  readonly station: string;
  readonly drop: boolean;
  readonly why: string;
}

export interface OverrideBody {
  readonly points: number;
  readonly reason: string;
}

export interface KeyRevisionBody {
  /** Stations to take over; null for all, the list and the names with them. */
  readonly stations: readonly string[] | null;
  readonly why: string;
  /** The moment from which they hold, where a tree changed while the sitting was open. */
  readonly from?: string | null;
}
