import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Evidence, LessonRow, MixUps } from '@hurrow/contract';
import { enroll, id, longQuiz, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

const WALK = ['grandis', 'lasiocarpa', 'flexilis', 'albicaulis'];
let app: TestApp;
let owner: Client;

const named =
  (astray: number) =>
  (i: number, j: number): string =>
    j === 0 && i < astray ? 'lasiocarpa' : (WALK[j] ?? 'grandis');

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  await enroll(owner, 'first', 101, 24);
  const quizzes = [];
  for (let i = 0; i < 3; i += 1) quizzes.push(await longQuiz(owner, WALK));
  await satLong(owner, quizzes[0]?.id ?? '', 'first', '2026-10-01', named(10), 24);
  await satLong(owner, quizzes[1]?.id ?? '', 'first', '2026-10-08', named(9), 24);
  await satLong(owner, quizzes[2]?.id ?? '', 'first', '2026-10-22', named(0), 24);
  // The day of the workspace is held at its first; lessons are recorded after it.
  await app.db.query(`update workspace set today_override = '2026-11-10'`, []);
});
afterAll(() => app.close());

const path = `/api/sections/${id('first')}/lessons`;
const PAIR = [{ taxon: id('grandis'), other: id('lasiocarpa') }];
const body = (on: string, items: readonly object[] = PAIR, kind = 'retaught') => ({ on, kind, items });
const lessons = async (): Promise<readonly LessonRow[]> => (await owner.call<LessonRow[]>('GET', path)).body;
const state = async (): Promise<unknown> =>
  (await owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups`)).body.pairs.find(
    (p) => p.truth.id === id('grandis'),
  )?.state;

describe('lessons', () => {
  test('are recorded in one line, and what followed stands with them and with the pair', async () => {
    expect(await lessons()).toEqual([]);
    const { status, body: rows } = await owner.call<LessonRow[]>('POST', path, body('2026-10-15'));
    expect(status).toBe(201);
    expect(rows[0]).toMatchObject({ on: '2026-10-15', kind: 'retaught' });
    const there = rows[0]?.followed.find((f) => f.truth.id === id('grandis'));
    expect(there).toMatchObject({ before: { k: 19, n: 48 }, after: { k: 0, n: 24 } });
    const pair = `/api/sections/${id('first')}/mixups/${id('grandis')}/${id('lasiocarpa')}`;
    const { effects } = (await owner.call<Evidence>('GET', pair)).body;
    expect(effects).toMatchObject([{ on: '2026-10-15', before: { k: 19, n: 48 }, after: { k: 0, n: 24 } }]);
  });

  test('are refused in the future, on one species alone, twice a day, and on species that are not there', async () => {
    const refused = async (b: object): Promise<readonly unknown[]> => {
      const { status, body: problem } = await owner.call<{ detail: string; remedy: string }>('POST', path, b);
      expect(problem.remedy.length).toBeGreaterThan(5);
      return [status, problem.detail];
    };
    expect(await refused(body('2027-10-15'))).toEqual([422, expect.stringContaining('not come yet')]);
    expect(await refused(body('2026-10-15'))).toEqual([409, expect.stringContaining('already')]);
    expect(await refused(body('2026-10-16', [{ taxon: id('grandis'), other: id('grandis') }]))).toEqual([
      422,
      expect.stringContaining('two different species'),
    ]);
    expect(await refused(body('2026-10-16', [{ taxon: id('grandis'), other: null }]))).toEqual([
      422,
      expect.stringContaining('a pair'),
    ]);
    expect(
      await refused(body('2026-10-16', [...PAIR, { taxon: id('lasiocarpa'), other: id('grandis') }])),
    ).toEqual([422, expect.stringContaining('twice')]);
    expect(await refused(body('2026-10-16', [{ taxon: id('none'), other: id('grandis') }]))).toEqual([
      422,
      expect.stringContaining('no such species'),
    ]);
    expect(await lessons()).toHaveLength(1);
  });

  test('one species may be taught, and a lesson is corrected whole', async () => {
    const made = await owner.call<LessonRow[]>(
      'POST',
      path,
      body('2026-10-02', [{ taxon: id('flexilis'), other: null }], 'taught'),
    );
    const lesson = made.body.find((l) => l.kind === 'taught');
    expect(lesson).toMatchObject({ items: [{ taxon: { id: id('flexilis') }, other: null }], followed: [] });
    const { body: rows } = await owner.call<LessonRow[]>(
      'PUT',
      `${path}/${lesson?.id ?? ''}`,
      body('2026-10-03', [{ taxon: id('flexilis'), other: id('albicaulis') }], 'taught'),
    );
    expect(rows.find((l) => l.id === lesson?.id)).toMatchObject({
      on: '2026-10-03',
      items: [{ taxon: { id: id('flexilis') }, other: { id: id('albicaulis') } }],
    });
    expect((await owner.call('PUT', `${path}/${id('none')}`, body('2026-10-03'))).status).toBe(404);
  });

  test('that are removed take what followed with them; answers and counts stay', async () => {
    const before = await state();
    const lesson = (await lessons()).find((l) => l.kind === 'retaught');
    const { status, body: rows } = await owner.call<LessonRow[]>('DELETE', `${path}/${lesson?.id ?? ''}`);
    expect([status, rows.length]).toEqual([200, 1]);
    const board = (await owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups`)).body;
    expect(board.pairs.find((p) => p.truth.id === id('grandis'))).toMatchObject({ k: 19, students: 10 });
    // Recorded once more it is as it was.
    await owner.call('POST', path, body('2026-10-15'));
    expect(await state()).toEqual(before);
    expect((await owner.call('DELETE', `${path}/${id('none')}`)).status).toBe(404);
  });
});
