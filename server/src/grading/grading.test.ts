import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Evidence, Grades, GradingDone, MixUps, SittingDetail, WalkResults } from '@hurrow/contract';
import {
  answersFor,
  graded,
  gradesOf,
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
let phone: Client;

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const opened = await openSitting(owner, 'first');
  sitting = opened.sitting.id;
  code = opened.code;
  const first = await joinWalk(app, code, '11');
  phone = first.phone;
  await send(phone, [
    ...answersFor(first.walk, 1, { call: 'both-sides', name: 'subalpine fir', sure: 'sure' }),
    ...answersFor(first.walk, 2, { call: 'both-sides', name: 'subalpine fri', sure: 'leaning' }),
    ...answersFor(first.walk, 3, { name: 'whitebark pine', sure: 'guessing' }),
    ...answersFor(first.walk, 4, { call: 'below-only', name: 'subalpine fir' }),
  ]);
  const second = await joinWalk(app, code, '12');
  await send(second.phone, [
    ...answersFor(second.walk, 1, { call: 'below-only', name: 'Abies grandis' }),
    ...answersFor(second.walk, 2, { call: 'none', name: 'odd fir' }),
    ...answersFor(second.walk, 3, { name: '' }),
    ...answersFor(second.walk, 4, { name: 'odd  Fir.' }),
  ]);
  await moveSitting(owner, sitting, 'closed');
});
afterAll(() => app.close());

const find = (m: Grades, code_: string, station: number, kind: string) => {
  const row = m.rows.find((r) => r.code === code_ && r.station === station && r.kind === kind);
  if (!row) throw new Error(`No grade of ${code_} at ${station}`);
  return row;
};

test('names, calls and blanks are judged with their points and reasons', async () => {
  const body = await graded(owner, sitting);
  const of = (c: string, s: number, k: string) => {
    const { outcome, points, most } = find(body, c, s, k);
    return [outcome, points, most];
  };
  expect(of('11', 1, 'common')).toEqual(['other_species', 0, 2]);
  expect(of('11', 1, 'call')).toEqual(['wrong', 0, 1]);
  // “fri” for “fir”: one edit in a word of three letters, where all others are right.
  expect(of('11', 2, 'common')).toEqual(['misspelled', 2, 2]);
  expect(of('11', 2, 'call')).toEqual(['right', 1, 1]);
  expect(of('12', 1, 'common')).toEqual(['exact', 0, 2]);
  expect(find(body, '12', 1, 'common').why).toContain('the common name is asked');
  expect(of('12', 3, 'common')).toEqual(['blank', 0, 2]);
  expect(body.totals.map((t) => [t.code, t.points, t.most])).toEqual([
    ['11', 4, 12],
    ['12', 1, 12],
  ]);
});

test('an override needs a reason and no more points than there are, and can be withdrawn', async () => {
  const grades = await gradesOf(owner, sitting);
  const row = find(grades, '12', 1, 'common');
  const at = `/api/responses/${row.response}/override`;
  const none = await owner.call('POST', at, { points: 2, reason: '' });
  expect([none.status, none.body.field]).toEqual([422, 'reason']);
  const much = await owner.call('POST', at, { points: 5, reason: 'why not' });
  expect([much.status, much.body.field]).toEqual([422, 'points']);
  await owner.call('POST', at, { points: 2, reason: 'Latin was allowed today' });
  const given = await gradesOf(owner, sitting);
  expect(find(given, '12', 1, 'common').override).toMatchObject({ points: 2, by: 'Ilse Varn' });
  expect(given.totals.find((t) => t.code === '12')?.points).toBe(3);
  expect((await owner.call('DELETE', at)).status).toBe(204);
  expect((await gradesOf(owner, sitting)).totals.find((t) => t.code === '12')?.points).toBe(1);
  await owner.call('POST', at, { points: 2, reason: 'Latin was allowed today' });
});

