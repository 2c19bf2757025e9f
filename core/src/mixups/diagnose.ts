import type { CallOutcome } from '../quizzes/index.ts';

/** What one wrong answer tells of its cause; only character questions make a reading possible. */
export type Reading =
  | { readonly kind: 'guess' }
  | { readonly kind: 'misread'; readonly characters: readonly string[] }
  | { readonly kind: 'link_missing'; readonly characters: readonly string[] }
  | { readonly kind: 'not_looked_enough' }
  | { readonly kind: 'no_calls' };

/** A character question as it was answered, graded against the tree and against the species named. */
export interface ReadCall {
  readonly character: string;
  readonly own: CallOutcome;
  readonly other: CallOutcome;
}

export interface CalledLook {
  readonly sure: 'sure' | 'leaning' | 'guessing' | null;
  readonly calls: readonly ReadCall[];
}

/**
 * Reads one wrong answer, first reading first; all that fit are kept. *misread*: an answer differs from what the tree
 * shows. *link missing*: a right answer does not fit the species named. *not looked enough*: the right answers fit both.
 * Source: docs/formulas.md, Diagnosis of one wrong answer: the readings that need no fitted model.
 */
export function diagnose(look: CalledLook): readonly Reading[] {
  const readings: Reading[] = [];
  const wrong = look.calls.filter((c) => c.own === 'wrong');
  const right = look.calls.filter((c) => c.own === 'right');
  const clashing = right.filter((c) => c.other === 'wrong');
  if (wrong.length > 0) readings.push({ kind: 'misread', characters: wrong.map((c) => c.character) });
  if (clashing.length > 0)
    readings.push({ kind: 'link_missing', characters: clashing.map((c) => c.character) });
  if (right.length > 0 && right.length === look.calls.length && clashing.length === 0)
    readings.push({ kind: 'not_looked_enough' });
  if (look.sure === 'guessing') readings.push({ kind: 'guess' });
  if (look.calls.length === 0 && readings.length === 0) readings.push({ kind: 'no_calls' });
  return readings;
}
