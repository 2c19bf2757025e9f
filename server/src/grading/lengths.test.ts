import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { BatchReceipt, Sheet, SittingDetail } from '@hurrow/contract';
import { v4 } from 'uuid';
import { graded, id, joinWalk, moveSitting, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

test('a length is answered with its unit by phone and on paper, kept in millimeters, and graded by the range of the key', async () => {
  const quiz = await owner.call<{ id: string }>('POST', '/api/quizzes', {
    name: 'Needles',
    list: id('list'),
  });
  await owner.call('POST', `/api/quizzes/${quiz.body.id}/stations`, {
    individual: id('tree-c'),
    asks: [
      { kind: 'call', character: 'needle.length', points: 3 },
      { kind: 'common', character: null, points: 1 },
    ],
  });
  const made = await owner.call<SittingDetail>('POST', `/api/quizzes/${quiz.body.id}/sittings`, {
    section: id('first'),
    on: '2026-10-01',
    handling: ['look', 'measure'],
  });
  const at = `/api/sittings/${made.body.id}`;
  const opened = await owner.call<{ code: string }>(
    'POST',
    `${at}/state`,
    { to: 'open' },
    { version: made.body.version },
  );
  const { phone, walk } = await joinWalk(app, opened.body.code, '11');
  const [asked] = walk.stations[0]?.asks ?? [];
  expect(asked?.call).toMatchObject({ recorded: 'measure', states: [] });
  const send = (value: unknown, seq: number) =>
    phone.call<BatchReceipt>('POST', '/api/walk/answers', {
      answers: [{ id: v4(), ask: asked?.id, seq, value, at: '2026-10-01T18:00:00.000Z' }],
    });
  // Digits without a unit are a count, which this question does not take.
  expect((await send({ kind: 'count', n: 40 }, 1)).body.refused).toMatchObject([{ kept: false }]);
  expect((await send({ kind: 'measure', mm: 63.5, typed: '2 1/2 in' }, 2)).body.refused).toEqual([]);

  const sheet = (await owner.call<Sheet>('GET', `${at}/sheets/${id('s12')}`)).body.asks[0];
  expect(sheet?.key).toBe('63 mm');
  const enter = (typed: string | null) =>
    owner.call<Sheet & { field?: string; remedy?: string }>('POST', `${at}/sheets/${id('s12')}`, {
      answers: [{ id: v4(), sittingStation: sheet?.sittingStation, ask: sheet?.ask, typed }],
    });
  expect((await enter('40')).body).toMatchObject({
    field: 'answers.0.typed',
    remedy: expect.stringContaining('3 in or 75 mm'),
  });
  expect((await enter(null)).body.asks[0]?.typed).toBe('63 mm');
  expect((await enter('4 in')).body.asks[0]?.typed).toBe('4 in');

  await moveSitting(owner, made.body.id, 'closed');
  const { rows } = await graded(owner, made.body.id);
  expect(rows.filter((r) => r.kind === 'call').map((r) => [r.code, r.typed, r.outcome, r.points])).toEqual([
    ['11', '2 1/2 in', 'right', 3],
    ['12', '4 in', 'wrong', 0],
  ]);
});
