import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { strFromU8, unzipSync } from 'fflate';
import Papa from 'papaparse';
import { v7 } from 'uuid';
import type {
  ImportReport,
  MixUps,
  QuizSummary,
  Section,
  Sheet,
  SittingDetail,
  TreeRow,
} from '@hurrow/contract';
import {
  finished,
  graded,
  gradesOf,
  id,
  longQuiz,
  moveSitting,
  openLong,
  openTestApp,
  sendFile,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const file = async (format: string, query = '', from: Client = owner): Promise<string> =>
  (await from.call<string>('GET', `/api/results/${format}${query}`, undefined, { asText: true })).body;
const table = (csv: string): Record<string, string>[] =>
  Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true }).data;
const preview = async (text: string): Promise<ImportReport> => {
  const job = await sendFile(owner, 'responses', text, { name: 'Earlier term' });
  if (!job.result) throw new Error(`${job.state}: ${job.problem?.detail ?? ''}`);
  return job.result;
};
/** Imports a file with choices, as the page sends it. */
async function take(text: string, choices: Record<string, string | null> = {}): Promise<ImportReport> {
  const { body } = await owner.call<{ job: string }>(
    'POST',
    '/api/imports?kind=responses&name=Earlier%20term&with=choices',
    JSON.stringify({ choices, text }),
    { type: 'text/plain' },
  );
  const job = await finished(owner, body.job);
  if (!job.result) throw new Error(`${job.state}: ${job.problem?.detail ?? ''}`);
  return job.result;
}
const undo = (batch: string | null) =>
  owner.call<{ detail: string }>('POST', `/api/imports/${batch ?? ''}/undo`);

/** As long as a name may be: the tags of its trees are shorter. */
const LONG = `Old quiz ${'of long ago '.repeat(9)}`.trim();
const HEAD =
  'quiz,date,section,student,station,species,answer,sure,seconds,material,given_back,call:needle.bands';
/** Twelve students of an earlier term at three stations; four of them take the grand fir for a subalpine fir. */
const spring = (students = Array.from({ length: 12 }, (_, i) => String(301 + i))): string =>
  [
    HEAD,
    ...students.flatMap((code, i) => [
      `Spring quiz,2026-04-07,First section,${code},1,Abies grandis,${i < 4 ? 'subalpine fir' : 'Grand  fir'},sure,12.5,twig,2026-04-09,below-only`,
      `Spring quiz,2026-04-07,First section,${code},2,Pinus flexilis,${i === 0 ? '' : 'limber pine'},,,,,`,
      `Spring quiz,2026-04-07,First section,${code},3,Abies procera,noble fir,,,,,`,
    ]),
  ].join('\n');
let sectionName = '';
beforeAll(async () => {
  const { body } = await owner.call<readonly Section[]>('GET', '/api/sections');
  sectionName = body.find((s) => s.id === id('first'))?.name ?? '';
});
const named = (text: string): string => text.replaceAll('First section', sectionName);
/** How many rows there are of what an import writes. */
const rowsKept = async (): Promise<unknown> =>
  app.db.query(
    `select (select count(*) from response)::integer as answers, (select count(*) from student)::integer as students,
       (select count(*) from tree)::integer as trees, (select count(*) from sitting)::integer as sittings,
       (select count(*) from look)::integer as looks, (select count(*) from ask)::integer as asks`,
  );
const open = (r: ImportReport) => r.questions.filter((q) => q.chosen === undefined).map((q) => q.id);

