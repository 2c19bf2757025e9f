import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { faultOf, openPgliteThread } from './index.ts';
import type { Database } from './index.ts';
import { placeEmpty, scratch } from '../testing/index.ts';

let home: string;
let db: Database;
beforeAll(async () => {
  home = scratch('thread');
  for (const name of ['database', 'other']) placeEmpty(join(home, name));
  db = await openPgliteThread(join(home, 'database'));
  await db.script('create table t (id integer primary key, n integer check (n > 0))');
});
afterAll(async () => {
  await db.close();
  rmSync(home, { recursive: true, force: true });
});

const ids = async (): Promise<number[]> =>
  (await db.query<{ id: number }>('select id from t order by id')).map((r) => r.id);

describe('the database in a thread', () => {
  test('reads numbers, dates, bytes and json as the other databases do', async () => {
    const [row] = await db.query(
      `select 7::int8 as big, 1.5::numeric as part, date '2026-10-01' as day, '{"a":[1]}'::jsonb as tree, $1::text[] as list,
         timestamptz '2026-10-01 12:00:00+00' as moment, $2::bytea as bytes`,
      [['x', 'y'], new Uint8Array([1, 2])],
    );
    expect(row).toEqual({
      big: 7,
      part: 1.5,
      day: '2026-10-01',
      tree: { a: [1] },
      list: ['x', 'y'],
      moment: '2026-10-01T12:00:00.000Z',
      bytes: new Uint8Array([1, 2]),
    });
  });

  test('a transaction has the connection to itself, and what is asked meanwhile waits', async () => {
    const order: string[] = [];
    const both = [
      db.transaction(async (tx) => {
        await tx.query('insert into t values (1, 1)');
        order.push('first half');
        await tx.query('insert into t values (2, 2)');
        order.push('second half');
      }),
      ids().then((seen) => order.push(`saw ${seen.join()}`)),
    ];
    await Promise.all(both);
    expect(order).toEqual(['first half', 'second half', 'saw 1,2']);
  });

  test('one that throws leaves nothing, and the next goes on', async () => {
    const failed = db.transaction(async (tx) => {
      await tx.query('insert into t values (3, 3)');
      throw new Error('stop');
    });
    await expect(failed).rejects.toThrow('stop');
    expect(await ids()).toEqual([1, 2]);
  });

  test('a fault keeps what it is told by, in a query and in a transaction', async () => {
    await expect(db.query('insert into t values (1, 1)')).rejects.toMatchObject({ code: '23505' });
    const refused = await db.query('insert into t values (9, 0)').catch((e: unknown) => e);
    expect([refused instanceof Error, faultOf(refused)]).toEqual([true, 'value']);
    await expect(db.transaction((tx) => tx.query('insert into t values (2, 2)'))).rejects.toMatchObject({
      code: '23505',
    });
    await expect(db.script('begin; insert into t values (4, 4); select 1/0; commit;')).rejects.toThrow(
      'division',
    );
    expect(await ids()).toEqual([1, 2]);
  });

  test('the outer handle inside a transaction is refused instead of waiting for ever', async () => {
    await expect(db.transaction(() => db.query('select 1'))).rejects.toThrow('only the handle given');
  });

  test('closed, it fails every later query and may be closed again', async () => {
    const other = await openPgliteThread(join(home, 'other'));
    await other.close();
    await expect(other.query('select 1')).rejects.toThrow('ended');
    await other.close();
  });
});
