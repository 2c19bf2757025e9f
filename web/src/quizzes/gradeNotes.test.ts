import { expect, test } from '@jest/globals';
import type { GradingDone } from '@hurrow/contract';
import { changedWords, decidedWords, openWords, staleWords } from './gradeNotes.ts';

const done = (changed: number, sittings: number): GradingDone => ({
  run: 'r',
  changed,
  alsoStale: Array.from({ length: sittings }, (_, i) => ({
    sitting: String(i),
    quiz: 'Conifers',
    section: 'Thursday lab',
    on: '2026-10-01',
  })),
});

test('a decision says what it changed here, and where else the name stands', () => {
  expect(decidedWords(null)).toBeNull();
  expect(decidedWords(done(0, 0))).toBe('The name is decided. No grade of this sitting changed.');
  expect(decidedWords(done(1, 0))).toBe('The name is decided. 1 grade of this sitting changed.');
  expect(decidedWords(done(3, 1))).toBe(
    'The name is decided. 3 grades of this sitting changed. Another sitting has answers with this name. Grade it again to take the decision in:',
  );
  expect(decidedWords(done(3, 2))).toContain(
    '2 other sittings have answers with this name. Grade them again',
  );
});

test('every reason why a grading is out of date is told, with what to do', () => {
  expect(staleWords([])).toBeNull();
  expect(staleWords(['key'])).toBe('The key was revised since. Grade again to take it in.');
  expect(staleWords(['answers', 'decisions'])).toBe(
    'The answers that count have changed. A written name was decided since. Grade again to take it in.',
  );
});

test('answers that wait are counted, one or many', () => {
  expect(openWords(0)).toBeNull();
  expect(openWords(1)).toContain('1 answer waits');
  expect(openWords(2)).toContain('2 answers wait');
});

test('one student with other points is named by number, many are counted', () => {
  const one = { student: 's', code: '107', returned: 4, now: 6 };
  expect(changedWords([])).toBeNull();
  expect(changedWords([one])).toContain('Number 107 has 6 points now and sees 4.');
  expect(changedWords([one, { ...one, student: 't', code: '108' }])).toContain(
    '2 students have other points',
  );
});
