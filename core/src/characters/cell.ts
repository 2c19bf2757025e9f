import { ok, refuse } from '../result.ts';
import type { Result } from '../result.ts';
import type { EnteredValue } from './check.ts';
import { readValue } from './check.ts';
import { REPLACED } from './replaced.ts';
import { stateOf } from './vocabularyOf.ts';
import type { Character, Frequency, State, Value } from './types.ts';

const MARKS: readonly (readonly [mark: string, freq: Frequency])[] = [
  ['??', 'rare'],
  ['?', 'sometimes'],
  ['~', 'mistaken_for'],
  ['', 'usual'],
];
/** What stands before a state that is ruled out: *not papery*. */
const NOT = /^\s*(?:not|never)\s+/i;

/** The name of a state without the *not* before it, and whether one stood there. */
export const readNot = (text: string): { readonly name: string; readonly isRuledOut: boolean } => ({
  name: text.replace(NOT, ''),
  isRuledOut: NOT.test(text),
});

/** A text as words are compared by: small letters and digits, one space between. */
export const foldWords = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/** The state a person means: by id, term or plain words, whatever the case and punctuation. */
function meant(character: Character, text: string): State | undefined {
  const wanted = foldWords(text);
  const all = character.states.filter((s) => !s.retired);
  return (
    all.find((s) => foldWords(s.id) === wanted) ??
    all.find((s) => foldWords(s.term) === wanted) ??
    all.find((s) => foldWords(s.plain) === wanted)
  );
}

/**
 * Reads one cell of a character table: states separated by ` | ` with a trailing `?` for sometimes, `??` for rare and
 * `~` for mistaken for, `not ` before a state that is ruled out; a range as people write it; `-` for does not apply;
 * nothing for not recorded.
 * Source: docs/formats.md.
 * @returns null for an empty cell.
 */
export function readCell(character: Character, text: string): Result<Value | null> {
  const cell = text.trim();
  if (cell === '') return ok(null);
  if (cell === '-') return readValue(character, { kind: 'inapplicable' });
  if (character.states.length === 0) return readValue(character, { kind: 'range', entered: cell });
  const states: { state: string; freq: Frequency }[] = [];
  for (const part of cell.split('|').map((p) => p.trim())) {
    const [mark, marked] = MARKS.find(([m]) => part.endsWith(m)) ?? ['', 'usual' as const];
    const name = part.slice(0, part.length - mark.length).trim();
    const whole = meant(character, name);
    const not = readNot(name);
    const state = whole ?? meant(character, not.name);
    const freq = whole || !not.isRuledOut ? marked : 'never';
    if (freq === 'never' && mark !== '') {
      return refuse(
        'never_and_mark',
        `“${part}” rules a state out and says how often it is shown.`,
        `Write ${name}, or ${not.name}${mark}.`,
      );
    }
    if (!state) {
      return refuse(
        'not_a_state',
        `${character.term} has no state “${name}”.`,
        `Choose among: ${character.states.map((s) => s.term).join(', ')}.`,
      );
    }
    states.push({ state: state.id, freq });
  }
  return readValue(character, { kind: 'states', states });
}

/**
 * Reads a cell of an older file that names states which ship no more, as it stands there; see `saidToday`.
 * @returns null where the cell names none of those, or something that never was a state.
 */
export function readOlderCell(
  character: Character,
  text: string,
): readonly { readonly state: string; readonly freq: Frequency }[] | null {
  const old = REPLACED.filter((r) => r.character === character.id).map((r) => r.state);
  if (old.length === 0) return null;
  const states = text.split('|').map((p) => {
    const part = p.trim();
    const [mark, freq] = MARKS.find(([m]) => part.endsWith(m)) ?? ['', 'usual' as const];
    const name = part.slice(0, part.length - mark.length).trim();
    const gone = old.find((s) => foldWords(s) === foldWords(name));
    return { state: gone ?? meant(character, name)?.id ?? null, gone: gone !== undefined, freq };
  });
  if (!states.some((s) => s.gone)) return null;
  const named = states.flatMap(({ state, freq }) => (state === null ? [] : [{ state, freq }]));
  return named.length === states.length ? named : null;
}

/** A value as a cell that `readCell` reads back to the same value. */
export function writeCell(character: Character, value: Value | undefined): string {
  if (!value) return '';
  if (value.kind === 'inapplicable') return '-';
  if (value.kind === 'range') return value.entered;
  return value.states
    .map((s) => {
      const term = stateOf(character, s.state)?.term ?? s.state;
      return s.freq === 'never' ? `not ${term}` : `${term}${MARKS.find(([, f]) => f === s.freq)?.[0] ?? ''}`;
    })
    .join(' | ');
}

/** A value as an editor sends it. */
export const asEntered = (value: Value): EnteredValue =>
  value.kind === 'range' ? { kind: 'range', entered: value.entered } : value;
