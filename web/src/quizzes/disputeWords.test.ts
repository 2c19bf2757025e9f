import { describe, expect, test } from '@jest/globals';
import type { Dispute, KeyChange, SittingKey } from '@hurrow/contract';
import { DISPUTE_KINDS } from '@hurrow/core/answers';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import { decisionWords, disputeWords, valueText, waitingWords } from './disputeWords.ts';
import { changedWords, openWords, staleWords } from './gradeNotes.ts';
import { effectWords } from '../parts/effectWords.ts';
import { changeWords, keyWords } from './keyWords.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const dispute = (part: Partial<Dispute> = {}): Dispute => ({
  id: 'd',
  student: 's1',
  code: '101',
  firstName: null,
  station: 3,
  kind: 'common',
  character: null,
  why: 'late',
  value: { kind: 'name', text: 'grand fir' },
  counts: null,
  origin: 'phone',
  at: '2026-10-01T18:00:00.000Z',
  state: 'open',
  decidedBy: null,
  ...part,
});

describe('answers to decide', () => {
  test('every reason has words of its own', () => {
    expect(new Set(DISPUTE_KINDS.map(disputeWords)).size).toBe(DISPUTE_KINDS.length);
  });

  test.each<[readonly Partial<Dispute>[], string]>([
    [[{}], '1 answer of 1 student waits for your decision.'],
    [[{}, { student: 's2' }, { student: 's2' }], '3 answers of 2 students wait for your decision.'],
    [[{ state: 'counted' }, {}], '1 answer of 1 student waits'],
    [[{ state: 'kept' }], 'Every late or contradicting answer has been decided.'],
  ])('%j', (parts, words) => {
    expect(waitingWords(parts.map(dispute))).toContain(words);
  });

  test.each([
    [{ state: 'open', decidedBy: null }, ''],
    [{ state: 'counted', decidedBy: 'Odile Marsh' }, 'counts, by Odile Marsh'],
    [{ state: 'kept', decidedBy: null }, 'kept, does not count'],
  ] as const)('a decision reads: %j', (decided, words) => {
    expect(decisionWords(decided)).toBe(words);
  });

  test('an answer is written in the words of its character, and an empty one is said', () => {
    const text = (value: Dispute['counts'], character: string | null = null) =>
      valueText(value, character, vocabulary, 'technical');
    expect([
      text({ kind: 'state', state: 'opposite' }, 'twig.arrangement'),
      text({ kind: 'name', text: 'grand fir' }),
      text({ kind: 'blank' }),
      text(null),
    ]).toEqual(['opposite', 'grand fir', 'left blank', 'no answer']);
  });
});

const change = (part: Partial<KeyChange> = {}): KeyChange => ({
  sittingStation: 'x',
  number: 2,
  kind: 'character',
  character: 'leaf.margin',
  was: 'entire',
  is: 'serrate',
  ...part,
});
const key = (part: Partial<SittingKey> = {}): SittingKey => ({
  dropped: [],
  rev: 1,
  revisions: [],
  changes: [],
  effect: null,
  ...part,
});

describe('the key of a sitting', () => {
  test.each<[Partial<SittingKey>, string]>([
    [{ rev: null }, 'The key is not locked yet.'],
    [{}, 'Grading goes by the key as it was locked. Nothing has changed since.'],
    [{ rev: 3 }, 'Grading goes by the key revision 3.'],
    [{ changes: [change()] }, '1 thing has changed since.'],
    [{ changes: [change(), change({ number: 4 })] }, '2 things have changed since, at 2 stations.'],
  ])('%j', (part, words) => {
    expect(keyWords(key(part))).toContain(words);
  });

  test('a change is named by its character, or by what it is', () => {
    expect([
      changeWords(change(), vocabulary, 'technical'),
      changeWords(change({ kind: 'identification', character: null }), vocabulary, 'technical'),
    ]).toEqual(['margin', 'ID of the tree']);
  });

  test.each([
    [null, 'No grade depends on it yet.'],
    [{ answers: 0, students: 0, gained: 0, lost: 0, byStudent: [] }, 'No grade changes.'],
    [
      { answers: 1, students: 1, gained: 0, lost: 2, byStudent: [] },
      '1 answer of 1 student gets another grade: 2 points lost.',
    ],
    [
      { answers: 5, students: 3, gained: 1, lost: 2.5, byStudent: [] },
      '5 answers of 3 students get another grade: 1 point gained, 2.5 points lost.',
    ],
  ])('its effect: %j', (effect, words) => {
    expect(effectWords(effect)).toBe(words);
  });
});

describe('what has changed since grading', () => {
  test('nothing is said where nothing has', () => {
    expect([staleWords([]), changedWords([]), openWords(0)]).toEqual([null, null, null]);
  });

  test('each reason is said, and what to do', () => {
    expect(staleWords(['answers', 'key'])).toBe(
      'The answers that count have changed. The key was revised since. Grade again to take it in.',
    );
  });

  test('answers that wait are counted', () => {
    expect([openWords(1), openWords(24)]).toEqual([
      '1 answer waits for your decision on the page of the sitting. What waits is not graded.',
      '24 answers wait for your decision on the page of the sitting. What waits is not graded.',
    ]);
  });

  test('one student is named, several are counted', () => {
    const one = { student: 's', code: '101', returned: 3, now: 5 };
    expect(changedWords([one])).toContain('Number 101 has 5 points now and sees 3.');
    expect(changedWords([one, { ...one, code: '102' }])).toContain('2 students have other points now');
  });
});
