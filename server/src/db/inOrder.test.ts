import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { openTestApp } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { runInOrder } from './index.ts';
import type { Query } from './index.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
  await app.db.query('create table in_order (at serial, n integer unique)');
});
afterAll(() => app.close());

const insert = (n: number): Query => ({ text: 'insert into in_order (n) values ($1)', params: [n] });
const read = async (): Promise<readonly number[]> =>
  (await app.db.query<{ n: number }>('select n from in_order order by at')).map((r) => r.n);

test('queries run in the order given, and what is null is passed over', async () => {
  await app.db.transaction((tx) => runInOrder(tx, [insert(3), null, insert(1), insert(2)]));
  expect(await read()).toEqual([3, 1, 2]);
});

test('the first that fails is told, and nothing of its transaction stays', async () => {
  const failing = app.db.transaction((tx) => runInOrder(tx, [insert(4), insert(3), insert(5), insert(1)]));
  await expect(failing).rejects.toMatchObject({ code: '23505', detail: expect.stringContaining('(n)=(3)') });
  expect(await read()).toEqual([3, 1, 2]);
});
