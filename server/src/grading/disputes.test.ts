import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { Dispute, Sheet, WalkSitting } from '@hurrow/contract';
import { v4 } from 'uuid';
import {
  answersFor,
  graded,
  id,
  joinWalk,
  moveSitting,
  openSitting,
  openTestApp,
  send,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
let sitting: string;
let code: string;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());
beforeEach(async () => {
  const opened = await openSitting(owner, 'first');
  sitting = opened.sitting.id;
  code = opened.code;
});

const disputes = async (): Promise<readonly Dispute[]> =>
  (await owner.call<Dispute[]>('GET', `/api/sittings/${sitting}/disputes`)).body;
const decide = (ids: readonly string[], decision: 'count' | 'keep' | 'drop') =>
  owner.call<Dispute[] & { field?: string }>('POST', `/api/sittings/${sitting}/dispute-decisions`, {
    disputes: ids,
    decision,
  });

/** What counts of each name question, by station. */
async function counted(): Promise<Record<number, string>> {
  const rows = await app.db.query<{ number: number; text: string }>(
    `select st.number, c.value ->> 'text' as text from counted_answer c join sitting_station ss on ss.id = c.sitting_station
     join station st on st.id = ss.station join ask a on a.id = c.ask where c.sitting = $1 and a.kind = 'common' order by 1`,
    [sitting],
  );
  return Object.fromEntries(rows.map((r) => [r.number, r.text]));
}

const name = (walk: WalkSitting, station: number, text: string, seq = 1) =>
  answersFor(walk, station, { name: text }, seq);

describe('a phone dies with answers unsent, another goes on, the first revives', () => {
  let old: Client;
  let walk: WalkSitting;
  beforeEach(async () => {
    ({ phone: old, walk } = await joinWalk(app, code, '11'));
    await send(old, name(walk, 1, 'grand fir'));
    const { phone: fresh } = await joinWalk(app, code, '11');
    await send(fresh, [...name(walk, 2, 'subalpine fir'), ...name(walk, 3, 'limber pine')]);
    // It wrote these before it died: one that nobody answered since, one the same, one other.
    const revived = await send(old, [
      ...name(walk, 4, 'grand fir', 2),
      ...name(walk, 2, 'subalpine fir', 3),
      ...name(walk, 3, 'whitebark pine', 4),
    ]);
    expect(revived.body.accepted).toHaveLength(2);
    expect(revived.body.refused).toMatchObject([
      { at: 2, kept: true, why: expect.stringContaining('Another phone') },
    ]);
  });

  test('what the newer phone said counts, and what nobody else answered counts too', async () => {
    expect(await counted()).toEqual({ 1: 'grand fir', 2: 'subalpine fir', 3: 'limber pine', 4: 'grand fir' });
    expect(await disputes()).toMatchObject([
      {
        code: '11',
        station: 3,
        why: 'older_phone',
        state: 'open',
        value: { kind: 'name', text: 'whitebark pine' },
        counts: { kind: 'name', text: 'limber pine' },
      },
    ]);
  });

  test('the instructor may count it instead, and change that again', async () => {
    const [d] = await disputes();
    expect((await decide([d?.id ?? ''], 'count')).body).toMatchObject([
      { state: 'counted', decidedBy: 'Ilse Varn' },
    ]);
    expect((await counted())[3]).toBe('whitebark pine');
    await decide([d?.id ?? ''], 'drop');
    expect((await counted())[3]).toBe('limber pine');
  });

  test('its student is told on each phone', async () => {
    const own = (await old.call<WalkSitting>('GET', '/api/walk/sitting')).body.answers;
    expect(own.every((a) => a.waits === null)).toBe(true);
    const again = await send(old, name(walk, 3, 'whitebark pine', 5));
    expect(again.body.refused).toMatchObject([{ kept: true }]);
  });
});

