import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { WalkResults } from '@hurrow/contract';
import {
  WS,
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
import { keyOf, resultsModel, shownAt, tellApart } from './resultsModel.ts';

let app: TestApp;
let owner: Client;
let sitting: string;
let phones: readonly Client[];
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const opened = await openSitting(owner, 'first');
  sitting = opened.sitting.id;
  const both = [];
  for (const number of ['11', '12']) {
    const { phone, walk } = await joinWalk(app, opened.code, number);
    await send(phone, [
      ...answersFor(walk, 1, { name: 'subalpine fir', call: 'both-sides' }),
      ...answersFor(walk, 2, { name: 'subalpine fir' }),
    ]);
    both.push(phone);
  }
  phones = both;
  await moveSitting(owner, sitting, 'closed');
  await graded(owner, sitting);
  await moveSitting(owner, sitting, 'returned');
});
afterAll(() => app.close());

const results = async (phone: Client): Promise<WalkResults> =>
  (await phone.call<WalkResults>('GET', '/api/walk/results')).body;

test('what a class shares is made once, and again where the sitting or the library has changed', async () => {
  const first = await resultsModel(app.db, WS, sitting, 1, 'a');
  expect(await resultsModel(app.db, WS, sitting, 1, 'a')).toBe(first);
  expect(await resultsModel(app.db, WS, sitting, 1, 'b')).not.toBe(first);
  expect(first.key.stations.size).toBe(4);
});

test('a revision that is not there makes no results, and is not remembered as none', async () => {
  await expect(resultsModel(app.db, WS, sitting, 99, 'a')).rejects.toThrow('A grading has no key');
  await expect(resultsModel(app.db, WS, sitting, 99, 'a')).rejects.toThrow('A grading has no key');
});

test('a mix-up is told once for all who wrote it, and the same to each', async () => {
  const model = await resultsModel(app.db, WS, sitting, 1, 'c');
  const [station] = [...model.key.stations.values()];
  if (!station) throw new Error('The key has no station');
  const taxon = {
    id: id('lasiocarpa'),
    rank: 'species' as const,
    scientific: 'Abies lasiocarpa',
    authority: null,
    common: 'subalpine fir',
  };
  const [first, second] = await tellApart(app.db, WS, sitting, model, [
    { station, taxon },
    { station, taxon },
  ]);
  expect(first).toBe(second);
  expect(first?.scientific).toBe('Abies lasiocarpa');
  const [again] = await tellApart(app.db, WS, sitting, model, [{ station, taxon }]);
  expect(again).toBe(first);
  expect(shownAt(model, station).size).toBeGreaterThan(0);
  expect(keyOf(undefined, station, shownAt(model, station), model.vocabulary)).toBe('Abies grandis');
  const [one, two] = [await results(phones[0] ?? owner), await results(phones[1] ?? owner)];
  expect(one.stations.map((s) => s.mixedWith)).toEqual(two.stations.map((s) => s.mixedWith));
  expect(one.stations[0]?.mixedWith?.scientific).toBe('Abies lasiocarpa');
  expect([one.student, two.student]).toEqual(['11', '12']);
});

test('a student sees points of their own answers alone', async () => {
  const one = await results(phones[0] ?? owner);
  expect([one.points, one.stations.map((s) => s.asks.length)]).toEqual([2, [2, 1, 0, 0]]);
});
