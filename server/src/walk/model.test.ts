import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { SittingDetail } from '@hurrow/contract';
import { id, moveSitting, openSitting, openTestApp, WS } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';
import { walkModel } from './model.ts';

let app: TestApp;
let owner: Client;
let sitting: SittingDetail;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  ({ sitting } = await openSitting(owner, 'first'));
});
afterAll(() => app.close());

const model = () => walkModel(app.db, WS, sitting.id);

test('what phones see of a sitting is made once for all of them, however many ask at once', async () => {
  const all = await Promise.all(Array.from({ length: 20 }, model));
  expect(new Set(all.map((m) => m.stations)).size).toBe(1);
  expect((await model()).stations).toBe(all[0]?.stations);
  expect(all[0]?.stations.map((s) => s.number)).toEqual([1, 2, 3, 4]);
});

test('every question says what it takes', async () => {
  const { questions } = await model();
  expect([...questions.values()].map((q) => q.takes.kind).sort()).toEqual([
    ...Array.from({ length: 4 }, () => 'call'),
    ...Array.from({ length: 4 }, () => 'common'),
    ...Array.from({ length: 4 }, () => 'sureness'),
  ]);
  const call = [...questions.values()].find((q) => q.takes.kind === 'call');
  expect(call?.takes).toMatchObject({
    recorded: 'states',
    offered: expect.arrayContaining(['below-only', 'none']),
  });
});

test('it is made again when a caution, a stand-in tree or the sitting changes, and says the state of the sitting', async () => {
  const before = await model();
  await app.db.query(
    `insert into caution (ws, id, taxon, hazard, forbids, text) values ($1, gen_random_uuid(), $2, 'thorns', '{touch}', 'Thorns.')`,
    [WS, id('grandis')],
  );
  const warned = await model();
  expect(warned.stations).not.toBe(before.stations);
  expect(warned.stations[0]?.cautions.length).toBeGreaterThan(before.stations[0]?.cautions.length ?? 0);
  expect(warned.stations[0]?.handling).not.toContain('touch');
  const at = (await owner.call<SittingDetail>('GET', `/api/sittings/${sitting.id}`)).body.stations[2];
  await owner.call(
    'PUT',
    `/api/sitting-stations/${at?.id ?? ''}`,
    { distance: at?.distance, material: at?.material, individual: id('tree-a') },
    { version: at?.version ?? 0 },
  );
  const swapped = await model();
  expect(swapped.stations[2]?.cautions).toEqual(warned.stations[0]?.cautions);
  expect(swapped.state).toBe('open');
  await moveSitting(owner, sitting.id, 'closed');
  expect((await model()).state).toBe('closed');
});

test('a sitting that is not there has nothing to show', async () => {
  expect(await walkModel(app.db, WS, id('nowhere'))).toMatchObject({ stations: [], state: 'closed' });
});
