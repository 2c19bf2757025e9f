import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { id, openTestApp, WS } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { insertRows, migrate } from './index.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
});
afterAll(() => app.close());

describe('the database', () => {
  test('reads numbers, dates and json alike on both', async () => {
    const [row] = await app.db.query(
      `select 7::int8 as big, 1.5::numeric as part, date '2026-10-01' as day, '{"a":[1]}'::jsonb as tree, array['x','y'] as list,
         timestamptz '2026-10-01 12:00:00+00' as moment`,
    );
    expect(row).toEqual({
      big: 7,
      part: 1.5,
      day: '2026-10-01',
      tree: { a: [1] },
      list: ['x', 'y'],
      moment: '2026-10-01T12:00:00.000Z',
    });
  });

  test('a transaction that throws leaves nothing behind', async () => {
    await expect(
      app.db.transaction(async (tx) => {
        await insertRows(tx, 'list', [{ ws: WS, id: id('gone'), name: 'gone', version: 1 }]);
        throw new Error('stop');
      }),
    ).rejects.toThrow('stop');
    expect(await app.db.query('select 1 from list where id = $1', [id('gone')])).toEqual([]);
  });

  test('the outer handle inside a transaction is refused instead of waiting for ever', async () => {
    await expect(app.db.transaction(() => app.db.query('select 1'))).rejects.toThrow('only the handle given');
  });

  test('migrations run once', async () => {
    expect(await migrate(app.db)).toEqual([]);
  });

  test.each([
    [
      'a range low above high',
      'statement_range',
      { ws: WS, statement: id('none'), low: 3, high: 2, entered: 'x' },
    ],
    [
      'a season outside the year',
      'season_window',
      {
        ws: WS,
        id: id('w'),
        taxon: id('grandis'),
        kind: 'pollen',
        start_doy: 0,
        end_doy: 5,
        ref_lat: 0,
        ref_lon: 0,
        ref_elev: 0,
      },
    ],
    ['a caution of nothing', 'caution', { ws: WS, id: id('c'), hazard: 'toxic', forbids: [], text: 'x' }],
    [
      'a station of a tree and a taxon',
      'station',
      {
        ws: WS,
        id: id('s'),
        quiz: id('quiz'),
        number: 9,
        individual: id('tree-a'),
        taxon: id('grandis'),
        not_tellable_on_purpose: false,
        version: 1,
      },
    ],
    [
      'a taxon that is its own parent',
      'taxon_parent',
      { ws: WS, child: id('abies'), parent: id('abies'), kind: 'group', ord: 0 },
    ],
    [
      'a second accepted name',
      'name',
      {
        ws: WS,
        id: id('n'),
        taxon: id('grandis'),
        kind: 'accepted',
        text: 'Other',
        folded: 'other',
        preferred: true,
      },
    ],
  ])('%s is refused by the schema', async (_, table, row) => {
    await expect(insertRows(app.db, table, [row])).rejects.toThrow(/violates|check/);
  });
});
