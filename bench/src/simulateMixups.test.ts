import { expect, test } from '@jest/globals';
import { MADE, madeAnswers, madeClass, simulate } from './simulateMixups.ts';

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

const rowOf = (label: string) => {
  const row = MADE.find((c) => c.label.startsWith(label));
  if (!row) throw new Error(`The report has no row “${label}”`);
  return row;
};

test('a group that answers as one is one writer, and a sheet that waits is left out', () => {
  const groups = rowOf('48 students');
  expect(new Set(madeAnswers(groups, 3).map((r) => r.student)).size).toBe(24);
  const seen = rowOf('one sheet in twelve shifted, seen');
  expect(
    new Set(madeAnswers({ ...seen, shifted: { share: 1, seen: true } }, 3).map((r) => r.student)).size,
  ).toBe(0);
});

test('followed through eight returns, flags are rarely false', () => {
  expect(simulate(rowOf('eight quizzes, flags followed'), 60).everFalse).toBeLessThanOrEqual(0.25);
});

test('what the generator plants is never false by its own matrix', () => {
  const [base] = MADE;
  if (!base) throw new Error('The report has no first row');
  expect(madeClass(base, 1).isFalse('s0', 's1')).toBe(false);
  expect(madeClass(base, 1).isFalse('s1', 's0')).toBe(true);
});
