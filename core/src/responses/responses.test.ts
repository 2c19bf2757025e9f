import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHARACTERS, vocabularyOf } from '../characters/index.ts';
import { dateRead, planResponses, readResponses, writeResponses } from './index.ts';
import type { Choices, ResponseGround, ResponseLine } from './index.ts';

const HEAD = 'quiz,date,section,student,station,species,answer';
const file = (...rows: string[]): string => [HEAD, ...rows].join('\n');
const ROW = 'Spring quiz,2026-04-07,Tuesday lab,101,1,Abies grandis,grand fir';
const lines = (text: string): readonly ResponseLine[] => {
  const read = readResponses(text);
  if (!read.ok) throw new Error(JSON.stringify(read.refused));
  return read.value;
};
const refused = (text: string) => {
  const read = readResponses(text);
  return read.ok ? [] : read.refused.map((r) => [r.line, r.column, r.message]);
};

describe('a responses file', () => {
  test('is read with its columns in any order, its optional ones, and what is not known said', () => {
    const text = [
      'station;student;returned;class;date;quiz;species;answer;sure;seconds;material;call:leaf.arrangement;weather',
      '3;101;4/9/2026;Tuesday lab;4/7/2026;Spring quiz;Abies grandis;"white; fir";sure;12.5;twig | leaf;alternate;rain',
    ].join('\n');
    const read = readResponses(text);
    expect(read).toMatchObject({ ok: true, left: ['the column “weather”'] });
    expect(lines(text)).toEqual([
      {
        line: 2,
        quiz: 'Spring quiz',
        on: '2026-04-07',
        section: 'Tuesday lab',
        student: '101',
        station: 3,
        species: 'Abies grandis',
        answer: 'white; fir',
        form: 'typed',
        sure: 'sure',
        seconds: 12.5,
        material: ['twig', 'leaf'],
        returned: '2026-04-09',
        calls: { 'leaf.arrangement': 'alternate' },
      },
    ]);
  });

  test.each([
    ['a second header', file(ROW, HEAD), [3, 1, 'This row repeats the header.']],
    ['the same student twice', file(ROW, ROW), [3, 4, 'Student 101 is at station 1 in line 2 already.']],
    ['no date', file(ROW.replace('2026-04-07', 'spring')), [2, 2, '“spring” is not a date.']],
    ['a date that there is not', file(ROW.replace('04-07', '02-30')), [2, 2, '“2026-02-30” is not a date.']],
    ['no station', file(ROW.replace(',1,', ',first,')), [2, 5, '“first” is not a station number.']],
    ['no student number', file(ROW.replace('101', 'Ann B.')), [2, 4, '“Ann B.” is not a student number.']],
    ['no species', file(ROW.replace('Abies grandis', '')), [2, 6, 'The row names no species.']],
    [
      'a name too long',
      file(ROW.replace('Spring quiz', 'x'.repeat(121))),
      [2, 1, 'The name of the quiz is too long.'],
    ],
    ['no rows', HEAD, [2, 1, 'The file has a header and no rows.']],
    ['a cell too many', file(`${ROW},x`), [2, 8, 'The row has 8 cells, the header 7.']],
  ])('is refused with its place for %s', (_, text, expected) => {
    expect(refused(text)).toEqual([expected]);
  });

  test('is refused for what a column cannot hold, all of it at once', () => {
    const text = [`${HEAD},form,sure,seconds,material,given_back`, `${ROW},spoken,very,-3,wood,soon`].join(
      '\n',
    );
    expect(refused(text).map(([, column]) => column)).toEqual([8, 9, 10, 11, 12]);
  });

  test('is refused where a column is missing, or where another delimiter leaves one column alone', () => {
    expect(refused('quiz,date\nx,2026-04-07')[0]?.[2]).toContain('no column “section”');
    expect(refused('quiz|date|section|student|station|species|answer\nx')[0]?.[2]).toContain(
      'only one column',
    );
  });

  test('reads back what is written', () => {
    const text = fc
      .string({ minLength: 1, maxLength: 12, unit: fc.constantFrom(...'abcXYZ ,;"\'=+-') })
      .map((t) => `q${t.trim()}`);
    const line = fc.record({
      quiz: text,
      on: fc.constantFrom('2026-04-07', '2026-05-01'),
      section: text,
      student: fc.stringMatching(/^[A-Za-z0-9]{1,8}$/),
      station: fc.integer({ min: 1, max: 200 }),
      species: text,
      answer: text,
      form: fc.constantFrom('typed' as const, 'choice' as const),
      sure: fc.constantFrom('sure' as const, null),
      seconds: fc.constantFrom(12.5, null),
      material: fc.constantFrom([], ['twig', 'leaf']),
      returned: fc.constantFrom('2026-05-02', null),
      calls: fc.constantFrom({}, { 'leaf.arrangement': 'alternate' }),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(line, {
          maxLength: 8,
          minLength: 1,
          selector: (l) => `${l.student.toLowerCase()}/${l.station}`,
        }),
        (all) => {
          expect(lines(writeResponses(all)).map(({ line: _, ...l }) => l)).toEqual(all);
        },
      ),
    );
  });
});

