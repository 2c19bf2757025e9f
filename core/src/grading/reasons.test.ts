import { expect, test } from '@jest/globals';
import { OUTCOMES } from '../names/index.ts';
import { reasonFor } from './index.ts';

test.each([
  ['misspelled', 0.5, 1, 'The name was misspelled.'],
  ['misspelled', 1, 1, null],
  ['other_species', 0, 2, 'This is another species.'],
  ['wrong', 0, 1, null],
  ['blank', 0, 1, 'Nothing was written.'],
] as const)('%s with %d of %d: %s', (outcome, points, most, said) => {
  expect(reasonFor(outcome, points, most)).toBe(said);
});

test('every judgement of a name that earns less says why', () => {
  for (const o of OUTCOMES.filter((x) => x !== 'exact')) expect(reasonFor(o, 0, 1)).toMatch(/^[A-Z].*\.$/);
});
