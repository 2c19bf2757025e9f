import type { AskKind } from './quizzes.ts';
import type { Sketch } from './sketch.ts';

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
    readonly states: readonly { readonly id: string; readonly term: string; readonly plain: string }[];
  };
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
  readonly asks: readonly WalkAsk[];
}

export type WalkState = 'open' | 'closed' | 'given_back';

/** An answer as it stands on the server for this student. */
export interface KnownAnswer {
  readonly id: string;
  readonly ask: string;
  readonly seq: number;
  readonly typed: string | null;
  readonly state: string | null;
  readonly sure: string | null;
}

export interface WalkSitting {
  readonly sitting: string;
  readonly quiz: string;
  readonly on: string;
  readonly student: string;
  readonly state: WalkState;
  readonly submitted: boolean;
  readonly stations: readonly WalkStation[];
  readonly answers: readonly KnownAnswer[];
}

export const SURENESS = ['sure', 'leaning', 'guessing'] as const;
export type Sureness = (typeof SURENESS)[number];

/** An answer sent by a phone under an id of its own, so that it may be sent twice. */
export interface SentAnswer {
  readonly id: string;
  readonly ask: string;
  readonly seq: number;
  readonly typed?: string;
  /** A called state, or `does-not-apply`. */
  readonly state?: string;
  readonly sure?: Sureness;
  readonly at: string;
}

export const MAX_BATCH = 200;
export const MAX_TYPED = 200;
export const DOES_NOT_APPLY = 'does-not-apply';

export interface BatchReceipt {
  readonly accepted: readonly string[];
  readonly refused: readonly { readonly id: string; readonly why: string }[];
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
  readonly points: number;
  readonly most: number;
  readonly outcome: string;
  readonly key: string;
  readonly reason: string | null;
}

export interface ResultStation {
  readonly number: number;
  readonly truth: { readonly scientific: string; readonly common: string | null };
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
  readonly stations: readonly ResultStation[];
}
