import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { v4 } from 'uuid';
import { JOIN_NEEDS, MOST_PER_ASK } from '@hurrow/contract';
import type { BatchReceipt, WalkSitting } from '@hurrow/contract';
import { allAnswers, replayAnswers } from '../answers/index.ts';
import type { LoggedAnswer } from '../answers/index.ts';
import { answersFor, joinWalk, moveSitting, openSitting, openTestApp, send } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
let code: string;
let sitting: string;
let phone: Client;
let walk: WalkSitting;

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const opened = await openSitting(owner, 'first');
  code = opened.code;
  sitting = opened.sitting.id;
  ({ phone, walk } = await joinWalk(app, code, '11'));
});
afterAll(() => app.close());

const count = async (): Promise<number> =>
  (
    await app.db.query<{ n: number }>('select count(*)::integer as n from response where origin = $1', [
      'phone',
    ])
  )[0]?.n ?? -1;

describe('answers from a phone', () => {
  test('are acknowledged, and acknowledged again when sent twice', async () => {
    const batch = answersFor(walk, 1, { call: 'both-sides', name: 'grand fir', sure: 'sure' });
    const first = await send(phone, batch);
    expect(first.body).toEqual({ accepted: batch.map((a) => a.id), refused: [], otherDevices: 0 });
    const before = await count();
    expect((await send(phone, batch)).body.accepted).toEqual(batch.map((a) => a.id));
    expect(await count()).toBe(before);
  });

  test('under one id with other content are a conflict, and both are kept', async () => {
    const [a] = answersFor(walk, 2, { name: 'subalpine fir' });
    await send(phone, a ? [a] : []);
    const other = { ...a, typed: 'something else' } as typeof a & object;
    const { body } = await send(phone, [other]);
    expect(body.accepted).toEqual([]);
    expect(body.refused[0]?.why).toContain('other content');
    const kept = await app.db.query<{ payload: { typed: string } }>('select payload from conflict');
    expect(kept.map((k) => k.payload.typed)).toEqual(['something else']);
  });

  test('keep the calls made before a name at the value they first had', async () => {
    await send(phone, answersFor(walk, 3, { call: 'none' }));
    await send(phone, answersFor(walk, 3, { call: 'both-sides' }, 2));
    const [name] = answersFor(walk, 3, { name: 'limber pine' }, 3);
    await send(phone, name ? [name] : []);
    const calls = await app.db.query<{ state: string }>(
      'select state from response_call where response = $1',
      [name?.id],
    );
    expect(calls).toEqual([{ state: 'none' }]);
  });

  test.each([
    ['a state the character does not have', { state: 'purple' }, 'not offered'],
    ['a call where nothing is sent', { typed: 'x' }, 'No choice'],
    ['half an emoji', { state: 'none', typed: 'fir \ud83d' }, 'cannot be kept'],
    ['a year 0', { state: 'none', at: '0000-01-01T00:00:00.000Z' }, 'must be a time'],
    ['a day that does not exist', { state: 'none', at: '2026-02-30T00:00:00.000Z' }, 'must be a time'],
    ['an id in brackets', { state: 'none', id: '[11111111-1111-4111-8111-111111111111]' }, 'id'],
    ['a question of another quiz', { state: 'none', ask: 'nowhere' }, 'not in the quiz'],
  ])('%s refuses itself alone', async (_, content, why) => {
    const before = await count();
    const [good, bad] = [answersFor(walk, 4, { name: 'x' })[0], answersFor(walk, 4, { call: 'none' })[0]];
    const { state: _s, ...rest } = { state: undefined, ...bad };
    const { status, body } = await phone.call<BatchReceipt>('POST', '/api/walk/answers', {
      answers: [{ ...rest, ...content }, good],
    });
    expect([status, body.accepted]).toEqual([200, [good?.id]]);
    expect(body.refused).toMatchObject([{ at: 0, kept: false }]);
    expect(body.refused[0]?.why).toContain(why);
    expect(body.refused[0]?.remedy.length).toBeGreaterThan(5);
    expect(await count()).toBe(before + 1);
  });

  test('on a second phone a student goes on with the private word, and the newer phone counts', async () => {
    const other = app.nobody();
    const first = await other.call('POST', '/api/walk/join', { code, student: '11' });
    expect([first.status, first.body.field, first.body.type]).toEqual([409, 'word', JOIN_NEEDS.word]);
    expect(
      (await other.call('POST', '/api/walk/join', { code, student: '11', word: 'Word of 11 ' })).status,
    ).toBe(201);
    const again = (await other.call<WalkSitting>('GET', '/api/walk/sitting')).body;
    expect(again.answers.map((a) => a.typed)).toContain('grand fir');
    await send(other, answersFor(again, 1, { name: 'western larch' }));
    await send(phone, answersFor(walk, 1, { name: 'from the old phone' }, 9));
    const seen = (await other.call<WalkSitting>('GET', '/api/walk/sitting')).body.answers.map((a) => a.typed);
    expect(seen).toContain('western larch');
    expect(seen).not.toContain('from the old phone');
  });

  test('are never rewritten in the database', async () => {
    await expect(app.db.query(`update response set typed = 'other'`)).rejects.toThrow('append-only');
    await expect(app.db.query('delete from response')).rejects.toThrow('append-only');
  });
});

