import type { AnswerValue, Sureness } from '@hurrow/core/answers';
import type { AnswerBox } from '@hurrow/core/quizzes';
import type { AskKind } from './quizzes.ts';
import type { Sketch } from './sketch.ts';

/** Something to choose: in words, or drawn. */
export interface WalkOption {
  readonly id: string;
  readonly label: string;
  readonly drawn: Sketch | null;
}

/** A question that is neither a name nor a character, with what it shows. */
export interface WalkQuestionShown {
  readonly prompt: string;
  readonly options: readonly WalkOption[];
  /** The other side of a match; for *which of two*, the characters of which one told. */
  readonly others: readonly WalkOption[];
  /** What a place is marked on. */
  readonly drawing: Sketch | null;
}

/** An ask as a student's phone sees it: nothing in it comes from the key. */
export interface WalkAsk {
  readonly id: string;
  readonly kind: AskKind;
  readonly points: number;
  readonly call?: {
    readonly organ: string;
    readonly term: string;
    readonly plain: string;
    readonly definition: string;
    /** How it is answered: by a choice, a whole number, or a length with its unit. */
    readonly recorded: 'states' | 'count' | 'measure';
    readonly states: readonly { readonly id: string; readonly term: string; readonly plain: string }[];
  };
  readonly question?: WalkQuestionShown;
}

export interface WalkStation {
  readonly id: string;
  readonly number: number;
  /** What is at hand and what may be done, in words. */
  readonly material: readonly string[];
  readonly handling: readonly string[];
  readonly distance: string;
  readonly cautions: readonly string[];
  /** What is drawn where the station is a plate. */
  readonly drawn: readonly Sketch[];
  /** Parts shown one after the other, in words, with what opening each costs; empty where all is shown at once. */
  readonly clues: readonly { readonly part: string; readonly cost: number }[];
  readonly asks: readonly WalkAsk[];
}

export type WalkState = 'open' | 'closed' | 'returned';

/** An answer as it stands on the server for this student. */
export interface KnownAnswer {
  readonly id: string;
  readonly ask: string;
  readonly seq: number;
  /** When it was given, by the clock of the phone; when it came, where that is not known. */
  readonly at: string;
  readonly value: AnswerValue;
  /** Why it does not count yet; null where it counts. */
  readonly waits: string | null;
}

export interface WalkSitting {
  /** A random id of the sitting, known to its students alone; a request about it names it as `?sitting=`. */
  readonly sitting: string;
  /** When other phones joined under this number, ISO. */
  readonly otherDevices: readonly string[];
  readonly quiz: string;
  readonly on: string;
  readonly student: string;
  readonly state: WalkState;
  readonly submitted: boolean;
  /** What may be checked instead of an answer. */
  readonly box: AnswerBox;
  readonly stations: readonly WalkStation[];
  readonly answers: readonly KnownAnswer[];
}

/** A sitting a phone is in. */
export type WalkSeat = Pick<WalkSitting, 'sitting' | 'on' | 'student' | 'state' | 'submitted'>;

export { SURENESS } from '@hurrow/core/answers';
export type { AnswerValue, Sureness } from '@hurrow/core/answers';

/**
 * An answer sent by a phone under an id of its own, so that it may be sent twice. Names, states and sureness may be
 * written short; every other form comes as a tagged value.
 */
export interface SentAnswer {
  readonly id: string;
  readonly ask: string;
  readonly seq: number;
  readonly typed?: string;
  /** A called state, or `does-not-apply`. */
  readonly state?: string;
  readonly sure?: Sureness;
  readonly value?: AnswerValue;
  /** How many clues of the station were open beside the first. */
  readonly clues?: number;
  readonly at: string;
}

/** An answer of a batch, checked and in its one form. */
export interface CheckedAnswer {
  readonly id: string;
  readonly ask: string;
  readonly seq: number;
  readonly value: AnswerValue;
  readonly clues: number;
  readonly at: string;
}

