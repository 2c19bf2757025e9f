import { expect, test } from '@jest/globals';
import { refusedAt } from './refused.ts';

test.each([
  ['answers.2.typed', 5, 2],
  ['answers.0', 1, 0],
  ['answers.7.typed', 5, null],
  ['typed', 5, null],
  [undefined, 5, null],
])('field %s of %i answers is answer %s', (field, count, at) => {
  expect(refusedAt(field, count)).toBe(at);
});
