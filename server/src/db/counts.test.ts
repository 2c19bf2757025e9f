import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { openTestApp } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { countRows } from './index.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
  // A server counts by itself now and then, which this table is spared.
  await app.db.script('create table growing (n int) with (autovacuum_enabled = false)');
  await countRows(app.db);
});
afterAll(() => app.close());

const counted = async (table: string): Promise<number | undefined> => {
  const text = 'select reltuples::float8 as n from pg_class where oid = $1::regclass';
  return (await app.db.query<{ n: number }>(text, [table]))[0]?.n;
};
const grow = (rows: number): Promise<readonly unknown[]> =>
  app.db.query('insert into growing select generate_series(1, $1::int)', [rows]);

test('every table is counted, also one that holds nothing, and none a second time', async () => {
  const [{ n } = { n: -1 }] = await app.db.query<{ n: number }>('select count(*) as n from taxon');
  expect(await counted('taxon')).toBe(n);
  expect(await counted('growing')).toBe(0);
  expect(await countRows(app.db)).toEqual([]);
});

test('a table that grew is counted again, and one that grew by a tenth is not', async () => {
  await grow(10_000);
  expect(await counted('growing')).toBe(0);
  expect(await countRows(app.db)).toEqual(['growing']);
  expect(await counted('growing')).toBe(10_000);

  await grow(1_000);
  expect(await countRows(app.db)).toEqual([]);
  await grow(2_000);
  expect(await countRows(app.db)).toEqual(['growing']);
  expect(await counted('growing')).toBe(13_000);
});
