import { foldWords, readCell, readNot, stateWords, writeCell } from '@hurrow/core/characters';
import type { Character, Frequency, State, StatesValue, Value, Words } from '@hurrow/core/characters';

/** One line of the editor as it stands while it is typed: states picked so far and what is being typed. */
export interface Entry {
  readonly tokens: StatesValue['states'];
  readonly typed: string;
}

export const hasStates = (c: Character): boolean => c.states.length > 0;

/** A value as the editor's line starts from it. */
export function entryOf(character: Character, value: Value | undefined): Entry {
  if (value?.kind === 'states') return { tokens: value.states, typed: '' };
  return { tokens: [], typed: writeCell(character, value) };
}

/** The line as a cell of a character table, which is what is read, kept as a draft and saved. */
export function cellOf(character: Character, entry: Entry): string {
  const typed = entry.typed.trim();
  if (entry.tokens.length === 0) return typed;
  const picked = writeCell(character, { kind: 'states', states: entry.tokens });
  return typed === '' ? picked : `${picked} | ${typed}`;
}

/** A kept cell as a line again; what cannot be read stays as it was typed. */
export function entryFromCell(character: Character, cell: string): Entry {
  const read = readCell(character, cell);
  return read.ok && read.value ? entryOf(character, read.value) : { tokens: [], typed: cell };
}

/** States that fit what is typed: those that begin with it, then those that have it within; picked ones left out. */
export function offers(character: Character, entry: Entry): readonly State[] {
  const wanted = foldWords(readNot(entry.typed).name).trim();
  const picked = new Set(entry.tokens.map((t) => t.state));
  const free = character.states.filter((s) => !s.retired && !picked.has(s.id));
  if (wanted === '') return free;
  const texts = (s: State): string[] => [s.term, s.plain, s.id].map((t) => foldWords(t));
  const begins = free.filter((s) => texts(s).some((t) => t.startsWith(wanted)));
  const within = free.filter((s) => !begins.includes(s) && texts(s).some((t) => t.includes(` ${wanted}`)));
  return [...begins, ...within];
}

/** Picks a state as usual, ruled out where *not* was typed before it; how often is said only on purpose. */
export const pick = (entry: Entry, state: string): Entry => ({
  tokens: [
    ...entry.tokens,
    {
      state,
      freq: readNot(entry.typed).isRuledOut ? 'never' : 'usual',
    },
  ],
  typed: '',
});

const STEP: Readonly<Record<Frequency, Frequency>> = {
  usual: 'sometimes',
  sometimes: 'rare',
  rare: 'usual',
  mistaken_for: 'usual',
  never: 'usual',
};

/**
 * What one key does to the last state picked while nothing is being typed: `?` steps usual, sometimes, rare, as the
 * cells of a table write it; `~` says that it is only mistaken for this, `!` that it is never shown; Backspace takes it
 * out. Null for any other key.
 */
export function afterKey(entry: Entry, key: string): Entry | null {
  const last = entry.tokens.at(-1);
  if (!last || entry.typed !== '') return null;
  const rest = entry.tokens.slice(0, -1);
  if (key === '?') return { ...entry, tokens: [...rest, { ...last, freq: STEP[last.freq] }] };
  if (key === '~') return { ...entry, tokens: [...rest, { ...last, freq: 'mistaken_for' }] };
  if (key === '!') return { ...entry, tokens: [...rest, { ...last, freq: 'never' }] };
  if (key === 'Backspace') return { ...entry, tokens: rest };
  return null;
}

export const FREQ_WORDS: Readonly<Record<Frequency, string>> = {
  usual: 'usual',
  sometimes: 'sometimes',
  rare: 'rare',
  mistaken_for: 'mistaken for',
  never: 'never',
};

/** A picked state as it is read aloud. */
export const tokenWords = (character: Character, token: Entry['tokens'][number], words: Words): string =>
  `${stateWords(character, token.state, words)}, ${FREQ_WORDS[token.freq]}`;

/**
 * A cell with the states that are only begun written out, where just one state begins so; anything else stays as it is
 * and is refused or read in its turn.
 */
export function completeCell(character: Character, text: string): string {
  if (!hasStates(character) || text.trim() === '' || text.trim() === '-') return text.trim();
  return text
    .split('|')
    .map((part) => {
      const m = /^(.*?)\s*(\?{0,2}|~)$/.exec(part.trim());
      const [typed, mark] = [m?.[1] ?? '', m?.[2] ?? ''];
      const { name, isRuledOut } = readNot(typed);
      const wanted = foldWords(name).trim();
      if (wanted === '') return part.trim();
      const free = character.states.filter((s) => !s.retired);
      if (free.some((s) => [s.id, s.term, s.plain].some((t) => foldWords(t).trim() === wanted)))
        return part.trim();
      const begun = free.filter((s) => [s.term, s.plain].some((t) => foldWords(t).startsWith(wanted)));
      return begun.length === 1 && begun[0]
        ? `${isRuledOut ? 'not ' : ''}${begun[0].term}${mark}`
        : part.trim();
    })
    .join(' | ');
}