test('a database put back from an earlier copy is brought up to date from the log', async () => {
  const logged: LoggedAnswer[] = [];
  for await (const chunk of allAnswers(app.answers)) logged.push(...chunk);
  expect(logged.length).toBeGreaterThan(5);
  const before = await count();
  // What an earlier copy would look like: the last three answers are not there.
  const lost = logged.slice(-3).map((a) => a.id);
  await app.db.transaction(async (tx) => {
    await tx.query(`set local hurrow.erasing = 'yes'`);
    await tx.query('delete from response where id = any($1::uuid[])', [lost]);
  });
  expect(await count()).toBe(before - 3);
  expect(await replayAnswers(app.db, app.answers)).toEqual({ stored: 3, left: 0, aside: 0 });
  expect(await count()).toBe(before);
  expect(await replayAnswers(app.db, app.answers)).toEqual({ stored: 0, left: 0, aside: 0 });
});

test('after closing answers are late, after grading they are kept and not counted', async () => {
  const { phone: p, walk: w } = await joinWalk(app, code, '12');
  await moveSitting(owner, sitting, 'closed');
  const late = answersFor(w, 1, { name: 'grand fir' });
  expect((await send(p, late)).body.accepted).toHaveLength(1);
  const [row] = await app.db.query<{ late: boolean }>('select late from response where id = $1', [
    late[0]?.id,
  ]);
  expect(row?.late).toBe(true);
  await owner.call('POST', `/api/sittings/${sitting}/marking-runs`);
  const after = answersFor(w, 2, { name: 'grand fir' });
  const { body } = await send(p, [...late, ...after]);
  expect(body.accepted).toEqual(late.map((a) => a.id));
  expect(body.refused[0]).toMatchObject({ kept: true, why: expect.stringContaining('after grading') });
  const kept = await app.db.query(`select 1 from conflict where why = 'came after grading'`);
  expect(kept).toHaveLength(1);
});

test('a phone cannot send without end: beyond fifty answers a question they are refused, and nothing is stored', async () => {
  const opened = await openSitting(owner, 'second');
  const { phone: p, walk: w } = await joinWalk(app, opened.code, '21');
  // The id a phone knows the sitting by is made for phones alone.
  expect(w.sitting).not.toBe(opened.sitting.id);
  const asks = w.stations.flatMap((s) => s.asks);
  const most = asks.length * MOST_PER_ASK;
  const ask = asks.find((a) => a.kind === 'common')?.id ?? '';
  const flood = (n: number, from: number) =>
    Array.from({ length: n }, (_, i) => ({
      id: v4(),
      ask,
      seq: from + i + 1,
      typed: 'x',
      at: '2026-10-01T18:00:00.000Z',
    }));
  let accepted = 0;
  let last: BatchReceipt | null = null;
  for (let sent = 0; sent < most + 50; sent += 150) {
    app.later(60_000);
    last = (await send(p, flood(150, sent))).body;
    accepted += last.accepted.length;
  }
  expect(accepted).toBe(most);
  expect(last?.refused[0]).toMatchObject({ kept: false, why: expect.stringContaining('more answers') });
  const rows = await app.db.query(
    'select 1 from response r join attempt t on t.ws = r.ws and t.id = r.attempt where t.sitting = $1',
    [opened.sitting.id],
  );
  expect(rows).toHaveLength(most);
});
