import { expect, test } from '@jest/globals';
import type { ResultAsk, ResultStation, WalkResults } from '@hurrow/contract';
import { resultRows } from './resultRows.ts';

const ask: ResultAsk = {
  kind: 'common',
  character: null,
  typed: 'grand fri',
  points: 1,
  most: 2,
  outcome: 'misspelled',
  key: 'grand fir',
  why: 'one letter off',
  reason: null,
  before: null,
};
const station = (part: Partial<ResultStation> = {}): ResultStation => ({
  number: 1,
  later: null,
  dropped: false,
  truth: { scientific: 'Abies grandis', common: 'grand fir' },
  asks: [ask],
  mixedWith: null,
  ...part,
});
const results = (part: Partial<WalkResults> = {}): WalkResults => ({
  quiz: 'Field quiz',
  on: '2026-10-06',
  student: '104',
  points: 1,
  most: 2,
  scored: true,
  mixUps: [],
  stations: [station()],
  ...part,
});

test('every answer is a line with what it earned and why', () => {
  expect(resultRows([results(), results({ student: '105' })])).toHaveLength(2);
  expect(resultRows([results()])[0]).toMatchObject({
    student: '104',
    student_points: 1,
    species: 'Abies grandis',
    asked: 'common',
    written: 'grand fri',
    points: 1,
    why: 'one letter off',
  });
});

test('a dropped station earns nothing for anybody, and one held back tells nothing', () => {
  const held = station({
    later: '2026-10-13',
    truth: null,
    asks: [{ ...ask, points: null, key: null, why: null, outcome: null }],
  });
  const rows = resultRows([results({ stations: [station({ dropped: true }), held] })]);
  expect(rows.map((r) => [r['points'], r['most'], r['species'], r['later']])).toEqual([
    [null, null, 'Abies grandis', null],
    [null, 2, null, '2026-10-13'],
  ]);
});

test('no total where no score is shown', () => {
  expect(resultRows([results({ scored: false })])[0]).toMatchObject({
    student_points: null,
    student_most: null,
  });
});