test('a date is read as people write it here, and nothing else is one', () => {
  expect(['2026-10-06', '10/6/2026', '6.10.2026', '2026-13-01', ''].map(dateRead)).toEqual([
    '2026-10-06',
    '2026-10-06',
    null,
    null,
    null,
  ]);
});

const ground = (part: Partial<ResponseGround> = {}): ResponseGround => ({
  sections: [
    { id: 'tue', name: 'Tuesday lab', term: 'Fall 2026' },
    { id: 'old', name: 'Evening', term: 'Fall 2025' },
    { id: 'new', name: 'Evening', term: 'Fall 2026' },
  ],
  students: [{ section: 'tue', id: 's101', code: '101' }],
  species: new Map([
    ['abies grandis', 'grandis'],
    ['abies lasiocarpa', 'lasiocarpa'],
  ]),
  sittings: [],
  vocabulary: vocabularyOf(CHARACTERS),
  ...part,
});
const plan = (text: string, choices: Choices = {}, part: Partial<ResponseGround> = {}) =>
  planResponses(lines(text), ground(part), choices);
const open = (p: ReturnType<typeof plan>) =>
  p.questions.filter((q) => q.chosen === undefined).map((q) => [q.id, q.among, q.rows]);

describe('what a file would add', () => {
  test('is a sitting with its stations and answers, where everything in it is known', () => {
    const p = plan(file(ROW, ROW.replace(',1,Abies grandis,grand fir', ',2,Abies lasiocarpa,')));
    expect(open(p)).toEqual([]);
    expect(p.sittings).toMatchObject([
      {
        quiz: 'Spring quiz',
        section: 'tue',
        on: '2026-04-07',
        students: 1,
        stations: [
          { number: 1, taxon: 'grandis', answers: [{ student: 's101', answer: 'grand fir' }] },
          { number: 2, taxon: 'lasiocarpa', answers: [{ answer: '' }] },
        ],
      },
    ]);
  });

  test('waits for classes, students and species that are not known, and takes what is chosen', () => {
    const text = file(
      ROW.replace('101', '301'),
      ROW.replace('101', '302'),
      ROW.replace('Tuesday lab', 'Evening'),
      ROW.replace('Abies grandis', 'Abies procera').replace(',1,', ',2,'),
    );
    const waiting = plan(text);
    expect(open(waiting)).toEqual([
      ['students:tuesday lab', ['301', '302'], 2],
      ['section:evening', [], 1],
      ['species:abies procera', [], 1],
    ]);
    expect(waiting.sittings).toEqual([]);
    const choices = {
      'students:tuesday lab': 'add',
      'section:evening': null,
      'species:abies procera': 'lasiocarpa',
    };
    const chosen = plan(text, choices);
    expect(open(chosen)).toEqual([]);
    expect([chosen.leftOut, chosen.added.map((a) => a.code)]).toEqual([1, ['301', '302']]);
    expect(chosen.sittings[0]?.stations.map((s) => [s.number, s.taxon, s.answers.length])).toEqual([
      [1, 'grandis', 2],
      [2, 'lasiocarpa', 1],
    ]);
    const without = plan(text, { ...choices, 'students:tuesday lab': null });
    expect([without.leftOut, without.sittings.length]).toEqual([3, 1]);
  });

  test('waits where one station names two species, and takes the one that is chosen for all its answers', () => {
    const text = file(ROW, ROW.replace('101', '102').replace('Abies grandis', 'Abies lasiocarpa'));
    const part = { students: ['101', '102'].map((code) => ({ section: 'tue', id: code, code })) };
    const id = 'station:spring quiz, 2026-04-07, station 1';
    expect(open(plan(text, {}, part))).toEqual([[id, ['Abies grandis', 'Abies lasiocarpa'], 2]]);
    const chosen = plan(text, { [id]: 'Abies lasiocarpa' }, part);
    expect(chosen.sittings[0]?.stations).toMatchObject([{ taxon: 'lasiocarpa', answers: [{}, {}] }]);
    expect(plan(text, { [id]: null }, part)).toMatchObject({ sittings: [], leftOut: 2 });
  });

  test('leaves a sitting alone that is there already', () => {
    const sittings = [{ quiz: 'spring QUIZ', on: '2026-04-07', section: 'tue' }];
    const p = plan(file(ROW, ROW.replace(',1,', ',2,')), {}, { sittings });
    expect(p.refused.map((r) => [r.line, r.message])).toEqual([
      [2, 'Tuesday lab has “Spring quiz” of this day already.'],
    ]);
    expect(p.sittings).toEqual([]);
  });

  test('reads what was called, refuses what a character cannot be, and leaves out what is no character', () => {
    const head = `${HEAD},call:leaf.arrangement,call:leaf.wetness`;
    const good = plan([head, `${ROW},opposite,damp`].join('\n'));
    expect(good.sittings[0]?.stations[0]).toMatchObject({
      characters: ['leaf.arrangement'],
      answers: [{ calls: [{ character: 'leaf.arrangement', value: { kind: 'state', state: 'opposite' } }] }],
    });
    expect(good.left).toEqual(['“call:leaf.wetness” of 1 rows: the vocabulary has no such character']);
    const bad = plan([head, `${ROW},sideways,`].join('\n'));
    expect(bad.refused.map((r) => [r.line, r.message])).toEqual([[2, expect.stringContaining('“sideways”')]]);
  });
});
