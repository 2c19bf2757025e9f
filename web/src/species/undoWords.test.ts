import { expect, test } from '@jest/globals';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import { undoneWords } from './undoWords.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const names = [
  { id: 'a', scientific: 'Abies grandis' },
  { id: 'b', scientific: 'Abies lasiocarpa' },
];
const change = (taxon: string, character: string) => ({ taxon, character });
const say = (...changes: { taxon: string; character: string }[]): string =>
  undoneWords(
    { changes, taxa: [...new Set(changes.map((c) => c.taxon))], statements: changes.length },
    'Undone',
    names,
    vocabulary,
    'plain',
  );

test('an undo says what it undid', () => {
  expect(say(change('a', 'bark.colour'))).toBe('Undone: bark color of Abies grandis.');
  expect(say(change('a', 'bark.colour'), change('a', 'leaf.kind'))).toBe(
    'Undone: 2 entries of Abies grandis.',
  );
  expect(say(change('a', 'bark.colour'), change('b', 'leaf.kind'))).toBe('Undone: 2 entries of 2 species.');
  expect(say()).toBe('Undone: nothing.');
  expect(say(change('gone', 'own.character'))).toBe('Undone: own.character of a species.');
});
