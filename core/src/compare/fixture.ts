import { CHARACTERS, readCell, vocabularyOf } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { EVERYTHING_AT_THE_TREE } from '../conditions/index.ts';
import type { Conditions, Subject } from '../conditions/index.ts';
import type { Described } from '../tells/index.ts';

/** Small lists for tests, written as the cells of a character table. */
export const vocabulary: Vocabulary = vocabularyOf(CHARACTERS);
export const july: Conditions = { ...EVERYTHING_AT_THE_TREE, date: '2026-07-01' };
export const evergreen: Subject = { persistence: 'evergreen', windows: [] };

export function character(id: string): Character {
  const found = vocabulary.get(id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
}

export function value(id: string, cell: string): Value {
  const read = readCell(character(id), cell);
  if (!read.ok || !read.value) throw new Error(`${id}: ${cell}`);
  return read.value;
}

/** A described taxon from cells: states by ` | `, `?` sometimes, `??` rare, `-` does not apply. */
export const taxon = (
  id: string,
  cells: Readonly<Record<string, string>>,
  subject: Subject = evergreen,
): Described => ({
  id,
  subject,
  values: new Map(Object.entries(cells).map(([c, cell]) => [c, { value: value(c, cell) }])),
});

/** A vocabulary of a few plain characters, which hang on no other and can be seen at any time. */
export function few(...ids: readonly string[]): Vocabulary {
  return vocabularyOf(ids.map((id) => ({ ...character(id), appliesIf: [], season: ['always'] })));
}
