import { expect, test } from '@jest/globals';
import { reachWords } from './decisionWords.ts';

test.each([
  ['list', 'every class with Fall list'],
  ['section', 'Friday lab, with Fall list'],
  ['sitting', 'Lab quiz 2, Friday lab'],
] as const)('a decision for a %s holds for %s', (scope, words) => {
  expect(
    reachWords({ scope, listName: 'Fall list', sectionName: 'Friday lab', quizName: 'Lab quiz 2' }),
  ).toBe(words);
});
