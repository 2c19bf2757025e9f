import { describe, expect, test } from '@jest/globals';
import { nameIndex } from '../names/index.ts';
import { POLICY } from '../quizzes/index.ts';
import { gradeStation, grader } from './index.ts';
import type { FirstCall, GradingContext, KeyAsk, StationAnswer, StationTask } from './index.ts';

const context: GradingContext = {
  names: nameIndex([
    { taxon: 'grandis', rank: 'species', kind: 'accepted', text: 'Abies grandis' },
    { taxon: 'grandis', rank: 'species', kind: 'common', text: 'grand fir' },
    { taxon: 'lasiocarpa', rank: 'species', kind: 'accepted', text: 'Abies lasiocarpa' },
    { taxon: 'lasiocarpa', rank: 'species', kind: 'common', text: 'subalpine fir' },
  ]),
  genera: new Map(),
  listed: new Set(['grandis', 'lasiocarpa']),
  decisions: new Map(),
  policy: POLICY,
};
const COMMON: KeyAsk = {
  id: 'common',
  kind: 'common',
  character: null,
  most: 2,
  ord: 2,
  accepted: { kind: 'name' },
};
const SURE: KeyAsk = { ...COMMON, id: 'sure', kind: 'sureness', most: 0, ord: 3 };
const BANDS: KeyAsk = {
  ...COMMON,
  id: 'bands',
  kind: 'call',
  character: 'needle.bands',
  ord: 1,
  accepted: {
    kind: 'call',
    right: ['below'],
    coarse: [],
    range: null,
    doesNotApply: false,
    recorded: true,
    words: 'below',
  },
};

const answer = (student: string, ask: string, value: StationAnswer['value'], seq = 1): StationAnswer => ({
  response: `${student}/${ask}`,
  attempt: `phone of ${student}`,
  student,
  ask,
  value,
  origin: 'phone',
  cluesOpen: 0,
  seq,
});
const named = (student: string, text: string, seq = 1): StationAnswer =>
  answer(student, 'common', { kind: 'name', text }, seq);

const task = (part: Partial<StationTask>): StationTask => ({
  asks: [COMMON, SURE],
  truth: { taxon: 'grandis', genus: null, scientific: 'Abies grandis', common: 'grand fir', names: [] },
  answers: [],
  calls: [],
  students: [],
  ...part,
});
const graded = (part: Partial<StationTask>) => gradeStation(task(part), grader(context));

describe('grading a station', () => {
  test('grades every answer to a question of the key, and leaves out one to any other', () => {
    const { grades } = graded({ answers: [named('a', 'grand fir'), answer('a', 'gone', { kind: 'blank' })] });
    expect(grades.map((g) => [g.answer.response, g.grade?.points])).toEqual([['a/common', 2]]);
  });

  test('how sure somebody was has no grade and goes with the look', () => {
    const { grades, looks } = graded({
      answers: [named('a', 'grand fir'), answer('a', 'sure', { kind: 'sureness', sure: 'guessing' })],
      students: ['a'],
    });
    expect(grades.find((g) => g.ask.id === 'sure')?.grade).toBeNull();
    expect(looks[0]).toMatchObject({ named: 'right', sure: 'guessing' });
  });

  test('makes one look of everybody who took part, blank where nothing was answered here', () => {
    const { looks } = graded({ answers: [named('b', 'subalpine fir')], students: ['a', 'b', 'c'] });
    expect(looks.map((l) => [l.student, l.named, l.answer])).toEqual([
      ['a', 'blank', null],
      ['b', 'other', 'lasiocarpa'],
      ['c', 'blank', null],
    ]);
  });

  test('makes no look of who did not get there, of a line that may be off, and of a station that was dropped', () => {
    const answers = [
      answer('a', 'common', { kind: 'not_reached' }),
      answer('b', 'common', { kind: 'withdrawn' }),
      named('c', 'subalpine fir'),
      answer('d', 'common', { kind: 'illegible' }),
    ];
    const students = ['a', 'b', 'c', 'd'];
    expect(graded({ answers, students }).looks.map((l) => [l.student, l.named])).toEqual([
      ['c', 'other'],
      ['d', 'blank'],
    ]);
    expect(graded({ answers, students, waiting: ['c'] }).looks.map((l) => l.student)).toEqual(['d']);
    const { truth } = task({});
    expect(graded({ answers, students, truth: { ...truth, dropped: true } }).looks).toEqual([]);
    // Whether or not it is a look, an answer has its grade.
    expect(graded({ answers, students, waiting: ['c'] }).grades).toHaveLength(4);
  });

  test('makes no look where no species is asked', () => {
    expect(graded({ asks: [SURE], students: ['a'] }).looks).toEqual([]);
  });

  test('keeps with a look the character questions that came before the name, and none after it', () => {
    const call = (student: string, seq: number): FirstCall => ({
      attempt: `phone of ${student}`,
      character: 'needle.bands',
      seq,
      value: { kind: 'cannot_tell' },
    });
    const { looks } = graded({
      asks: [BANDS, COMMON],
      answers: [named('a', 'grand fir', 5), named('b', 'grand fir', 5)],
      calls: [call('a', 4), call('b', 6)],
      students: ['a', 'b'],
    });
    expect(looks.map((l) => l.calls.map((c) => [c.character, c.outcome]))).toEqual([
      [['needle.bands', 'cannot_tell']],
      [],
    ]);
  });

  test('says the same of the same answers in any order', () => {
    const answers = [named('a', 'grand fir'), named('b', 'subalpine fir'), named('c', '')];
    const students = ['a', 'b', 'c'];
    expect(graded({ answers: [...answers].reverse(), students }).looks).toEqual(
      graded({ answers, students }).looks,
    );
  });
});
