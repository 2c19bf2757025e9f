import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ReviewAnswer } from '@hurrow/contract';
import {
  answersFor,
  enroll,
  graded,
  id,
  joinWalk,
  moveSitting,
  openSitting,
  openTestApp,
  send,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

const WRITTEN: Readonly<Record<string, string>> = {
  '11': 'subalpine fir',
  '12': 'Subalpine  Fir!',
  '13': 'subalpine fir 11',
  '14': 'José: subalpine fir',
};

let app: TestApp;
let owner: Client;
let sitting: Awaited<ReturnType<typeof openSitting>>['sitting'];

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  await enroll(owner, 'first', 13, 2);
  await app.db.query(`update student set first_name = 'Jose' where code = '14'`, []);
  const opened = await openSitting(owner, 'first');
  sitting = opened.sitting;
  for (const [number, name] of Object.entries(WRITTEN)) {
    const { phone, walk } = await joinWalk(app, opened.code, number);
    await send(phone, answersFor(walk, 1, { name }));
  }
  await moveSitting(owner, sitting.id, 'closed');
  await graded(owner, sitting.id);
});
afterAll(() => app.close());

const path = (a: string, b: string) => `/api/sections/${id('first')}/review/${id(a)}/${id(b)}`;
const review = async (): Promise<readonly ReviewAnswer[]> =>
  (await owner.call<ReviewAnswer[]>('GET', path('grandis', 'lasiocarpa'))).body;

describe('answers for a class to look at together', () => {
  test('are none before results are returned', async () => {
    expect(await review()).toEqual([]);
    await moveSitting(owner, sitting.id, 'returned');
    expect(await review()).toHaveLength(1);
  });

  test('stand as written, one a text, without numbers and names of students', async () => {
    const found = await review();
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({
      truth: id('grandis'),
      answer: id('lasiocarpa'),
      typed: 'subalpine fir',
      tree: id('tree-a'),
    });
    const whole = JSON.stringify(found);
    for (const secret of ['11', 'Jos']) expect(whole).not.toContain(secret);
  });

  test('are the same whichever of the two is named first, and none of a pair nobody mixed up', async () => {
    expect((await owner.call<ReviewAnswer[]>('GET', path('lasiocarpa', 'grandis'))).body).toEqual(
      await review(),
    );
    expect((await owner.call('GET', path('flexilis', 'albicaulis'))).body).toEqual([]);
  });

  test('name what could be seen there, and that alone', async () => {
    const [only] = await review();
    const { rows } = (
      await owner.call<{ rows: { sittingStation: string }[] }>(
        'GET',
        `/api/sections/${id('first')}/mixups/${id('grandis')}/${id('lasiocarpa')}`,
      )
    ).body;
    const [tells] = await app.db.query<{ tells: { character: string }[] }>(
      `select tells from station_rival where sitting_station = $1 and rival = $2 order by rev desc limit 1`,
      [rows[0]?.sittingStation, id('lasiocarpa')],
    );
    expect(only?.seen.length).toBeGreaterThan(0);
    expect(only?.seen).toEqual(tells?.tells.map((t) => t.character));
  });

  test('stay secret while another class has the tree ahead', async () => {
    const { body } = await owner.call<{ id: string }>('POST', `/api/quizzes/${sitting.quiz}/sittings`, {
      section: id('second'),
      on: '2026-10-04',
    });
    expect(await review()).toEqual([]);
    const draft = await owner.call<{ version: number }>('GET', `/api/sittings/${body.id}`);
    await owner.call('DELETE', `/api/sittings/${body.id}`, undefined, { version: draft.body.version });
    expect(await review()).toHaveLength(1);
  });
});
