import { DOES_NOT_APPLY } from '@hurrow/contract';
import type { AnswerValue, SentAnswer, WalkSitting } from '@hurrow/contract';

export type Content = Pick<SentAnswer, 'typed' | 'state' | 'sure' | 'value' | 'clues'>;

/** Why an answer was not taken as it is. */
export interface Refusal {
  readonly why: string;
  readonly remedy: string;
  /** The server keeps it, and the instructor decides about it. */
  readonly kept: boolean;
}

/** An answer kept on the phone until the results are returned. */
export interface KeptAnswer extends SentAnswer {
  /** Sitting and student it belongs to. */
  readonly owner: string;
  readonly sent: boolean;
  readonly refused?: Refusal;
}

/** What a phone keeps. Every call may fail: a private window or a full phone refuses. */
export interface WalkStore {
  readonly keepAnswer: (a: KeptAnswer) => Promise<void>;
  /** The answers of an owner in the order they were given. */
  readonly answers: (owner: string) => Promise<readonly KeptAnswer[]>;
  readonly mark: (
    ids: readonly string[],
    as: { readonly sent: boolean; readonly refused?: ReadonlyMap<string, Refusal> },
  ) => Promise<void>;
  readonly keepDraft: (owner: string, ask: string, text: string) => Promise<void>;
  readonly dropDraft: (owner: string, ask: string) => Promise<void>;
  readonly drafts: (owner: string) => Promise<ReadonlyMap<string, string>>;
  readonly keepSitting: (sitting: WalkSitting) => Promise<void>;
  readonly sitting: () => Promise<WalkSitting | null>;
  readonly forget: (owner: string) => Promise<void>;
}

export const ownerOf = (s: Pick<WalkSitting, 'sitting' | 'student'>): string => `${s.sitting}/${s.student}`;

export const contentOf = ({ typed, state, sure, value, clues }: Content): Content => ({
  ...(typed === undefined ? {} : { typed }),
  ...(state === undefined ? {} : { state }),
  ...(sure === undefined ? {} : { sure }),
  ...(value === undefined ? {} : { value }),
  ...(clues === undefined ? {} : { clues }),
});

/** What a field shows for an answer as the server has it. */
export function contentFrom(value: AnswerValue): Content {
  switch (value.kind) {
    case 'name':
      return { typed: value.text };
    case 'blank':
      return { typed: '' };
    case 'state':
      return { state: value.state };
    case 'count':
      return { state: String(value.n) };
    case 'does_not_apply':
      return { state: DOES_NOT_APPLY };
    case 'sureness':
      return { sure: value.sure };
    default:
      return { value };
  }
}
