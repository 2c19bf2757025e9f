import { expect, test } from '@jest/globals';
import { countByCharacter } from './index.ts';
import type { LevelLook } from './levels.ts';

const HICKORIES = ['ovata', 'cordiformis', 'laciniosa', 'glabra', 'tomentosa'];
const stateOf = (species: string, character: string): string | null =>
  character !== 'leaf.arrangement' ? null : HICKORIES.includes(species) ? 'alternate' : 'opposite';
const look = (student: number, truth: string, answer: string | null): LevelLook => ({
  student: String(student),
  truth,
  named: answer === null ? 'blank' : answer === truth ? 'right' : 'other',
  answer,
});
const class24 = (answerOf: (i: number) => string | null): readonly LevelLook[] =>
  Array.from({ length: 24 }, (_, i) => look(i, 'ash', answerOf(i)));

test('five hickories for one ash are opposite taken for alternate, 5 of 24', () => {
  const found = countByCharacter(
    class24((i) => HICKORIES[i] ?? 'ash'),
    ['leaf.arrangement', 'bark.color'],
    stateOf,
  );
  expect(found).toHaveLength(1);
  expect(found[0]).toMatchObject({
    character: 'leaf.arrangement',
    truth: 'opposite',
    answer: 'alternate',
    students: 5,
    of: 24,
  });
  expect(found[0]?.answers.map((a) => a.students)).toEqual([1, 1, 1, 1, 1]);
});

test('one pair alone is the pair, not the character', () => {
  expect(
    countByCharacter(
      class24((i) => (i < 5 ? 'ovata' : 'ash')),
      ['leaf.arrangement'],
      stateOf,
    ),
  ).toEqual([]);
});

test('nor is one pair with nearly everybody', () => {
  const most = class24((i) => (i < 9 ? 'ovata' : i === 9 ? 'glabra' : 'ash'));
  expect(countByCharacter(most, ['leaf.arrangement'], stateOf)).toEqual([]);
});

test('blank answers and right ones are looks, not mix-ups', () => {
  const found = countByCharacter(
    class24((i) => (i < 2 ? (HICKORIES[i] ?? null) : i < 12 ? null : 'ash')),
    ['leaf.arrangement'],
    stateOf,
  );
  expect(found[0]).toMatchObject({ students: 2, of: 24 });
});
