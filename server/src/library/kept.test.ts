import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { openTestApp, WS, id } from '../testing/index.ts';
import type { Sql } from '../db/index.ts';
import type { TestApp } from '../testing/index.ts';
import { keptUnderStamp, keptWithVocabulary } from './kept.ts';
import { readHeaders } from './taxa.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
});
afterAll(() => app.close());

const rename = 'update name set text = $2 where taxon = $1 and kind = $3';
const commonName = async (): Promise<string | null | undefined> =>
  (await readHeaders(app.db, WS, [id('grandis')])).get(id('grandis'))?.common;

test('what was read is kept until the library changes', async () => {
  let reads = 0;
  const read = (): Promise<number> =>
    keptUnderStamp(app.db, WS, 'counting', () => Promise.resolve((reads += 1)));
  expect([await read(), await read()]).toEqual([1, 1]);
  await app.db.query(rename, [id('grandis'), 'giant fir', 'common']);
  expect([await read(), await read()]).toEqual([2, 2]);
});

test('many who ask at once cost two questions, and after a change none of them is told the old', async () => {
  let [asked, reads] = [0, 0];
  const counting: Sql = {
    kind: app.db.kind,
    query: (text, params) => {
      asked += 1;
      return app.db.query(text, params);
    },
  };
  const read = (what: string): Promise<number> =>
    keptUnderStamp(counting, WS, `together ${what}`, () => Promise.resolve((reads += 1)));
  const all = ['a', 'b', 'c', 'd', 'e'];
  expect(await Promise.all(all.map(read))).toEqual([1, 2, 3, 4, 5]);
  expect(asked).toBe(2);
  expect(await Promise.all(all.map(read))).toEqual([1, 2, 3, 4, 5]);
  await app.db.query(rename, [id('grandis'), 'giant fir', 'common']);
  expect(await Promise.all(all.map(read))).toEqual([6, 7, 8, 9, 10]);
});

test('the vocabulary is read again when it changes, and for nothing else', async () => {
  let reads = 0;
  const read = (): Promise<number> =>
    keptWithVocabulary(app.db, WS, 'counting words', () => Promise.resolve((reads += 1)));
  expect(await read()).toBe(1);
  await app.db.query(rename, [id('grandis'), 'white fir', 'common']);
  await app.db.query('update tree set ws = ws where ws = $1', [WS]);
  expect(await read()).toBe(1);
  for (const table of ['character', 'state', 'character_applies', 'confusion']) {
    const before = await read();
    await app.db.query(`update "${table}" set ws = ws where ws = $1`, [WS]);
    expect([table, await read()]).toEqual([table, before + 1]);
  }
});

test.each([
  'statement',
  'statement_state',
  'statement_range',
  'taxon',
  'taxon_parent',
  'name',
  'source',
  'season_window',
  'character',
  'state',
  'individual',
  'tree',
  'determination',
  'reach',
  'trail',
])('any change of %s is seen', async (table) => {
  const stamp = async (): Promise<string | undefined> =>
    (await app.db.query<{ s: string }>('select library_stamp as s from workspace'))[0]?.s;
  const before = await stamp();
  await app.db.query(`update "${table}" set ws = ws where ws = $1`, [WS]);
  expect(await stamp()).not.toBe(before);
});

test('what a transaction read before it was rolled back is never served', async () => {
  await app.db.query(rename, [id('grandis'), 'grand fir', 'common']);
  expect(await commonName()).toBe('grand fir');
  await expect(
    app.db.transaction(async (tx) => {
      await tx.query(rename, [id('grandis'), 'never committed', 'common']);
      const inside = (await readHeaders(tx, WS, [id('grandis')])).get(id('grandis'));
      expect(inside?.common).toBe('never committed');
      throw new Error('rolled back');
    }),
  ).rejects.toThrow('rolled back');
  expect(await commonName()).toBe('grand fir');
  await app.db.query(rename, [id('grandis'), 'tall fir', 'common']);
  expect(await commonName()).toBe('tall fir');
});

test('answers and grades leave the stamp alone, so that a class sending answers slows nobody', async () => {
  const stamp = (): Promise<readonly { s: string }[]> =>
    app.db.query<{ s: string }>('select library_stamp as s from workspace');
  const before = await stamp();
  await app.db.query(
    `insert into answer_dispute (ws, id, sitting, student, payload, kind, at)
     values ($1, gen_random_uuid(), $2, $3, '{}'::jsonb, 'late', now())`,
    [WS, id('oldsit'), id('s11')],
  );
  await app.db.query(
    `insert into attempt (ws, id, sitting, student, origin) select ws, gen_random_uuid(), sitting, $2, 'phone' from attempt where ws = $1 limit 1`,
    [WS, id('s12')],
  );
  expect(await stamp()).toEqual(before);
});
