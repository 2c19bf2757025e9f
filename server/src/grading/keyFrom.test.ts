import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { gradedAnswers } from '@hurrow/contract';
import type { SentAnswer, SittingDetail, SittingKey, WalkResults } from '@hurrow/contract';
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
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

/** Answers as a phone gave them at a time of day. */
const at = (answers: readonly SentAnswer[], hour: string): readonly SentAnswer[] =>
  answers.map((a) => ({ ...a, at: `2026-09-01T${hour}:00.000Z` }));

const FROM = '2026-09-01T10:00:00.000Z';

const useTree = async (sitting: string, individual: string): Promise<void> => {
  const [first] = (await owner.call<SittingDetail>('GET', `/api/sittings/${sitting}`)).body.stations;
  const { status } = await owner.call(
    'PUT',
    `/api/sitting-stations/${first?.id ?? ''}`,
    { distance: first?.distance, material: first?.material, individual },
    { version: first?.version ?? 0 },
  );
  expect(status).toBe(200);
};

const revise = (sitting: string, from?: string | null) =>
  owner.call<SittingKey>('POST', `/api/sittings/${sitting}/key-revisions`, {
    stations: null,
    why: 'The tree lost its branches in the storm.',
    ...(from === undefined ? {} : { from }),
  });

test('a tree that changes during a sitting: whoever was there before is graded and told by the first, later ones by the second', async () => {
  const { sitting, code } = await openSitting(owner, 'first');
  const early = await joinWalk(app, code, '11');
  const late = await joinWalk(app, code, '12');
  await send(early.phone, at(answersFor(early.walk, 1, { name: 'grand fir' }), '09:30'));
  await send(late.phone, at(answersFor(late.walk, 1, { name: 'grand fir' }), '10:00'));
  await moveSitting(owner, sitting.id, 'closed');
  await graded(owner, sitting.id);
  await useTree(sitting.id, id('tree-b'));
  const revised = await revise(sitting.id, FROM);
  expect(revised.status).toBe(201);
  expect(revised.body.revisions.map((r) => [r.rev, r.from])).toEqual([
    [2, FROM],
    [1, null],
  ]);

  const grades = await graded(owner, sitting.id);
  const named = gradedAnswers(grades).filter((r) => r.station === 1 && r.kind === 'common');
  expect(named.map((r) => [r.code, r.truth.scientific, r.outcome, r.points])).toEqual([
    ['11', 'Abies grandis', 'exact', 2],
    ['12', 'Abies lasiocarpa', 'other_species', 0],
  ]);
  const looks = await app.db.query(
    `select student, key_rev, truth, individual from look where sitting = $1
       and sitting_station in (select sitting_station from station_key where sitting = $1 and rev = 2) order by key_rev`,
    [sitting.id],
  );
  expect(looks).toEqual([
    { student: id('s11'), key_rev: 1, truth: id('grandis'), individual: id('tree-a') },
    { student: id('s12'), key_rev: 2, truth: id('lasiocarpa'), individual: id('tree-b') },
  ]);
  const used = await app.db.query(
    `select rev from run_key where run = $1 and sitting_station in (
       select sitting_station from station_key where sitting = $2 and rev = 2) order by rev`,
    [grades.run, sitting.id],
  );
  expect(used).toEqual([{ rev: 1 }, { rev: 2 }]);

  await moveSitting(owner, sitting.id, 'returned');
  const seen = async (phone: Client) =>
    (await phone.call<WalkResults>('GET', '/api/walk/results')).body.stations.find((s) => s.number === 1);
  expect((await seen(early.phone))?.truth?.scientific).toBe('Abies grandis');
  const theirs = await seen(late.phone);
  expect([theirs?.truth?.scientific, theirs?.mixedWith?.scientific]).toEqual([
    'Abies lasiocarpa',
    'Abies grandis',
  ]);

  // A later revision is of the tree as it stands now; the first tree’s key stays for whoever saw that.
  await app.db.query(
    `update name set text = 'alpine fir tree', folded = 'alpine fir tree' where taxon = $1 and kind = 'common'`,
    [id('lasiocarpa')],
  );
  expect((await revise(sitting.id)).body.revisions[0]).toMatchObject({ rev: 3, from: FROM });
  const again = gradedAnswers(await graded(owner, sitting.id)).filter(
    (r) => r.station === 1 && r.kind === 'common',
  );
  expect(again.map((r) => [r.code, r.truth.scientific])).toEqual([
    ['11', 'Abies grandis'],
    ['12', 'Abies lasiocarpa'],
  ]);
});

test('grades and looks of a student whose answers do not count any more are ended at a station with two trees', async () => {
  const { sitting, code } = await openSitting(owner, 'first');
  const early = await joinWalk(app, code, '11');
  const late = await joinWalk(app, code, '12');
  await send(early.phone, at(answersFor(early.walk, 1, { name: 'grand fir' }), '09:30'));
  await send(late.phone, at(answersFor(late.walk, 1, { name: 'grand fir' }), '10:00'));
  await moveSitting(owner, sitting.id, 'closed');
  await graded(owner, sitting.id);
  await useTree(sitting.id, id('tree-b'));
  await revise(sitting.id, FROM);
  expect((await graded(owner, sitting.id)).rows.map((r) => r.code)).toEqual(['11', '12']);
  await app.db.query(
    `insert into answer_dispute (ws, id, sitting, student, response, kind, state, decided_by, decided_at, at)
     select r.ws, gen_random_uuid(), t.sitting, t.student, r.id, 'late', 'dropped', (select id from account limit 1), now(), now()
     from response r join attempt t on t.id = r.attempt where t.sitting = $1 and t.student = $2`,
    [sitting.id, id('s12')],
  );
  const after = await graded(owner, sitting.id);
  expect(after.rows.map((r) => r.code)).toEqual(['11']);
  const looked = await app.db.query<{ student: string }>(
    'select distinct student from look where sitting = $1',
    [sitting.id],
  );
  expect(looked.map((l) => l.student)).toEqual([id('s11')]);
});

test('a moment that is none is refused with the field', async () => {
  const { sitting } = await openSitting(owner, 'first');
  const { status, body } = await revise(sitting.id, 'ten o’clock');
  expect([status, (body as unknown as { field: string }).field]).toEqual([422, 'from']);
  await moveSitting(owner, sitting.id, 'closed');
});
