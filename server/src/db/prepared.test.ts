import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { openEmpty } from '../testing/index.ts';
import type { Database } from './index.ts';

let db: Database;
beforeAll(async () => {
  db = await openEmpty();
  await db.script('create table t (id integer primary key, n integer check (n > 0), told text)');
});
afterAll(() => db.close());

const TIMES = [1, 2, 3, 4, 5, 6, 7];

test('a query says the same the first time, when it is kept, and once its plan is kept', async () => {
  const seen: unknown[] = [];
  for (const n of TIMES) {
    const [row] = await db.query(
      `select $1::integer + 1 as n, $2::text[] as list, $3::jsonb as tree, $4::date as day, $5::timestamptz as moment,
         $6::bytea as bytes, $7::boolean as yes, $8::uuid as id, $9::numeric as part, $10::text as missing`,
      [
        n,
        ['a', 'b,"c"', 'ü'],
        JSON.stringify({ a: [n] }),
        '2026-10-01',
        '2026-10-01T12:00:00Z',
        new Uint8Array([0, 255]),
        n % 2 === 0,
        '00000000-0000-4000-8000-000000000001',
        1.5,
        null,
      ],
    );
    seen.push(row);
  }
  expect(seen).toEqual(
    TIMES.map((n) => ({
      n: n + 1,
      list: ['a', 'b,"c"', 'ü'],
      tree: { a: [n] },
      day: '2026-10-01',
      moment: '2026-10-01T12:00:00.000Z',
      bytes: new Uint8Array([0, 255]),
      yes: n % 2 === 0,
      id: '00000000-0000-4000-8000-000000000001',
      part: 1.5,
      missing: null,
    })),
  );
});

test('rows that are written are read, with and without rows returned', async () => {
  for (const n of TIMES) {
    expect(await db.query('insert into t (id, n) values ($1, $2)', [n, n])).toEqual([]);
    expect(await db.query('update t set told = $2 where id = $1 returning told', [n, `t${n}`])).toEqual([
      { told: `t${n}` },
    ]);
    expect(await db.query('select id from t where id = any($1::integer[])', [[n, 99]])).toEqual([{ id: n }]);
  }
  expect(await db.query('delete from t where id > $1', [3])).toEqual([]);
  expect(await db.query('select count(*)::integer as n from t')).toEqual([{ n: 3 }]);
});

test('a fault is told each time with its code, and the next query goes on', async () => {
  for (const n of TIMES) {
    const failed = await db.query('insert into t (id, n) values ($1, 0 - $2)', [100 + n, n]).then(
      () => null,
      (error: unknown) => (error as { readonly code?: string }).code,
    );
    expect(failed).toBe('23514');
    expect(await db.query('select 1 as one')).toEqual([{ one: 1 }]);
  }
  // One that cannot even be read is no plan to keep.
  for (const wrong of ['select nothing_there from t', 'select nothing_there from t']) {
    await expect(db.query(wrong)).rejects.toThrow('nothing_there');
  }
});

test('a kept query obeys the transaction it runs in', async () => {
  const insert = (sql: Pick<Database, 'query'>, id: number) =>
    sql.query('insert into t (id, n) values ($1, $2)', [id, 1]);
  await insert(db, 200);
  await insert(db, 201);
  await expect(
    db.transaction(async (tx) => {
      await insert(tx, 202);
      await insert(tx, 200);
    }),
  ).rejects.toThrow();
  await db.transaction((tx) => insert(tx, 203));
  expect(await db.query('select id from t where id >= 200 order by id')).toEqual([
    { id: 200 },
    { id: 201 },
    { id: 203 },
  ]);
});

test('a table that changes is read as it now is', async () => {
  const read = () => db.query<Record<string, unknown>>('select * from t where id = $1', [1]);
  for (let i = 0; i < 3; i += 1) expect(Object.keys((await read())[0] ?? {})).toHaveLength(3);
  await db.script('alter table t add column more text');
  for (let i = 0; i < 3; i += 1) expect(Object.keys((await read())[0] ?? {})).toHaveLength(4);
});

test('more texts than are kept are all answered, and those let go of are gone from the database', async () => {
  for (const round of [1, 2, 3]) {
    for (let i = 0; i < 450; i += 1) {
      expect(await db.query(`select ${i} + $1::integer as n`, [round])).toEqual([{ n: i + round }]);
    }
  }
  const often = async (): Promise<number> => {
    for (let i = 0; i < 450; i += 1) {
      for (const n of [1, 2]) await db.query(`select ${i} * $1::integer as n`, [n]);
    }
    return (
      (await db.query<{ n: number }>('select count(*)::integer as n from pg_prepared_statements'))[0]?.n ?? 0
    );
  };
  expect(await often()).toBeLessThanOrEqual(400);
});
