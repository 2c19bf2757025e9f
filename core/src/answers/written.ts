import type { Character } from '../characters/index.ts';
import { parseLength } from '../measuring/index.ts';
import type { AnswerValue } from './value.ts';

/** What a hand writes where a character does not apply. */
const NOT_APPLYING: ReadonlySet<string> = new Set(['-', '–', 'does not apply']);
export const UNREADABLE = '?';
const NOT_SURE = 'not sure';

/** What a hand writes that is no answer by any reading: nothing, a mark nobody can read, or that it was not sure. */
export function emptyWritten(typed: string): AnswerValue | null {
  const t = typed.trim().toLowerCase();
  if (t === '') return { kind: 'blank' };
  if (t === UNREADABLE) return { kind: 'illegible' };
  return t === NOT_SURE ? { kind: 'not_sure', written: typed.trim() } : null;
}
const WHOLE = /^\d{1,4}$/;

function stateWritten(character: Character, t: string): string | null {
  const byNumber = /^\d+$/.test(t) ? character.states[Number(t) - 1] : undefined;
  const exact = character.states.find((s) => [s.id, s.term, s.plain].some((w) => w.toLowerCase() === t));
  if (exact ?? byNumber) return (exact ?? byNumber)?.id ?? null;
  const starts = character.states.filter((s) => [s.term, s.plain].some((w) => w.toLowerCase().startsWith(t)));
  return starts.length === 1 ? (starts[0]?.id ?? null) : null;
}

/** A length with its unit as typed, in millimeters to a thousandth; null where the text is none. */
export function lengthWritten(typed: string): AnswerValue | null {
  const mm = Math.round((parseLength(typed) ?? 0) * 1000) / 1000;
  return mm > 0 ? { kind: 'measure', mm, typed: typed.trim() } : null;
}

/**
 * An answer to a character question as a hand writes it: a state by its term, its plain words, its first letters, its id
 * or its number on the sheet; a whole number; a length with its unit; a dash where it does not apply; a question mark
 * where nobody can read it; nothing.
 * @returns null where the text is none of these.
 */
export function characterWritten(character: Character, typed: string): AnswerValue | null {
  const t = typed.trim().toLowerCase();
  const written = typed.trim();
  const empty = emptyWritten(typed);
  if (empty) return empty;
  if (NOT_APPLYING.has(t)) return { kind: 'does_not_apply', written };
  if (character.states.length > 0) {
    const state = stateWritten(character, t);
    return state === null ? null : { kind: 'state', state, written };
  }
  if (character.kind === 'length') {
    return lengthWritten(written);
  }
  return WHOLE.test(t) ? { kind: 'count', n: Number(t) } : null;
}

/** A name as a hand writes it. */
export function nameWritten(typed: string): AnswerValue {
  return emptyWritten(typed) ?? { kind: 'name', text: typed };
}
