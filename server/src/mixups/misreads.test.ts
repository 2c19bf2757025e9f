import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { MisreadRow } from '@hurrow/contract';
import { answersFor, id, joinWalk, moveSitting, openSitting, openTestApp, send } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const misreads = async (section: string): Promise<readonly MisreadRow[]> =>
  (await owner.call<MisreadRow[]>('GET', `/api/sections/${id(section)}/misreads`)).body;

test('how often a character is called wrong is counted from graded calls, with what was called instead', async () => {
  expect(await misreads('first')).toEqual([]);
  const { sitting, code } = await openSitting(owner, 'first');
  // The tree is certified to have its lines beneath only.
  for (const [number, call] of [
    ['11', 'both-sides'],
    ['12', 'below-only'],
  ] as const) {
    const { phone, walk } = await joinWalk(app, code, number);
    await send(phone, answersFor(walk, 1, { call, name: 'grand fir', sure: 'sure' }));
    await phone.call('POST', '/api/walk/submit', { answers: [] });
  }
  await moveSitting(owner, sitting.id, 'closed');
  expect(await misreads('first')).toEqual([]);
  expect((await owner.call('POST', `/api/sittings/${sitting.id}/grading-runs`)).status).toBe(201);
  const found = (await misreads('first')).find((r) => r.character === 'needle.bands');
  expect(found).toEqual({
    character: 'needle.bands',
    calls: 2,
    wrong: 1,
    readAs: [{ state: 'both-sides', times: 1 }],
  });
  expect(await misreads('second')).toEqual([]);
});
