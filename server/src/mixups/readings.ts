import { diagnose } from '@hurrow/core/mixups';
import type { ReadCall, Reading } from '@hurrow/core/mixups';
import { acceptedCall, gradeValue } from '@hurrow/core/quizzes';
import type { CallOutcome } from '@hurrow/core/quizzes';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import type { LookRow } from './looks.ts';

const CALLED: ReadonlySet<string> = new Set<CallOutcome>(['right', 'wrong', 'coarse', 'not_recorded']);
const asCall = (outcome: string): CallOutcome =>
  CALLED.has(outcome) ? (outcome as CallOutcome) : 'not_recorded';

/** What the species named would have shown. */
export interface Named {
  readonly vocabulary: Vocabulary;
  readonly namedShows: (sitting: string, taxon: string, character: string) => Value | undefined;
}

/** What a look's character questions say of its cause, by the key of its sitting. */
export function readingsOf(look: LookRow, b: Named): readonly Reading[] {
  const calls = look.calls.flatMap(({ character, value, outcome }): ReadCall[] => {
    const c = b.vocabulary.get(character);
    if (!c) return [];
    const shows = b.namedShows(look.sitting, look.answer ?? '', character);
    const other = gradeValue(value, acceptedCall(c, shows)).outcome;
    return [{ character, own: asCall(outcome), other: asCall(other) }];
  });
  return diagnose({ sure: look.sure, calls });
}
