import { expect, test } from '@jest/globals';
import { effectLines, effectWords } from '../parts/effectWords.ts';
import { holdsWords, keyWords, momentOn } from './keyWords.ts';

test('a time of day becomes a moment on the day of the sitting, where the browser is', () => {
  const moment = new Date(momentOn('2026-10-01', '14:05'));
  expect([moment.getFullYear(), moment.getMonth(), moment.getDate()]).toEqual([2026, 9, 1]);
  expect([moment.getHours(), moment.getMinutes()]).toEqual([14, 5]);
});

test('a revision for everybody says nothing of whom it holds for', () => {
  const show = (m: Date): string => m.toISOString().slice(11, 16);
  expect(holdsWords(null, show)).toBe('');
  expect(holdsWords('2026-10-01T10:40:00.000Z', show)).toBe(
    ' It holds for students who came to the station at 10:40 or later.',
  );
});

test('an effect counts answers, students and points in one sentence', () => {
  expect(effectWords(null)).toBe('No grade depends on it yet.');
  expect(effectWords({ answers: 0, students: 0, gained: 0, lost: 0, byStudent: [] })).toBe(
    'No grade changes.',
  );
  expect(effectWords({ answers: 1, students: 1, gained: 2, lost: 0, byStudent: [] })).toBe(
    '1 answer of 1 student gets another grade: 2 points gained.',
  );
  expect(effectWords({ answers: 4, students: 3, gained: 1, lost: 2.5, byStudent: [] })).toBe(
    '4 answers of 3 students get another grade: 1 point gained, 2.5 points lost.',
  );
});

test('where the key stands is one sentence', () => {
  expect(keyWords({ dropped: [], rev: null, revisions: [], changes: [], effect: null })).toContain(
    'not locked yet',
  );
  expect(keyWords({ dropped: [], rev: 1, revisions: [], changes: [], effect: null })).toBe(
    'Grading goes by the key as it was locked. Nothing has changed since.',
  );
});

test('who gains and who loses is one line for each student', () => {
  const by = (code: string, n: number, firstName: string | null = null) => ({ code, firstName, by: n });
  expect(
    effectLines({
      answers: 2,
      students: 2,
      gained: 1,
      lost: 2,
      byStudent: [by('108', -2), by('107', 1, 'Ebbe')],
    }),
  ).toEqual(['108 loses 2 points', '107 Ebbe gains 1 point']);
});
