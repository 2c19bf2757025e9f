import { expect, test } from '@jest/globals';
import { counted } from './counted.ts';

test('a number takes the noun that goes with it', () => {
  expect([0, 1, 2].map((n) => counted(n, 'state'))).toEqual(['0 states', '1 state', '2 states']);
  expect([1, 2].map((n) => counted(n, 'look', 'looks'))).toEqual(['1 look', '2 looks']);
});
