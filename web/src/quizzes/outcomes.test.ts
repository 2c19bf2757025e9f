import { expect, test } from '@jest/globals';
import { needsLook } from './outcomes.ts';

const row = { ruled: false, override: null, late: false };

test('only what a person should see is put before them', () => {
  expect(needsLook({ ...row, outcome: 'exact' })).toBe(false);
  expect(needsLook({ ...row, outcome: 'other_species' })).toBe(false);
  expect(needsLook({ ...row, outcome: 'misspelt' })).toBe(true);
  expect(needsLook({ ...row, outcome: 'exact', late: true })).toBe(true);
  expect(needsLook({ ...row, outcome: 'doubtful', ruled: true })).toBe(false);
  expect(
    needsLook({
      ...row,
      outcome: 'doubtful',
      override: { points: 1, outcome: 'doubtful', reason: 'x', by: 'y' },
    }),
  ).toBe(false);
});
