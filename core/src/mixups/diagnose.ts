import type { Character, Value } from '../characters/index.ts';
import { judgeCall } from '../quizzes/index.ts';
import type { Call } from '../quizzes/index.ts';

/** What one wrong answer tells of its cause; only calls make a reading possible. */
export type Reading =
  | { readonly kind: 'guess' }
  | { readonly kind: 'misread'; readonly characters: readonly string[] }
  | { readonly kind: 'link_missing'; readonly characters: readonly string[] }
  | { readonly kind: 'not_looked_enough' }
  | { readonly kind: 'no_calls' };

export interface CalledLook {
  readonly sure: 'sure' | 'leaning' | 'guessing' | null;
  readonly calls: readonly { readonly character: Character; readonly call: Call }[];
  /** What the tree shows and what the named species shows, by character id. */
  readonly shown: (character: string) => Value | undefined;
  readonly namedShows: (character: string) => Value | undefined;
}

/**
 * Reads one wrong answer, first reading first; all that fit are kept. *misread*: a call differs from what the tree
 * shows. *link missing*: a right call does not fit the species named. *not looked enough*: the right calls fit both.
 * Source: 3-computation, section 9 (diagnosis), the readings that need no fitted model.
 */
export function diagnose(look: CalledLook): readonly Reading[] {
  const readings: Reading[] = [];
  const judged = look.calls.map(({ character, call }) => ({
    character,
    own: judgeCall(character, call, look.shown(character.id)),
    other: judgeCall(character, call, look.namedShows(character.id)),
  }));
  const wrong = judged.filter((j) => j.own === 'wrong');
  const right = judged.filter((j) => j.own === 'right');
  const clashing = right.filter((j) => j.other === 'wrong');
  if (wrong.length > 0) readings.push({ kind: 'misread', characters: wrong.map((j) => j.character.id) });
  if (clashing.length > 0)
    readings.push({ kind: 'link_missing', characters: clashing.map((j) => j.character.id) });
  if (right.length > 0 && right.length === judged.length && clashing.length === 0)
    readings.push({ kind: 'not_looked_enough' });
  if (look.sure === 'guessing') readings.push({ kind: 'guess' });
  if (look.calls.length === 0 && readings.length === 0) readings.push({ kind: 'no_calls' });
  return readings;
}
