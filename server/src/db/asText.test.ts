import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { openTestApp } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { amongIds, asText, readMany, readWide, rowsOf } from './index.ts';
import type { Columns } from './index.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
});
afterAll(() => app.close());

interface Sample {
  readonly n: number;
  readonly givenName: string | null;
  readonly value: unknown;
}
const SAMPLE: Columns<Sample> = { n: true, givenName: true, value: true };
const QUERY = `select n, case when n > 1 then 'a "b", \\ [c]' end as "givenName", jsonb_build_object('k', array[n, null]) as value
  from generate_series(1, $1::int) n order by n`;

test('wide rows are read as other rows are, with nulls, quotes and brackets, in the order of the query', async () => {
  const wide = await readWide<Sample>(app.db, SAMPLE, QUERY, [3]);
  expect(wide).toEqual(await readMany<Sample>(app.db, QUERY, [3]));
  expect(wide[0]).toEqual({ n: 1, givenName: null, value: { k: [1, null] } });
  expect(wide.map((r) => r.n)).toEqual([1, 2, 3]);
});

test('no rows are read as none, and so is an empty list', async () => {
  const text = await asText<Sample>(app.db, SAMPLE, QUERY, [0]);
  expect([rowsOf(text), rowsOf<Sample>('[]')]).toEqual([[], []]);
});

test('a column that is no name is refused before anything is asked', async () => {
  const columns = { 'n" from secret --': true } as unknown as Columns<Sample>;
  await expect(asText<Sample>(app.db, columns, QUERY, [1])).rejects.toThrow('Not columns');
});

test('an id is among those given, and among all where none are given', async () => {
  const [one, other] = ['00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000002'];
  const found = async (ids: readonly string[] | null): Promise<readonly string[]> =>
    (
      await app.db.query<{ id: string }>(
        `select id from unnest($1::uuid[]) x(id) where ${amongIds('x.id', 2)} order by id`,
        [[one, other], ids],
      )
    ).map((r) => r.id);
  expect(await found([other])).toEqual([other]);
  expect(await found([])).toEqual([]);
  expect(await found(null)).toEqual([one, other]);
});