describe('answers that came late', () => {
  let walk: WalkSitting;
  let phone: Client;
  beforeEach(async () => {
    ({ phone, walk } = await joinWalk(app, code, '12'));
    await send(phone, name(walk, 1, 'western larch'));
    await moveSitting(owner, sitting, 'closed');
    await send(phone, [...name(walk, 1, 'grand fir', 2), ...name(walk, 2, 'subalpine fir', 3)]);
  });

  test('wait; counted together they are graded, and grading before that says nothing of them', async () => {
    expect(await counted()).toEqual({ 1: 'western larch' });
    expect((await graded(owner, sitting)).totals).toMatchObject([{ code: '12', points: 0 }]);
    await decide(
      (await disputes()).map((d) => d.id),
      'count',
    );
    expect(await counted()).toEqual({ 1: 'grand fir', 2: 'subalpine fir' });
    const now = await graded(owner, sitting);
    expect([now.totals[0]?.points, now.rows.filter((r) => r.late)]).toEqual([
      4,
      expect.arrayContaining([expect.anything()]),
    ]);
  });

  test('a decision about one that is not there changes nothing of the others', async () => {
    const ids = (await disputes()).map((d) => d.id);
    const refused = await decide([...ids, v4()], 'count');
    expect([refused.status, refused.body.field]).toEqual([422, 'disputes.2']);
    expect((await disputes()).map((d) => d.state)).toEqual(['open', 'open']);
  });

  test('are decided before results are returned, not after', async () => {
    const [d] = await disputes();
    await decide([d?.id ?? ''], 'keep');
    await owner.call('POST', `/api/sittings/${sitting}/grading-runs`);
    await moveSitting(owner, sitting, 'returned');
    expect((await decide([d?.id ?? ''], 'count')).status).toBe(409);
    const told = (await phone.call<WalkSitting>('GET', '/api/walk/sitting')).body.answers;
    expect(told.map((a) => a.waits)).toContainEqual(
      expect.stringContaining('decided that this answer does not count'),
    );
  });
});

test('of two answers under one id the second counts once it is decided, under an id of its own', async () => {
  const { phone, walk } = await joinWalk(app, code, '11');
  const [first] = name(walk, 1, 'grand fir');
  await send(phone, first ? [first] : []);
  await send(phone, first ? [{ ...first, typed: 'subalpine fir' }] : []);
  const [d] = await disputes();
  expect(d).toMatchObject({
    why: 'other_content',
    value: { text: 'subalpine fir' },
    counts: { text: 'grand fir' },
  });
  await decide([d?.id ?? ''], 'count');
  expect((await counted())[1]).toBe('subalpine fir');
  // Sent once more, the phone still hears the same, and nothing is doubled.
  await send(phone, first ? [{ ...first, typed: 'subalpine fir' }] : []);
  expect(await disputes()).toHaveLength(1);
});

describe('a paper sheet beside a phone', () => {
  const enter = async (typed: string, correction: boolean): Promise<Sheet> => {
    const at = `/api/sittings/${sitting}/sheets/${id('s11')}`;
    const ask = (await owner.call<Sheet>('GET', at)).body.asks.find(
      (a) => a.kind === 'common' && a.number === 1,
    );
    const body = {
      answers: [{ id: v4(), sittingStation: ask?.sittingStation, ask: ask?.ask, typed, correction }],
    };
    return (await owner.call<Sheet>('POST', at, body)).body;
  };
  beforeEach(async () => {
    const { phone, walk } = await joinWalk(app, code, '11');
    await send(phone, name(walk, 1, 'western larch'));
  });
  const first = (s: Sheet) => s.asks.find((a) => a.kind === 'common' && a.number === 1);

  test('that differs waits, and the phone goes on counting', async () => {
    expect(first(await enter('grand fir', false))).toMatchObject({
      typed: 'western larch',
      origin: 'phone',
      disputed: true,
    });
    expect(await disputes()).toMatchObject([{ why: 'differs', origin: 'paper' }]);
  });

  test('that says the same is no dispute', async () => {
    expect(first(await enter('western larch', false))?.disputed).toBe(false);
  });

  test('that corrects it counts, also after a decision, and so does all that is entered later', async () => {
    await enter('limber pine', false);
    await decide(
      (await disputes()).map((d) => d.id),
      'count',
    );
    expect((await counted())[1]).toBe('limber pine');
    expect(first(await enter('grand fir', true))).toMatchObject({ typed: 'grand fir', origin: 'paper' });
    expect(first(await enter('subalpine fir', false))?.typed).toBe('subalpine fir');
    expect((await counted())[1]).toBe('subalpine fir');
  });

  test('that corrects it keeps what the student gave beside it, and takes the correction back by that', async () => {
    expect(first(await enter('grand fir', false))?.gave).toBeNull();
    expect(first(await enter('grand fir', true))).toMatchObject({
      typed: 'grand fir',
      gave: 'western larch',
    });
    expect(first(await enter('western larch', true))).toMatchObject({
      typed: 'western larch',
      gave: 'western larch',
    });
    expect((await counted())[1]).toBe('western larch');
  });

  test('that nobody can read says so', async () => {
    await enter('?', true);
    const [row] = await app.db.query<{ value: unknown }>(
      `select value from counted_answer where sitting = $1 and student = $2 and origin = 'paper'`,
      [sitting, id('s11')],
    );
    expect(row?.value).toEqual({ v: 1, kind: 'illegible' });
  });
});
