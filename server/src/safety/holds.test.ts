import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { Holds, SittingDetail, WalkResults } from '@hurrow/contract';
import { answersFor, id, joinWalk, moveSitting, openSitting, openTestApp, send } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
let phone: Client;
let returned: string;
const NAMES = /grandis|lasiocarpa|flexilis|grand fir|subalpine|limber/i;

/** A sitting of the first section, answered at two stations and returned. */
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const { sitting, code } = await openSitting(owner, 'first');
  returned = sitting.id;
  const joined = await joinWalk(app, code, '11');
  phone = joined.phone;
  await send(phone, answersFor(joined.walk, 1, { name: 'my first guess' }));
  await send(phone, answersFor(joined.walk, 3, { name: 'my other guess' }));
  await moveSitting(owner, returned, 'closed');
  await owner.call('POST', `/api/sittings/${returned}/grading-runs`);
  await moveSitting(owner, returned, 'returned');
});
afterAll(() => app.close());

const results = async (): Promise<WalkResults> =>
  (await phone.call<WalkResults>('GET', '/api/walk/results')).body;
const holds = async (): Promise<Holds> =>
  (await owner.call<Holds>('GET', `/api/sittings/${returned}/holds`)).body;

/** Another sitting; it is taken away again by its test. */
const other = async (more: object): Promise<SittingDetail> =>
  (
    await owner.call<SittingDetail>('POST', `/api/quizzes/${id('quiz')}/sittings`, {
      section: id('second'),
      on: '2026-10-03',
      handling: ['look'],
      ...more,
    })
  ).body;

beforeEach(async () => {
  await app.db.query('delete from station_release');
  await app.db.query(`update sitting set state = 'closed' where state in ('draft', 'open') and id <> $1`, [
    returned,
  ]);
});

describe('results while another class has the quiz ahead', () => {
  test('nothing ahead, nothing held', async () => {
    expect((await holds()).holds).toEqual([]);
    expect((await results()).stations.every((s) => s.later === null && s.truth !== null)).toBe(true);
  });

  test('every station is held: a student reads what they wrote, and nothing that tells what is right', async () => {
    await other({});
    const r = await results();
    expect(r.stations.map((s) => s.later)).toEqual(r.stations.map(() => '2026-10-03'));
    expect([r.points, r.most]).toEqual([0, 0]);
    expect(r.stations.flatMap((s) => s.asks.map((a) => a.typed))).toEqual(
      expect.arrayContaining(['my first guess', 'my other guess']),
    );
    expect(JSON.stringify(r)).not.toMatch(NAMES);
    expect(
      r.stations
        .flatMap((s) => s.asks)
        .every((a) => a.points === null && a.outcome === null && a.key === null),
    ).toBe(true);
    const h = await holds();
    expect(h).toMatchObject({ days: 7 });
    expect(h.holds[0]).toMatchObject({
      number: 1,
      until: '2026-10-03',
      released: null,
      because: { section: 'second section', reason: 'same_quiz', on: '2026-10-03' },
    });
  });

  test('a make-up, a date that is past, one too far ahead and one of the own section hold nothing', async () => {
    await other({ makeUp: true });
    await other({ on: '2026-09-20' });
    await other({ on: '2026-10-09' });
    await other({ section: id('first') });
    expect((await holds()).holds).toEqual([]);
  });

  test('an open sitting holds until it is closed, whatever its date', async () => {
    const made = await other({ on: '2026-09-20' });
    await owner.call('POST', `/api/sittings/${made.id}/state`, { to: 'open' }, { version: made.version });
    expect((await holds()).holds.map((h) => h.until)).toContain(null);
    await moveSitting(owner, made.id, 'closed');
    expect((await holds()).holds).toEqual([]);
  });

  test('how far ahead is a setting', async () => {
    await other({ on: '2026-10-09' });
    expect((await owner.call('PUT', '/api/hold-days', { days: 10 })).status).toBe(200);
    expect((await holds()).holds.length).toBeGreaterThan(0);
    await owner.call('PUT', '/api/hold-days', { days: 0 });
    expect((await holds()).holds).toEqual([]);
    await owner.call('PUT', '/api/hold-days', { days: 7 });
  });

  test('an instructor may return held stations on purpose, one or all', async () => {
    await other({});
    const [first] = (await holds()).holds;
    const strange = await owner.call('POST', `/api/sittings/${returned}/station-releases`, {
      stations: [id('none')],
    });
    expect([strange.status, strange.body.field]).toEqual([422, 'stations.0']);
    const after = await owner.call<Holds>('POST', `/api/sittings/${returned}/station-releases`, {
      stations: [first?.station],
    });
    expect(after.body.holds.flatMap((h) => (h.released ? [[h.number, h.released.by]] : []))).toEqual([
      [1, 'Ilse Varn'],
    ]);
    const r = await results();
    expect(r.stations.map((s) => s.truth !== null)).toEqual(r.stations.map((s) => s.number === 1));
    expect(r.most).toBe(3);
  });
});
