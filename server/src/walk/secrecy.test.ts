import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { WalkSitting } from '@hurrow/contract';
import { answersFor, id, joinWalk, moveSitting, openSitting, openTestApp, send } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
let phone: Client;
let walk: WalkSitting;
let sitting: string;

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const opened = await openSitting(owner, 'first');
  sitting = opened.sitting.id;
  ({ phone, walk } = await joinWalk(app, opened.code, '11'));
});
afterAll(() => app.close());

/** Every id of the database that leads to a tree, a taxon, a key or a station. */
async function secretIds(): Promise<string[]> {
  const rows = await app.db.query<{ id: string }>(
    `select id::text as id from taxon union select id::text from individual union select id::text from station
     union select id::text from ask union select id::text from sitting_station union select id::text from name
     union select id::text from statement union select id::text from quiz union select id::text from list`,
  );
  return rows.map((r) => r.id);
}

/** Every name, and every word of a scientific one, of anything listed. */
async function secretNames(): Promise<string[]> {
  const rows = await app.db.query<{ text: string; kind: string }>(
    `select n.text, n.kind from name n join list_member m on m.ws = n.ws and m.taxon = n.taxon`,
  );
  return rows.flatMap((r) =>
    r.kind === 'common' ? [r.text] : [r.text, ...r.text.split(' ').filter((w) => w.length > 4)],
  );
}

test('no byte sent to a student before give-back names a listed species or leads to one', async () => {
  await send(phone, [
    ...answersFor(walk, 1, { call: 'both-sides', name: 'zzz', sure: 'guessing' }),
    ...answersFor(walk, 2, { call: 'both-sides', name: 'zzz' }),
  ]);
  await phone.call('GET', '/api/walk/sitting');
  await phone.call('GET', '/api/walk/results');
  await phone.call('POST', '/api/walk/answers', {
    answers: [{ id: id('x'), ask: 'nowhere', seq: 1, typed: 'x', at: '2026-10-01T00:00:00Z' }],
  });
  await phone.call('POST', '/api/walk/answers', {
    answers: [{ ...answersFor(walk, 1, { call: 'nonsense' })[0] }],
  });
  await phone.call('POST', '/api/walk/join', { code: 'WRONG1', student: '11' });
  for (const path of [
    '/api/species',
    '/api/trees',
    `/api/sittings/${sitting}`,
    `/api/sittings/${sitting}/grades`,
    '/api/due',
    '/api/nothing',
  ]) {
    await phone.call('GET', path);
  }
  await phone.call('POST', '/api/walk/submit');
  await moveSitting(owner, sitting, 'closed');
  await owner.call('POST', `/api/sittings/${sitting}/grading-runs`);
  await phone.call('GET', '/api/walk/sitting');
  await phone.call('GET', '/api/walk/results');

  const received = phone.received().toLowerCase();
  expect(received.length).toBeGreaterThan(5000);
  expect(received).toContain('needle');
  const names = await secretNames();
  expect(names.length).toBeGreaterThan(10);
  for (const name of names) expect([name, received.includes(name.toLowerCase())]).toEqual([name, false]);
  for (const secret of await secretIds())
    expect([secret, received.includes(secret)]).toEqual([secret, false]);
  for (const tag of [
    'quill a',
    'quill b',
    'quill c',
    'quill d',
    'grandis walk',
    'below-only"}',
    'points":1,"most',
  ]) {
    expect([tag, received.includes(tag)]).toEqual([tag, false]);
  }
});

/** All text values of one station, ids and words. */
function valuesOf(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  if (Array.isArray(value)) return value.flatMap(valuesOf);
  if (typeof value === 'object' && value !== null) return Object.values(value).flatMap(valuesOf);
  return [];
}

test('two stations of one species share no value that a station of another species lacks', () => {
  // Stations 1 and 4 are both grand fir and both by the water; 2 and 3 are other species.
  const [one, two, three, four] = walk.stations.map((s) => new Set(valuesOf(s)));
  const shared = [...(one ?? [])].filter((v) => four?.has(v));
  const telling = shared.filter((v) => !two?.has(v) && !three?.has(v));
  expect(telling).toEqual(['Stay back from the water.']);
});

test('a caution is worded by its hazard, and what it forbids is not offered', async () => {
  const made = await owner.call<{ id: string }>('POST', '/api/quizzes', { name: 'Q', list: id('list') });
  const tree = await owner.call<{ id: string }>('POST', '/api/trees', {
    site: id('site'),
    tag: 'Quill E',
    taxon: id('albicaulis'),
  });
  // Nobody recorded the bark of its look-alike, so that the station is not proven unfair.
  await owner.call('POST', `/api/trees/${tree.body.id}/checks`, {
    checks: [{ character: 'bark.texture', entered: 'smooth' }],
  });
  await owner.call('POST', `/api/quizzes/${made.body.id}/stations`, {
    individual: tree.body.id,
    asks: [{ kind: 'common', points: 2 }],
  });
  const s = await owner.call<{ id: string }>('POST', `/api/quizzes/${made.body.id}/sittings`, {
    section: id('first'),
    on: '2026-10-01',
  });
  const opened = await owner.call<{ code: string }>(
    'POST',
    `/api/sittings/${s.body.id}/state`,
    { to: 'open' },
    { version: 1 },
  );
  const other = await joinWalk(app, opened.body.code, '12');
  expect(other.walk.stations[0]?.cautions).toEqual([
    'Protected ground: look, do not pick or break anything.',
  ]);
  expect(other.walk.stations[0]?.handling).toEqual(['looking']);
});