describe('answers of an earlier term', () => {
  test('are previewed with what the file leaves open, and nothing is imported while it does', async () => {
    const text = named(spring());
    const shown = await preview(text);
    expect(open(shown)).toEqual([`students:${sectionName.toLowerCase()}`]);
    expect(shown.questions[0]?.among).toHaveLength(12);
    const before = (await owner.call<readonly QuizSummary[]>('GET', '/api/quizzes')).body.length;
    expect((await take(text)).batch).toBeNull();
    const withStudents = await take(text, { [`students:${sectionName.toLowerCase()}`]: 'add' });
    expect([withStudents.batch, open(withStudents)]).toEqual([null, ['species:abies procera']]);
    expect((await owner.call<readonly QuizSummary[]>('GET', '/api/quizzes')).body).toHaveLength(before);
  });

  test('become a sitting that is graded, returned and counted among mix-ups, and are taken back whole', async () => {
    const before = await rowsKept();
    const text = named(spring());
    const choices = { [`students:${sectionName.toLowerCase()}`]: 'add', 'species:abies procera': null };
    const report = await take(text, choices);
    expect(report.changes[0]).toMatchObject({
      kind: 'sitting',
      name: `Spring quiz: ${sectionName}, 2026-04-07`,
      detail: '12 students, 2 stations, 24 answers, returned 2026-04-09',
    });
    expect(report.left).toEqual(['12 rows, by your choice']);
    const quiz = (await owner.call<readonly QuizSummary[]>('GET', '/api/quizzes')).body.find(
      (q) => q.name === 'Spring quiz',
    );
    const sitting = quiz?.sittings[0];
    expect([quiz?.stations, sitting?.state, sitting?.on]).toEqual([2, 'returned', '2026-04-07']);
    const { totals } = await gradesOf(owner, sitting?.id ?? '');
    expect(totals.map((t) => t.points)).toEqual([0, 1, 1, 1, 2, 2, 2, 2, 2, 2, 2, 2]);
    const mixups = (await owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups`)).body;
    const pair = mixups.pairs.find((p) => p.truth.id === id('grandis') && p.answer.id === id('lasiocarpa'));
    expect([pair?.k, pair?.withCalls]).toEqual([4, 4]);
    // Its trees are kept for it and offered nowhere.
    const trees = (await owner.call<readonly TreeRow[]>('GET', '/api/trees')).body;
    expect(trees.filter((t) => t.tag.startsWith('Spring quiz')).map((t) => t.retired)).toEqual([true, true]);

    // What goes out is what came in.
    const out = table(await file('responses', `?sitting=${sitting?.id ?? ''}`));
    expect(out).toHaveLength(24);
    expect(out[0]).toMatchObject({
      quiz: 'Spring quiz',
      date: '2026-04-07',
      student: '301',
      station: '1',
      species: 'Abies grandis',
      answer: 'subalpine fir',
      form: 'typed',
      sure: 'sure',
      seconds: '12.5',
      material: 'twig',
      given_back: '2026-04-09',
      'call:needle.bands': 'below-only',
    });
    expect((await preview(named(spring()))).refused[0]?.message).toContain('of this day already');

    expect((await undo(report.batch)).status).toBe(204);
    const after = (await owner.call<readonly QuizSummary[]>('GET', '/api/quizzes')).body;
    expect(after.some((q) => q.name === 'Spring quiz')).toBe(false);
    const left = (await owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups`)).body;
    expect(left.pairs.some((p) => p.truth.id === id('grandis') && p.k === 4)).toBe(false);
    expect(await rowsKept()).toEqual(before);
  });

  test('cannot be taken back once somebody worked on them', async () => {
    const text = named(spring(['401', '402'])).replaceAll('Spring quiz', LONG);
    const choices = { [`students:${sectionName.toLowerCase()}`]: 'add', 'species:abies procera': null };
    const { batch } = await take(text, choices);
    const quiz = (await owner.call<readonly QuizSummary[]>('GET', '/api/quizzes')).body.find(
      (q) => q.name === LONG,
    );
    await graded(owner, quiz?.sittings[0]?.id ?? '');
    const refused = await undo(batch);
    expect([refused.status, refused.body.detail]).toEqual([
      412,
      expect.stringContaining('graded again or changed'),
    ]);
    expect((await owner.call('GET', `/api/quizzes/${quiz?.id ?? ''}`)).status).toBe(200);
  });

  test('are refused where the choices that came with them cannot be read', async () => {
    const { status, body } = await owner.call<{ field: string }>(
      'POST',
      '/api/imports?kind=responses&name=x&with=choices',
      'no choices',
      { type: 'text/plain' },
    );
    expect([status, body.field]).toEqual([422, 'choices']);
  });
});

