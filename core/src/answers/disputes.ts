import { sameAnswer } from './value.ts';
import type { AnswerValue } from './value.ts';
import type { Candidate } from './counted.ts';

export const DISPUTE_KINDS = ['late', 'after_grading', 'other_content', 'older_phone', 'differs'] as const;
export type DisputeKind = (typeof DISPUTE_KINDS)[number];

export type Placed = Pick<Candidate, 'origin' | 'precedence' | 'takeover'> & { readonly value: AnswerValue };

/**
 * Why a new answer does not simply count; null where it does. Answers of other phones and sheets to the same question
 * come in `before`; those that are disputed themselves are left out.
 * @param when how the sitting stood when the answer arrived.
 */
export function disputeOf(
  answer: Placed,
  before: readonly Placed[],
  when: 'open' | 'closed' | 'graded',
): DisputeKind | null {
  if (answer.precedence === 2) return null;
  // Staff who enter a sheet or a file late know that they do.
  if (answer.origin === 'phone' && when !== 'open') return when === 'graded' ? 'after_grading' : 'late';
  const others = before.filter((b) => !sameAnswer(b.value, answer.value));
  if (answer.origin === 'phone' && others.some((b) => b.origin === 'phone' && b.takeover > answer.takeover))
    return 'older_phone';
  // Two hands for one student: what was there first goes on counting.
  return others.some((b) => b.origin !== answer.origin && b.precedence === 1) ? 'differs' : null;
}