test('a written name decided once holds for every answer that reads so', async () => {
  const missing = await owner.call('PUT', `/api/sittings/${sitting}/name-rulings`, {
    typed: 'odd fir',
    outcome: 'misspelled',
  });
  expect([missing.status, missing.body.field]).toEqual([422, 'taxon']);
  const { body: done } = await owner.call<GradingDone>('PUT', `/api/sittings/${sitting}/name-rulings`, {
    typed: 'ODD fir',
    taxon: id('lasiocarpa'),
    outcome: 'misspelled',
  });
  // Two answers read so; the run keeps theirs and nothing else.
  expect(done).toMatchObject({ changed: 2, alsoStale: [] });
  const kept = await app.db.query('select 1 from grade where run = $1', [done.run]);
  expect(kept).toHaveLength(2);
  const body = await gradesOf(owner, sitting);
  expect(find(body, '12', 2, 'common')).toMatchObject({ outcome: 'misspelled', points: 2, ruled: true });
  expect(find(body, '12', 4, 'common')).toMatchObject({ outcome: 'other_species', points: 0, ruled: true });
  // The override outlived the new run.
  expect(find(body, '12', 1, 'common').override?.points).toBe(2);
});

test('mix-ups count looks with direction, and open exactly the answers they count', async () => {
  const { body } = await owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups`);
  const pairs = body.pairs.map((p) => [
    p.answer.scientific,
    p.truth.scientific,
    p.k,
    p.n,
    p.withCalls,
    p.misread,
  ]);
  expect(pairs).toContainEqual(['Abies lasiocarpa', 'Abies grandis', 3, 4, 2, 1]);
  expect(pairs).toContainEqual(['Pinus albicaulis', 'Pinus flexilis', 1, 2, 0, 0]);
  expect(pairs).toHaveLength(2);
  // Jeffreys interval of 3 of 4, by hand from the beta quantiles 0.025 and 0.975 of (3.5, 1.5).
  const fir = body.pairs.find((p) => p.k === 3);
  expect(fir?.low).toBeCloseTo(0.2837, 3);
  expect(fir?.high).toBeCloseTo(0.9715, 3);
  const evidence = await owner.call<Evidence>(
    'GET',
    `/api/sections/${id('first')}/mixups/${id('grandis')}/${id('lasiocarpa')}`,
  );
  expect(evidence.body.rows).toHaveLength(3);
  const readings = evidence.body.rows.map((r) => [
    r.code,
    r.station,
    r.typed,
    r.readings.map((x) => x.kind).join(),
  ]);
  expect(readings).toContainEqual(['11', 1, 'subalpine fir', 'misread']);
  expect(readings).toContainEqual(['11', 4, 'subalpine fir', 'link_missing']);
  expect(readings).toContainEqual(['12', 4, 'odd  Fir.', 'single']);
});

test('results stay shut until they are returned, then show grades, reasons and the tells', async () => {
  expect((await phone.call('GET', '/api/walk/results')).status).toBe(403);
  await moveSitting(owner, sitting, 'returned');
  const { body } = await phone.call<WalkResults>('GET', '/api/walk/results');
  expect([body.points, body.most]).toEqual([4, 12]);
  expect(body.stations[0]?.mixedWith).toMatchObject({ scientific: 'Abies lasiocarpa', verdict: 'told' });
  const tell = body.stations[0]?.mixedWith?.tells[0];
  expect(tell).toMatchObject({
    character: 'white lines',
    organ: 'leaf',
    truth: 'on the under side only',
    named: 'both sides',
  });
  // Both states come drawn, and the two drawings differ.
  expect(tell?.drawn?.truth.lines.length).toBeGreaterThan(3);
  expect(tell?.drawn?.truth.lines).not.toEqual(tell?.drawn?.named.lines);
  expect(body.stations[2]?.mixedWith?.tells).toEqual([]);
  const standing = (await owner.call<SittingDetail>('GET', `/api/sittings/${sitting}`)).body;
  expect(standing.state).toBe('returned');
  // Nothing has changed, so there is nothing to return again.
  const again = await owner.call(
    'POST',
    `/api/sittings/${sitting}/state`,
    { to: 'returned' },
    { version: standing.version },
  );
  expect([again.status, again.body.detail]).toEqual([409, 'These results have been returned already.']);
});
