import { answerText } from '@hurrow/core/answers';
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

  test('under one id with other content are all kept, and the first counts', async () => {
    const [a] = answersFor(walk, 2, { name: 'subalpine fir' });
    await send(phone, a ? [a] : []);
    const other = { ...a, typed: 'something else' } as typeof a & object;
    const { body } = await send(phone, [other]);
    expect(body.accepted).toEqual([]);
    expect(body.refused[0]).toMatchObject({
      kept: true,
      why: expect.stringContaining('two different answers'),
    });
    const kept = () =>
      app.db.query<{ text: string }>(`select payload -> 'value' ->> 'text' as text from answer_dispute`);
    expect(await kept()).toEqual([{ text: 'something else' }]);
    // Sent again it is still the same dispute; a third text is one more.
    await send(phone, [other]);
    await send(phone, [{ ...other, typed: 'a third text' }]);
    expect((await kept()).map((k) => k.text)).toEqual(['something else', 'a third text']);
  });

  test('keep the calls made before a name at the value they first had', async () => {
    const opened = await openSitting(owner, 'second');
    const { phone: p, walk: w } = await joinWalk(app, opened.code, '22');
    await send(p, answersFor(w, 3, { call: 'none' }));
    await send(p, answersFor(w, 3, { call: 'both-sides' }, 2));
    const [name] = answersFor(w, 3, { name: 'limber pine' }, 3);
    await send(p, name ? [name] : []);
    // One first answered after the name says nothing of how it was found.
    await send(p, answersFor(w, 1, { name: 'grand fir' }, 4));
    await send(p, answersFor(w, 1, { call: 'none' }, 5));
    await moveSitting(owner, opened.sitting.id, 'closed');
    await owner.call('POST', `/api/sittings/${opened.sitting.id}/grading-runs`);
    const looks = await app.db.query<{ calls: unknown }>(
      'select calls from look where sitting = $1 and response is not null order by response = $2 desc',
      [opened.sitting.id, name?.id],
    );
    expect(looks.map((l) => l.calls)).toMatchObject([
      [{ character: 'needle.bands', value: { kind: 'state', state: 'none' } }],
      [],
    ]);
  });

  test.each([
    ['a state the character does not have', { state: 'purple' }, 'not offered'],
    ['a name for a character', { state: undefined, typed: 'x' }, 'not one the question takes'],
    ['two answers in one', { state: 'none', typed: 'x' }, 'conflict'],
    ['half an emoji', { state: 'none \ud83d' }, 'cannot be kept'],
    ['a form nobody knows', { state: undefined, value: { kind: 'hunch' } }, 'not a kind of answer'],
    [
      'a count where states are asked',
      { state: undefined, value: { kind: 'count', n: 3 } },
      'not one the question',
    ],
    [
      'a length without its unit',
      { state: undefined, value: { kind: 'measure', mm: 30, typed: '' } },
      'is empty',
    ],
    ['a year 0', { state: 'none', at: '0000-01-01T00:00:00.000Z' }, 'must be a time'],
    ['a day that does not exist', { state: 'none', at: '2026-02-30T00:00:00.000Z' }, 'must be a time'],
    ['an id in brackets', { state: 'none', id: '[11111111-1111-4111-8111-111111111111]' }, 'id'],
    ['a question of another quiz', { state: 'none', ask: 'nowhere' }, 'not in the quiz'],
  ])('%s refuses itself alone', async (_, content, why) => {
    const before = await count();
    const [good, bad] = [answersFor(walk, 4, { name: 'x' })[0], answersFor(walk, 4, { call: 'none' })[0]];
    const rest = { state: 'none', ...bad };
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
    expect(again.answers.map((a) => answerText(a.value))).toContain('grand fir');
    await send(other, answersFor(again, 1, { name: 'western larch' }));
    await send(phone, answersFor(walk, 1, { name: 'from the old phone' }, 9));
    const seen = (await other.call<WalkSitting>('GET', '/api/walk/sitting')).body.answers.map((a) =>
      answerText(a.value),
    );
    expect(seen).toContain('western larch');
    expect(seen).not.toContain('from the old phone');
    const [dispute] = await app.db.query<{ kind: string; state: string }>(
      `select d.kind, d.state from answer_dispute d join response r on r.id = d.response where r.value ->> 'text' = 'from the old phone'`,
    );
    expect(dispute).toEqual({ kind: 'older_phone', state: 'open' });
  });

  test('are never rewritten in the database', async () => {
    await expect(app.db.query(`update response set seq = 9`)).rejects.toThrow('append-only');
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

test('answers after closing and after grading are kept and wait, and the student is told', async () => {
  const { phone: p, walk: w } = await joinWalk(app, code, '12');
  await moveSitting(owner, sitting, 'closed');
  const late = answersFor(w, 1, { name: 'grand fir' });
  expect((await send(p, late)).body).toMatchObject({
    accepted: [],
    refused: [{ kept: true, why: expect.stringContaining('after the quiz was closed') }],
  });
  const [row] = await app.db.query<{ late: boolean }>('select late from response where id = $1', [
    late[0]?.id,
  ]);
  expect(row?.late).toBe(true);
  await owner.call('POST', `/api/sittings/${sitting}/grading-runs`);
  const after = answersFor(w, 2, { name: 'grand fir' });
  const { body } = await send(p, [...late, ...after]);
  // One sent again hears the same as the first time.
  expect(body.refused.map((r) => [r.kept, r.why.slice(0, 30)])).toEqual([
    [true, 'It came after the quiz was clo'],
    [true, 'It came after the quiz was gra'],
  ]);
  const kept = await app.db.query(
    `select kind from answer_dispute where kind in ('late', 'after_grading') order by seq`,
  );
  expect(kept).toEqual([{ kind: 'late' }, { kind: 'after_grading' }]);
  const told = (await p.call<WalkSitting>('GET', '/api/walk/sitting')).body.answers;
  expect(told.map((a) => a.waits?.slice(0, 30))).toEqual([
    'It came after the quiz was clo',
    'It came after the quiz was gra',
  ]);
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

test('handing in is taken back while the quiz is open, and no longer once it is closed', async () => {
  const opened = await openSitting(owner, 'second');
  const joined = await joinWalk(app, opened.code, '21');
  const submitted = async (): Promise<boolean> =>
    (await joined.phone.call<WalkSitting>('GET', '/api/walk/sitting')).body.submitted;
  await joined.phone.call('POST', '/api/walk/submit');
  expect(await submitted()).toBe(true);
  expect((await joined.phone.call('DELETE', '/api/walk/submit')).status).toBe(204);
  expect(await submitted()).toBe(false);
  await joined.phone.call('POST', '/api/walk/submit');
  await moveSitting(owner, opened.sitting.id, 'closed');
  const late = await joined.phone.call('DELETE', '/api/walk/submit');
  expect([late.status, await submitted()]).toEqual([409, true]);
});
