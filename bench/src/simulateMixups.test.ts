import { expect, test } from '@jest/globals';
import { MADE, madeAnswers, simulate } from './simulateMixups.ts';

test('a planted pair is found in most classes of one quiz, and few flags are false', () => {
  const [base, none] = MADE;
  if (!base || !none) throw new Error('The report has no first row');
  const found = simulate(base, 200);
  expect(found.found).toBeGreaterThanOrEqual(0.6);
  expect(found.falseShare).toBeLessThanOrEqual(0.1);
  expect(simulate(none, 200).everFalse).toBeLessThanOrEqual(0.1);
});

test('the same seed makes the same class, with every student at every station', () => {
  const [base] = MADE;
  if (!base) throw new Error('The report has no first row');
  const rows = madeAnswers(base, 5);
  expect(JSON.stringify(rows.map((r) => [...r.wrote]))).toBe(
    JSON.stringify(madeAnswers(base, 5).map((r) => [...r.wrote])),
  );
  expect(rows.reduce((n, r) => n + r.looks, 0)).toBe(base.students * base.stations);
});