export const MAX_BATCH = 200;
export const MAX_TYPED = 200;
export const DOES_NOT_APPLY = 'does-not-apply';

/** An answer of a batch that was not taken as it is. */
export interface RefusedAnswer {
  /** As it was sent; empty where it was no text. */
  readonly id: string;
  /** Its index in the batch. */
  readonly at: number;
  readonly why: string;
  readonly remedy: string;
  /** Whether it is kept, and the instructor decides about it. */
  readonly kept: boolean;
}

export interface BatchReceipt {
  readonly accepted: readonly string[];
  readonly refused: readonly RefusedAnswer[];
  /** Other phones that this student number is open on. */
  readonly otherDevices: number;
}

/** Why a join does not go through yet. The last part of a problem's type. */
export const JOIN_NEEDS = {
  /** Nobody has claimed the number: choose a private word. */
  choose: 'urn:hurrow:choose-word',
  /** The number is claimed: give its private word, or ask staff. */
  word: 'urn:hurrow:word-needed',
} as const;

/** Answers allowed per question and phone; far more than a hand can send. */
export const MOST_PER_ASK = 50;

/** How a phone that asked to be let in stands. */
export interface Joining {
  readonly state: 'none' | 'asked' | 'in' | 'refused' | 'ended';
}

export interface ResultTell {
  readonly character: string;
  readonly organ: string;
  readonly truth: string;
  readonly named: string;
  /** Both states drawn, where a line can show them. */
  readonly drawn: { readonly truth: Sketch; readonly named: Sketch } | null;
}

export interface ResultAsk {
  readonly kind: AskKind;
  readonly character: string | null;
  readonly typed: string;
  /** Null, as outcome and key are, while the station is held back. */
  readonly points: number | null;
  readonly most: number;
  readonly outcome: string | null;
  readonly key: string | null;
  /** Why it earned part of its points or none; null where it earned all, or is held back. */
  readonly why: string | null;
  readonly reason: string | null;
  /** The points it had before a person changed them; null where nobody did. */
  readonly before: number | null;
}

export interface ResultStation {
  readonly number: number;
  /** Another class still has this tree ahead: what it is comes on this date, ISO. */
  readonly later: string | null;
  /** It counts for nobody. */
  readonly dropped: boolean;
  /** Null while the station is held back. */
  readonly truth: { readonly scientific: string; readonly common: string | null } | null;
  readonly asks: readonly ResultAsk[];
  /** The species named instead, with what would have told the two apart there that day. */
  readonly mixedWith: {
    readonly scientific: string;
    readonly common: string | null;
    readonly tells: readonly ResultTell[];
    readonly verdict: 'told' | 'twins' | 'unproven';
  } | null;
}

export interface WalkResults {
  readonly quiz: string;
  readonly on: string;
  readonly student: string;
  readonly points: number;
  readonly most: number;
  /** Whether points are shown. */
  readonly scored: boolean;
  readonly stations: readonly ResultStation[];
  /** What this student mixed up so far, over all quizzes of the class that were returned. */
  readonly mixUps: readonly OwnMixUp[];
}

/** A mix-up as its student reads it. */
export interface OwnMixUp {
  /** Names as the class uses them. */
  readonly wrote: string;
  readonly tree: string;
  readonly k: number;
  readonly n: number;
  /** Chances since results were returned, and how often it happened again. */
  readonly again: { readonly k: number; readonly n: number };
  readonly clean: number;
  readonly resolved: boolean;
}

export interface JoinBody {
  readonly code: string;
  readonly student: string;
  /** The private word; null where none is given yet. */
  readonly word: string | null;
  /** Ask staff to let this phone in. */
  readonly ask: boolean;
}

/** A batch of answers, each checked by itself, so that a bad one refuses itself alone. */
export interface AnswersBody {
  readonly answers: readonly unknown[];
}
