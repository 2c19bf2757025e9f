import { describe, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { validateStatement } from './xapiCheck.testing.ts';
import { CHARACTERS, vocabularyOf } from '../characters/index.ts';
import { childOf, childrenOf, readXml } from '../formats/xml.ts';
import type { XmlElement } from '../formats/xml.ts';
import {
  qtiFiles,
  qtiId,
  qtiItemOf,
  sketchSvg,
  writeAskGrades,
  writeCalendar,
  writeGradebook,
  writeXapi,
} from './index.ts';
import type { QtiAsk, QtiItem, QtiSection, XapiAnswer } from './index.ts';

const rows = (csv: string): string[][] => Papa.parse<string[]>(csv.trim()).data;

describe('a gradebook', () => {
  const columns = [
    { sitting: 'a', title: 'First walk, Tue, Sep 22', most: 20 },
    { sitting: 'b', title: 'First walk, Tue, Sep 22', most: 8 },
  ];
  const student = (part: object) => ({
    schoolId: null,
    code: '101',
    firstName: null,
    points: new Map<string, number>(),
    ...part,
  });

  test('has the points possible first, then a row a student; who was not there has no zero', () => {
    const csv = writeGradebook(columns, [
      student({
        schoolId: 'q77',
        firstName: 'Wren',
        points: new Map([
          ['a', 17.5],
          ['b', 0],
        ]),
      }),
      student({ code: '102' }),
    ]);
    expect(rows(csv)).toEqual([
      ['school_id', 'student_number', 'first_name', 'First walk, Tue, Sep 22', 'First walk, Tue, Sep 22 (2)'],
      ['', 'points possible', '', '20', '8'],
      ['q77', '101', 'Wren', '17.5', '0'],
      ['', '102', '', '', ''],
    ]);
  });

  test('makes a cell harmless that a spreadsheet would run', () => {
    expect(writeGradebook([], [student({ firstName: '=1+1' })])).toContain("'=1+1");
  });
});

test('grades by question have one row an answer', () => {
  const csv = writeAskGrades([
    {
      quiz: 'First walk',
      on: '2026-09-22',
      section: 'Tuesday lab',
      code: '101',
      station: 3,
      species: 'Abies grandis',
      asked: 'common name',
      answer: 'white, fir',
      outcome: 'other_species',
      points: 0,
      most: 2,
      why: 'it names another species',
      changed: true,
    },
  ]);
  const [head = [], row = []] = rows(csv);
  expect(Object.fromEntries(head.map((h, i) => [h, row[i]]))).toMatchObject({
    student: '101',
    answer: 'white, fir',
    points: '0',
    points_possible: '2',
    changed_by_hand: 'yes',
  });
});

describe('a calendar', () => {
  test('has each sitting as a whole day with its place, read back by another program', () => {
    const text = writeCalendar(
      [
        {
          id: 'aa',
          quiz: 'First walk, Ledger Loop',
          section: 'Tuesday lab',
          on: '2026-12-31',
          state: 'draft',
          stations: 10,
          site: { name: 'Quillan Creek; school', lat: 47.9, lon: -115.9 },
        },
      ],
      '1.2.3',
      '2026-10-01T12:00:00.000Z',
    );
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
    expect(calendar.getFirstPropertyValue('prodid')).toContain('Hurrow 1.2.3');
    const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    expect(events).toHaveLength(1);
    const [event] = events;
    expect([event?.uid, event?.summary, event?.location, event?.description]).toEqual([
      'aa@hurrow',
      'First walk, Ledger Loop: Tuesday lab',
      'Quillan Creek; school',
      '10 stations, draft',
    ]);
    expect([event?.startDate.toString(), event?.endDate.toString(), event?.startDate.isDate]).toEqual([
      '2026-12-31',
      '2027-01-01',
      true,
    ]);
  });
});

describe('statements of what a student did', () => {
  const answer = (part: Partial<XapiAnswer> = {}): XapiAnswer => ({
    response: '0f5d4e2a-6b1c-4a8e-9d3f-2b7c1a5e8f90',
    student: '1f5d4e2a-6b1c-4a8e-9d3f-2b7c1a5e8f91',
    sitting: '2f5d4e2a-6b1c-4a8e-9d3f-2b7c1a5e8f92',
    station: '3f5d4e2a-6b1c-4a8e-9d3f-2b7c1a5e8f93',
    ask: '4f5d4e2a-6b1c-4a8e-9d3f-2b7c1a5e8f94',
    quiz: 'First walk',
    number: 3,
    asked: 'common name',
    answer: 'grand\nfir',
    points: 1,
    most: 3,
    at: '2026-09-22T20:40:00.000Z',
    ...part,
  });
  const lines = (answers: readonly XapiAnswer[]): unknown[] =>
    writeXapi(answers, '5f5d4e2a-6b1c-4a8e-9d3f-2b7c1a5e8f95')
      .split('\n')
      .filter((l) => l !== '')
      .map((l) => JSON.parse(l) as unknown);

  test('are one valid statement a line, with points and no name or number of a student', () => {
    const all = lines([answer(), answer({ points: 3 }), answer({ points: 0, most: 0 })]);
    expect(all.map((s) => validateStatement(s))).toEqual([[], [], []]);
    expect(all).toMatchObject([
      { result: { success: false, response: 'grand\nfir', score: { raw: 1, max: 3, scaled: 0.333333 } } },
      { result: { success: true, score: { scaled: 1 } } },
      { result: { success: false } },
    ]);
    expect(JSON.stringify(all[2])).not.toContain('score');
    expect(validateStatement({ ...(all[0] as object), verb: {} })).not.toEqual([]);
  });

  test('are an empty file where nothing was graded', () => {
    expect(writeXapi([], 'x')).toBe('');
  });
});

const vocabulary = vocabularyOf(CHARACTERS);
const NAMES = {
  scientific: ['Abies grandis', 'Abies excelsior'],
  common: ['grand fir', 'lowland “white” fir & co'],
  genus: 'Abies',
  families: ['Pinaceae'],
};
const ask = (part: Partial<QtiAsk>): QtiAsk => ({
  kind: 'common',
  character: null,
  points: 2,
  params: null,
  accepted: { kind: 'name' },
  ...part,
});
const call = (character: string, part: object): QtiAsk =>
  ask({
    kind: 'call',
    character,
    points: 1,
    accepted: {
      kind: 'call',
      right: [],
      coarse: [],
      range: null,
      doesNotApply: false,
      recorded: true,
      words: '',
      ...part,
    },
  });
const params = (part: object): NonNullable<QtiAsk['params']> => ({
  question: 'odd_one_out',
  prompt: 'Which is the odd one out?',
  options: [],
  others: [],
  right: [],
  pairs: [],
  drawing: null,
  place: null,
  text: null,
  ...part,
});
const OPTIONS = [
  { id: 'o1', label: 'grand fir' },
  { id: 'o2', label: 'subalpine fir' },
];

describe('a question of a package', () => {
  test.each([
    ['common', ['grand fir', 'lowland “white” fir & co']],
    ['scientific', ['Abies grandis', 'Abies excelsior']],
    ['either', ['grand fir', 'lowland “white” fir & co', 'Abies grandis', 'Abies excelsior']],
    ['genus', ['Abies']],
    ['family', ['Pinaceae']],
  ] as const)('of the %s accepts its names, each for all its points', (kind, texts) => {
    const made = qtiItemOf(ask({ kind }), NAMES, vocabulary);
    expect(made?.answer).toEqual({
      kind: 'text',
      exact: false,
      accepts: texts.map((text) => ({ text, points: 2 })),
    });
  });

  test('of a character offers its states and “does not apply”, or a number between two', () => {
    const made = qtiItemOf(call('leaf.arrangement', { right: ['opposite'] }), NAMES, vocabulary);
    expect(made?.answer).toMatchObject({ kind: 'choice', right: ['qopposite'] });
    const options = made?.answer.kind === 'choice' ? made.answer.options.map((o) => o.id) : [];
    expect(options).toEqual(expect.arrayContaining(['qopposite', 'qalternate', 'does-not-apply']));
    expect(
      qtiItemOf(call('leaf.arrangement', { doesNotApply: true }), NAMES, vocabulary)?.answer,
    ).toMatchObject({
      right: ['does-not-apply'],
    });
    expect(qtiItemOf(call('needle.bundle_count', { range: [2, 3] }), NAMES, vocabulary)?.answer).toEqual({
      kind: 'number',
      low: 2,
      high: 3,
    });
    expect(qtiItemOf(call('leaf.arrangement', {}), NAMES, vocabulary)?.answer).toEqual({ kind: 'open' });
  });

  test('is left out where it is answered on a drawing, or says how sure somebody is', () => {
    expect(
      qtiItemOf(ask({ kind: 'sureness', accepted: { kind: 'sureness' } }), NAMES, vocabulary),
    ).toBeNull();
    const drawn = params({ options: [{ id: 'o1', label: '' }] });
    expect(
      qtiItemOf(
        ask({ kind: 'choice', params: drawn, accepted: { kind: 'choice', right: ['o1'] } }),
        NAMES,
        vocabulary,
      ),
    ).toBeNull();
    const point = { kind: 'point' as const, x: 0.5, y: 0.5, within: 0.1 };
    expect(
      qtiItemOf(ask({ kind: 'point', params: params({}), accepted: point }), NAMES, vocabulary),
    ).toBeNull();
  });
});

describe('a package', () => {
  const asks: readonly QtiAsk[] = [
    ask({}),
    call('leaf.arrangement', { right: ['opposite', 'whorled'] }),
    call('needle.bundle_count', { range: [2, 3] }),
    ask({
      kind: 'choice',
      points: 1,
      params: params({ options: OPTIONS, right: ['o2'] }),
      accepted: { kind: 'choice', right: ['o2'] },
    }),
    ask({
      kind: 'match',
      points: 3,
      params: params({
        options: OPTIONS,
        others: [
          { id: 'x', label: 'blisters' },
          { id: 'y', label: 'spires' },
        ],
      }),
      accepted: {
        kind: 'match',
        pairs: [
          ['o1', 'x'],
          ['o2', 'y'],
        ],
      },
    }),
    ask({
      kind: 'text',
      points: 1,
      params: params({ prompt: 'Spell it.' }),
      accepted: { kind: 'text', right: 'Abies' },
    }),
  ];
  const items = asks.map((a, i): QtiItem => {
    const made = qtiItemOf(a, NAMES, vocabulary);
    if (!made) throw new Error('No item');
    return {
      id: `q${i}`,
      title: `Question ${i}`,
      points: a.points,
      images: [{ file: 'images/a.svg', alt: 'Drawing 1 of "station 1"' }],
      ...made,
    };
  });
  const sections: readonly QtiSection[] = [
    { id: 's1', title: 'Station 1', items: items.slice(0, 4) },
    { id: 's2', title: 'Station 2', items: items.slice(4) },
  ];
  const files = qtiFiles('quiz', 'Walk <one>', sections);
  const xml = (name: string): XmlElement => {
    const read = readXml(files.get(name) ?? '');
    if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.refused)}`);
    return read.value;
  };
  const found = (e: XmlElement, name: string): readonly XmlElement[] => [
    ...childrenOf(e, name),
    ...e.children.flatMap((c) => found(c, name)),
  ];
  const texts = (e: XmlElement | undefined): readonly string[] =>
    found(e ?? xml('test.xml'), 'value').map((v) => v.text);

  test('names every file once and the test names every item in order', () => {
    const manifest = xml('imsmanifest.xml');
    const listed = found(manifest, 'file').map((f) => f.attributes['href']);
    expect(new Set(listed)).toEqual(
      new Set([...files.keys()].filter((f) => f !== 'imsmanifest.xml').concat('images/a.svg')),
    );
    const refs = found(xml('test.xml'), 'assessmentItemRef');
    expect(refs.map((r) => [r.attributes['identifier'], r.attributes['href']])).toEqual(
      items.map((i) => [i.id, `items/${i.id}.xml`]),
    );
    expect(found(xml('test.xml'), 'assessmentSection').map((s) => s.attributes['title'])).toEqual([
      'Station 1',
      'Station 2',
    ]);
    expect(xml('test.xml').attributes['title']).toBe('Walk <one>');
  });

  test('read back item by item is the quiz', () => {
    for (const item of items) {
      const e = xml(`items/${item.id}.xml`);
      expect([e.name, e.attributes['identifier'], e.attributes['title']]).toEqual([
        'assessmentItem',
        item.id,
        item.title,
      ]);
      expect(found(e, 'outcomeDeclaration')[0]?.attributes['normalMaximum']).toBe(String(item.points));
      expect(found(e, 'img').map((i) => [i.attributes['src'], i.attributes['alt']])).toEqual([
        ['../images/a.svg', 'Drawing 1 of "station 1"'],
      ]);
      const declared = childOf(e, 'responseDeclaration');
      const mapped = found(declared ?? e, 'mapEntry').map((m) => [
        m.attributes['mapKey'],
        Number(m.attributes['mappedValue']),
      ]);
      const choices = found(e, 'simpleChoice').map((c) => ({
        id: c.attributes['identifier'],
        label: c.text,
      }));
      const { answer } = item;
      if (answer.kind === 'text') {
        expect(mapped).toEqual(answer.accepts.map((a) => [a.text, a.points]));
        expect(found(e, 'mapEntry')[0]?.attributes['caseSensitive']).toBe(String(answer.exact));
        expect(found(e, 'textEntryInteraction')).toHaveLength(1);
      } else if (answer.kind === 'choice') {
        expect(choices).toEqual(answer.options);
        expect(mapped).toEqual(answer.right.map((r) => [r, item.points]));
        expect(found(e, 'prompt')[0]?.text).toBe(item.prompt);
      } else if (answer.kind === 'match') {
        expect(texts(declared)).toEqual(answer.pairs.map(([a, b]) => `${a} ${b}`));
        const sets = found(e, 'simpleMatchSet').map((s) =>
          childrenOf(s, 'simpleAssociableChoice').map((c) => ({
            id: c.attributes['identifier'],
            label: c.text,
          })),
        );
        expect(sets).toEqual([answer.options, answer.others]);
      } else if (answer.kind === 'number') {
        const bounds = found(childOf(e, 'responseProcessing') ?? e, 'baseValue').map((b) => Number(b.text));
        expect(bounds).toEqual([answer.low, answer.high, item.points]);
      } else throw new Error(`An open question is not in this package: ${item.id}`);
    }
  });

  test('has ids that may stand in it, and drawings that are well formed', () => {
    expect(qtiId('0f5d.a b')).toBe('q0f5d-a-b');
    const svg = sketchSvg(
      {
        box: { x: 0, y: 0, width: 10, height: 5 },
        lines: [
          ['M0 0L1 1', 0.4, 'none'],
          ['M1 1', 0, '#fff'],
        ],
      },
      'a <b>',
    );
    const read = readXml(svg);
    expect(read.ok && found(read.value, 'path').map((p) => p.attributes['stroke'])).toEqual([
      '#12211c',
      'none',
    ]);
  });
});
