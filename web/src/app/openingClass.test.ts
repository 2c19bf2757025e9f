import { describe, expect, test } from '@jest/globals';
import type { QuizSummary, Section, SittingSummary } from '@hurrow/contract';
import { obeysConditions } from './barPages.ts';
import { openingClass } from './openingClass.ts';

const section = (id: string, students = 0): Section => ({
  id,
  name: id,
  term: 'fall',
  list: 'l',
  listName: 'L',
  site: { id: 'x', name: 'X', lat: 0, lon: 0, elevM: 0 },
  students: Array.from({ length: students }, (_, i) => ({
    id: `${id}${i}`,
    code: String(i),
    firstName: null,
    schoolId: null,
  })),
  startsOn: null,
  archived: false,
  version: 1,
});
const sitting = (of: string, submitted: number): SittingSummary => ({
  id: `s-${of}`,
  section: of,
  sectionName: of,
  on: '2026-10-01',
  state: 'closed',
  joined: submitted,
  submitted,
  roster: 9,
});
const quiz = (...sittings: SittingSummary[]): QuizSummary => ({
  id: 'q',
  name: 'Q',
  list: 'l',
  listName: 'L',
  stations: 3,
  sittings,
  archived: false,
});

describe('the class a page opens on', () => {
  test('is the one chosen last, as long as it is there', () => {
    const all = [section('a'), section('b', 30)];
    expect(openingClass(all, [], 'a')?.id).toBe('a');
    expect(openingClass(all, [], 'gone')?.id).toBe('b');
  });

  test('is else the one with the most sittings that have answers, then the most students', () => {
    const all = [section('young', 40), section('lab', 12), section('late', 12)];
    expect(openingClass(all, [quiz(sitting('lab', 9), sitting('young', 0))], null)?.id).toBe('lab');
    expect(openingClass(all, [], null)?.id).toBe('young');
    expect(openingClass([section('lab', 12), section('late', 12)], [], null)?.id).toBe('lab');
    expect(openingClass([], [], null)).toBeNull();
  });
});

test('conditions show on the pages that obey them, and nowhere else', () => {
  expect(['/species', '/species/abc', '/compare/key'].filter((p) => !obeysConditions(p))).toEqual([]);
  expect(
    [
      '/',
      '/classes',
      '/classes/lists/x',
      '/files',
      '/mix-ups',
      '/material',
      '/quizzes',
      '/quizzes/a/sittings/b',
      '/species/sources',
      '/species/glossary',
      '/species/disagreements',
      '/people',
    ].filter(obeysConditions),
  ).toEqual([]);
});
