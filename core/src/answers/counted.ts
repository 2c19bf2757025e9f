/** An answer of one student to one question, as far as it decides which of several counts. */
export interface Candidate {
  readonly id: string;
  readonly origin: 'phone' | 'paper' | 'import';
  /** 1: the student's own hand; 2: a correction by staff. */
  readonly precedence: 1 | 2;
  /** Which phone or sheet of its origin, counted from 1. */
  readonly takeover: number;
  readonly seq: number;
  /** When it was received, ISO. */
  readonly receivedAt: string;
  readonly dispute: {
    readonly state: 'open' | 'counted' | 'kept' | 'dropped';
    readonly decidedAt: string | null;
  } | null;
}

const latestFirst = (a: string | null, b: string | null): number =>
  a === b ? 0 : a === null ? 1 : b === null ? -1 : a < b ? 1 : -1;

/**
 * The answer that counts: an instructor's decision, else a correction by staff, else the latest of the student's
 * newest phone or sheet. A disputed answer does not count until it is decided, so the earlier one goes on counting.
 * Source: docs/domain.md, Answers. The view *counted_answer* says the same in SQL; a test holds them together.
 */
export function countedOf<T extends Candidate>(answers: readonly T[]): T | null {
  const standing = answers.filter((a) => a.dispute === null || a.dispute.state === 'counted');
  const [first] = [...standing].sort(
    (a, b) =>
      latestFirst(a.dispute?.decidedAt ?? null, b.dispute?.decidedAt ?? null) ||
      b.precedence - a.precedence ||
      b.takeover - a.takeover ||
      b.seq - a.seq ||
      latestFirst(a.receivedAt, b.receivedAt) ||
      latestFirst(a.id, b.id),
  );
  return first ?? null;
}
