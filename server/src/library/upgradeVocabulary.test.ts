import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { CHARACTERS, VOCABULARY_VERSION } from '@hurrow/core/characters';
import { WS, id, openTestApp } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { upgradeVocabulary } from './upgradeVocabulary.ts';

let app: TestApp;
const NOW = new Date('2026-11-29T12:00:00Z');
const OLD = 'c0000000-0000-4000-8000-00000000000';

interface Row {
  readonly character: string;
  readonly state: string;
  readonly freq: string;
}

/** What the own source of grand fir says of pith and sap; whether the statement still stands. */
const said = (): Promise<readonly Row[]> =>
  app.db.query<Row>(
    `select s.character, s.state, s.freq from statement_state s join statement t on t.ws = s.ws and t.id = s.statement
     where t.ws = $1 and t.retracted_at is null and (s.character like 'twig.pith%' or s.character = 'leaf.sap')
     order by s.character, s.state`,
    [WS],
  );
const one = async (query: string): Promise<Record<string, unknown>> =>
  (await app.db.query<Record<string, unknown>>(query, [WS]))[0] ?? {};

beforeAll(async () => {
  app = await openTestApp();
  const { db } = app;
  // A folder of an earlier version: fewer characters and states, other seasons, and states that ship no more.
  await db.query(`update character set origin_version = 2 where ws = $1`, [WS]);
  await db.query(`delete from confusion where ws = $1 and character like 'twig.pith%'`, [WS]);
  await db.query(`delete from character_applies where ws = $1 and character = 'twig.winter_catkins'`, [WS]);
  for (const character of ['twig.pith_outline', 'twig.winter_catkins']) {
    await db.query('delete from state where ws = $1 and character = $2', [WS, character]);
    await db.query('delete from character where ws = $1 and id = $2', [WS, character]);
  }
  await db.query(`update character set season = '{always}' where ws = $1 and id like 'twig.bud%'`, [WS]);
  await db.query(
    `update character set plain = 'winter bud cover', version = 2 where ws = $1 and id = 'twig.bud_scales'`,
    [WS],
  );
  await db.query(`update character set plain = 'leaf warts' where ws = $1 and id = 'leaf.glands'`, [WS]);
  for (const [character, state] of [
    ['twig.pith', 'star-shaped'],
    ['leaf.sap', 'irritant'],
  ])
    await db.query(
      `insert into state (ws, character, id, ord, term, plain, definition) values ($1, $2, $3, 90, $3, $3, 'Old.')`,
      [WS, character, state],
    );
  const [source] = await db.query<{ id: string }>(`select id from source where ws = $1 limit 1`, [WS]);
  for (const [i, character, state] of [
    [1, 'twig.pith', 'star-shaped'],
    [2, 'leaf.sap', 'irritant'],
  ] as const) {
    await db.query(
      `insert into statement (ws, id, taxon, character, kind, source) values ($1, $2, $3, $4, 'states', $5)`,
      [WS, `${OLD}${i}`, id('grandis'), character, source?.id],
    );
    await db.query(
      `insert into statement_state (ws, statement, character, state, freq) values ($1, $2, $3, $4, 'sometimes')`,
      [WS, `${OLD}${i}`, character, state],
    );
  }
});
afterAll(() => app.close());

describe('a vocabulary of an earlier version', () => {
  test('gets what is new, is looked at as now, and keeps what was reworded', async () => {
    expect(await upgradeVocabulary(app.db, NOW)).toBe(CHARACTERS.length);
    const { n } = await one(
      `select count(*)::integer as n from character where ws = $1 and origin = 'shipped'`,
    );
    expect(n).toBe(CHARACTERS.length);
    const wrong = await app.db.query(
      'select id from character where ws = $1 and (origin_version <> $2 or ord < 0)',
      [WS, VOCABULARY_VERSION],
    );
    expect(wrong).toEqual([]);
    expect(await one(`select plain, season from character where ws = $1 and id = 'twig.bud_scales'`)).toEqual(
      { plain: 'winter bud cover', season: ['buds'] },
    );
    expect(await one(`select plain from character where ws = $1 and id = 'leaf.glands'`)).toEqual({
      plain: 'glands (tiny knobs)',
    });
    expect(
      await one(
        `select count(*)::integer as states from state where ws = $1 and character = 'twig.pith_outline'`,
      ),
    ).toEqual({ states: 4 });
  });

  test('what was said by a state that ships no more is said by what stands for it, as often', async () => {
    expect(await said()).toEqual([
      { character: 'twig.pith', state: 'solid', freq: 'sometimes' },
      { character: 'twig.pith_outline', state: 'star-shaped', freq: 'sometimes' },
    ]);
    const retired = await app.db.query(
      `select character, id from state where ws = $1 and retired_at is not null order by character`,
      [WS],
    );
    expect(retired).toEqual([
      { character: 'leaf.sap', id: 'irritant' },
      { character: 'twig.pith', id: 'star-shaped' },
    ]);
    // A hazard is no look: what said only that is taken back, and kept in the record of changes.
    expect(
      await one(
        `select retracted_at is not null as gone, version from statement where ws = $1 and id = '${OLD}2'`,
      ),
    ).toEqual({ gone: true, version: 2 });
  });

  test('is brought up once: a second start changes nothing', async () => {
    const before = await said();
    expect(await upgradeVocabulary(app.db, NOW)).toBe(0);
    expect(await said()).toEqual(before);
  });
});