describe('what goes out', () => {
  let sitting: SittingDetail;
  beforeAll(async () => {
    const quiz = await longQuiz(
      owner,
      ['grandis', 'flexilis'],
      [
        { kind: 'call', character: 'needle.bands', points: 1 },
        { kind: 'common', points: 2 },
        { kind: 'sureness', points: 0 },
      ],
    );
    sitting = await openLong(owner, quiz.id, 'second', '2026-10-01');
    const [person] = sitting.people;
    const path = `/api/sittings/${sitting.id}/sheets/${person?.student ?? ''}`;
    const { asks } = (await owner.call<Sheet>('GET', path)).body;
    const names = asks.filter((a) => a.kind === 'common');
    const answers = names.map((a, i) => ({
      id: v7(),
      sittingStation: a.sittingStation,
      ask: a.ask,
      typed: i === 0 ? 'grand fir' : 'white pine tree',
    }));
    const entered = await owner.call('POST', path, { answers });
    if (entered.status >= 300) throw new Error(`Not entered: ${JSON.stringify(entered.body)}`);
    await moveSitting(owner, sitting.id, 'closed');
    await graded(owner, sitting.id);
    await owner.call('PUT', `/api/students/${person?.student ?? ''}`, {
      code: person?.code ?? '',
      firstName: 'Quillwort',
      schoolId: 'Q-77',
    });
  });

  test('is a gradebook by school ID with the points possible', async () => {
    const rows = table(await file('gradebook', `?section=${id('second')}`));
    const column = Object.keys(rows[0] ?? {}).find((k) => k.startsWith('Long quiz')) ?? '';
    expect(rows[0]).toMatchObject({ school_id: '', student_number: 'points possible', [column]: '6' });
    const earned = rows.slice(1).map((r) => [r['school_id'], r[column]]);
    expect(earned).toContainEqual(['Q-77', '2']);
    expect(earned).toContainEqual(['', '']);
  });

  test('is every grade by question, with why', async () => {
    const rows = table(await file('asks', `?sitting=${sitting.id}`));
    const first = rows.find((r) => r['answer'] === 'grand fir');
    expect(first).toMatchObject({
      station: '1',
      species: 'Abies grandis',
      asked: 'common name',
      points: '2',
      points_possible: '2',
    });
    expect(rows.find((r) => r['answer'] === 'white pine tree')).toMatchObject({ station: '2', points: '0' });
  });

  test('is a calendar and statements without a name or number of anybody', async () => {
    const calendar = await file('calendar', `?section=${id('second')}`);
    expect(calendar).toContain('DTSTART;VALUE=DATE:20261001');
    const statements = (await file('xapi', `?sitting=${sitting.id}`)).split('\n').filter((l) => l !== '');
    expect(statements.length).toBeGreaterThanOrEqual(2);
    for (const text of [calendar, ...statements])
      for (const own of ['Q-77', 'Quillwort']) expect(text).not.toContain(own);
    // A student's number is short and may stand in any id, so it is looked for by itself.
    const actors = statements.map((t) => JSON.stringify((JSON.parse(t) as { actor: unknown }).actor));
    for (const actor of actors) expect(actor).not.toContain(`"${sitting.people[0]?.code ?? ''}"`);
  });

  test('is a package of the quiz with an item a question and a drawing a station', async () => {
    const { status, headers, body } = await owner.call<Uint8Array>(
      'GET',
      `/api/results/qti?quiz=${sitting.quiz}`,
      undefined,
      {
        asBytes: true,
      },
    );
    expect([status, headers.get('content-type')]).toEqual([200, 'application/zip']);
    const files = unzipSync(body);
    const names = Object.keys(files);
    expect(names.filter((n) => n.startsWith('items/'))).toHaveLength(4);
    expect(names.filter((n) => n.startsWith('images/')).length).toBeGreaterThanOrEqual(2);
    const items = names
      .filter((n) => n.startsWith('items/'))
      .map((n) => strFromU8(files[n] ?? new Uint8Array()));
    expect(items.filter((t) => t.includes('mapKey="grand fir" mappedValue="2"'))).toHaveLength(1);
    const images = names
      .filter((n) => n.startsWith('images/'))
      .map((n) => strFromU8(files[n] ?? new Uint8Array()));
    expect(images.join()).not.toContain('grandis');
  });

  test('is refused where the format, the quiz or the class is none, or not theirs', async () => {
    const status = async (path: string, from: Client = owner) =>
      (await from.call('GET', `/api/results/${path}`)).status;
    expect(await status('marks')).toBe(422);
    expect(await status('qti')).toBe(422);
    expect(await status(`gradebook?section=${id('none')}`)).toBe(404);
    expect(await status(`responses?sitting=${id('none')}`)).toBe(404);
    expect(await status('gradebook', await app.assistant())).toBe(403);
  });
});
