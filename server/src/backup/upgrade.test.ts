import { CHARACTERS, REPLACED } from '@hurrow/core/characters';
import { cpSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { answerText, stored, taggedValue } from '@hurrow/core/answers';
import type { AnswerValue, EarlierAnswer, Sureness } from '@hurrow/core/answers';
import { answersInMemory } from '../answers/index.ts';
import { bulkLoad, migrate, openPglite } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { bringUpToDate, openData } from '../openData.ts';
import { openEmpty, placeEmpty, scratch } from '../testing/index.ts';
import { restoreBackup } from './index.ts';
import { digest } from './write.ts';
import type { Manifest } from './write.ts';

/** A backup that version 0.1.0 wrote at migration 012: two sittings, one returned and one open, ten answers and more. */
const OLD = readFileSync(fileURLToPath(new URL('../testing/old/backup-012.zip', import.meta.url)));
const files = unzipSync(OLD);
const rowsOf = (table: string): Record<string, unknown>[] =>
  strFromU8(files[`tables/${table}.jsonl`] ?? new Uint8Array())
    .split('\n')
    .filter((l) => l !== '')
    .map((l) => JSON.parse(l) as Record<string, unknown>);
const manifest = JSON.parse(strFromU8(files['manifest.json'] ?? new Uint8Array())) as Manifest;

type Row = Readonly<Record<string, unknown>>;

/** Old tables under their names of today; those that are derived or became something else are looked at by themselves. */
const RENAMED: Readonly<Record<string, string>> = {
  marking_run: 'grading_run',
  mark: 'grade',
  season_observed: 'sighting',
};
const APART: ReadonlySet<string> = new Set([
  ...[
    'answer_key',
    'run_key',
    'conflict',
    'response',
    'response_call',
    'look',
    'cell',
    'cell_student',
    'pair_state',
    // The vocabulary is brought up to what ships, and what it says otherwise now is mapped.
    'character',
    'state',
    'character_applies',
    'confusion',
    'statement',
    'statement_state',
  ],
]);

/** What migrations changed of a row on purpose. */
const CHANGED: Readonly<Record<string, (row: Row) => Row>> = {
  sitting: ({ given_run: run, given_at: at, state, ...r }) => ({
    ...r,
    returned_run: run,
    returned_at: at,
    state: { marked: 'graded', given_back: 'returned', frozen: 'locked' }[String(state)] ?? state,
  }),
  marking_run: ({ names_hash: _n, policy: _p, ...r }) => r,
  mark: ({ outcome, ...r }) => ({ ...r, outcome: outcome === 'misspelt' ? 'misspelled' : outcome }),
  attempt: ({ takeover, ...r }) =>
    Number(takeover) >= 1000
      ? { ...r, takeover: Number(takeover) - 999, origin: 'paper' }
      : { ...r, takeover, origin: 'phone' },
};

const readRows = async (db: Database, table: string): Promise<Row[]> =>
  (await db.query<{ line: string }>(`select to_jsonb(t)::text as line from "${table}" t`)).map(
    (r) => JSON.parse(r.line) as Row,
  );

/** Every row of the old backup is there, with each value it had, and what was derived is derived again. */
async function expectAll(db: Database): Promise<void> {
  for (const name of Object.keys(manifest.files)) {
    const table = /^tables\/(.+)\.jsonl$/.exec(name)?.[1];
    if (table === undefined || APART.has(table)) continue;
    const now = await readRows(db, RENAMED[table] ?? table);
    const old = rowsOf(table).map((r) => (CHANGED[table] ?? ((x: Row) => x))(r));
    expect([table, now.length]).toEqual([table, old.length]);
    // The stamp of the library is new with every change of it, a migration too.
    const columns = Object.keys(old[0] ?? {}).filter((k) => k !== 'library_stamp');
    const key = (row: Row): string => JSON.stringify(columns.sort().map((k) => row[k]));
    expect([table, now.map(key).sort()]).toEqual([table, old.map(key).sort()]);
  }
  await expectAnswers(db);
  await expectKeys(db);
  await expectSaid(db);
}

const GONE = new Set(REPLACED.map((r) => `${r.character}/${r.state}`));

/** Every character, state and statement of the old backup is there; only what ships no more is said otherwise. */
async function expectSaid(db: Database): Promise<void> {
  const ids = async (table: string, ...columns: string[]): Promise<ReadonlySet<string>> =>
    new Set((await readRows(db, table)).map((r) => columns.map((c) => r[c]).join('/')));
  const characters = await ids('character', 'id');
  expect(rowsOf('character').filter((r) => !characters.has(String(r['id'])))).toEqual([]);
  expect(CHARACTERS.filter((c) => !characters.has(c.id))).toEqual([]);
  const states = await ids('state', 'character', 'id');
  expect(rowsOf('state').filter((r) => !states.has(`${r['character']}/${r['id']}`))).toEqual([]);

  const oldStates = rowsOf('statement_state');
  const isGone = (r: Row): boolean => GONE.has(`${String(r['character'])}/${String(r['state'])}`);
  const touched = new Set(oldStates.filter(isGone).map((r) => r['statement']));
  const statements = new Map((await readRows(db, 'statement')).map((r) => [r['id'], r]));
  for (const { version, retracted_at: retracted, ...r } of rowsOf('statement'))
    expect(statements.get(r['id'])).toMatchObject(
      touched.has(r['id']) ? r : { ...r, version, retracted_at: retracted },
    );
  const said = await ids('statement_state', 'statement', 'character', 'state', 'freq');
  const key = (r: Row): string => ['statement', 'character', 'state', 'freq'].map((c) => r[c]).join('/');
  expect(oldStates.filter((r) => said.has(key(r)) === isGone(r))).toEqual([]);
  expect(oldStates.length).toBeGreaterThan(0);
}

/** Every answer is there, its text, choice and sureness in one tagged value. */
async function expectAnswers(db: Database): Promise<void> {
  const now = new Map((await readRows(db, 'response')).map((r) => [r['id'], r]));
  const old = rowsOf('response');
  expect(now.size).toBe(old.length);
  for (const r of old) {
    const { typed, sure, value, ...rest } = r as {
      typed: string | null;
      sure: Sureness | null;
      value: EarlierAnswer | null;
    } & Row;
    expect(now.get(rest['id'])).toMatchObject({
      ...rest,
      value: stored(taggedValue({ typed, sure, ...value })),
      precedence: rest['origin'] === 'paper' ? 2 : 1,
    });
  }
  const disputes = await readRows(db, 'answer_dispute');
  expect(disputes.filter((d) => d['payload'] !== null)).toHaveLength(rowsOf('conflict').length);
}

/** Every opened sitting has a key with what it was opened with, and every grading goes by it. */
async function expectKeys(db: Database): Promise<void> {
  const opened = rowsOf('sitting').filter((r) => r['state'] !== 'draft');
  const keys = await readRows(db, 'sitting_key');
  expect(keys.map((k) => [k['sitting'], k['rev']]).sort()).toEqual(opened.map((s) => [s['id'], 1]).sort());
  const asks = (await readRows(db, 'station_key')).flatMap((k) =>
    (k['accept'] as { asks: { id: string; accepted: unknown }[] }).asks.map(
      (a) => [a.id, k['taxon'], a.accepted] as const,
    ),
  );
  for (const k of rowsOf('answer_key')) {
    const { taxon } = k['accept'] as { taxon?: string };
    if (taxon === undefined) continue;
    expect(new Set(asks.filter(([ask]) => ask === k['ask']).map(([, t]) => t))).toEqual(new Set([taxon]));
  }
  const runs = await readRows(db, 'grading_run');
  expect(runs.every((r) => r['key_rev'] === 1)).toBe(true);
  const named = await db.query(
    `select 1 from grade g join response r on r.id = g.response where r.value ->> 'kind' = 'name' and g.folded is null`,
  );
  expect(named).toEqual([]);
  // What was answered to a character before a name is with its look, as it was kept with the name before.
  const withCalls = new Map(
    (await readRows(db, 'look')).map((l) => [
      l['response'],
      l['calls'] as { character: string; value: AnswerValue }[],
    ]),
  );
  for (const c of rowsOf('response_call')) {
    const look = withCalls.get(c['response']);
    if (look)
      expect(look.map((k) => [k.character, answerText(k.value)])).toContainEqual([
        c['character'],
        c['state'],
      ]);
  }
  // One look for every student who took part at every station of a graded sitting, the old ones among them.
  const looks = new Set(
    (await readRows(db, 'look')).map(
      (l) => `${String(l['response'])}/${String(l['truth'])}/${String(l['answer'])}`,
    ),
  );
  for (const l of rowsOf('look'))
    expect(looks).toContain(`${String(l['response'])}/${String(l['truth'])}/${String(l['answer'])}`);
}

async function inUtc<T>(db: Database, work: () => Promise<T>): Promise<T> {
  await db.query(`set timezone = 'UTC'`);
  return work();
}

describe('a backup of an earlier version', () => {
  /** A database that every refused backup leaves empty, so that the next one can be tried on it. */
  let empty: Database;
  beforeAll(async () => {
    empty = await openEmpty();
  });
  afterAll(() => empty.close());

  test('is restored without the loss of a row or a value, and what is new in the schema follows from it', async () => {
    const db = await openEmpty();
    try {
      const answers = answersInMemory();
      const restored = await restoreBackup(db, answers, OLD, []);
      expect(restored).toMatchObject({ aside: 0, erased: 0 });
      await inUtc(db, () => expectAll(db));
      const runs = await db.query<{ seq: number; at: string }>(
        'select seq, at from grading_run order by sitting, seq',
      );
      expect(runs.map((r) => r.seq)).toEqual([1, 2]);
      // Phones that joined find what they hold under the id they know.
      const sittings = await db.query<{ same: boolean }>('select id::text = public_id as same from sitting');
      expect(sittings.every((s) => s.same)).toBe(true);
      await db.query(
        `insert into determination (ws, id, individual, taxon, sureness)
         select ws, gen_random_uuid(), individual, taxon, 'sure' from determination limit 1`,
      );
      const [last] = await db.query<{ top: boolean }>(
        'select seq = (select max(seq) from determination) as top from determination order by at desc limit 1',
      );
      expect(last?.top).toBe(true);
    } finally {
      await db.close();
    }
  });

  test.each<[string, (f: Record<string, Uint8Array>, m: Manifest) => void, RegExp]>([
    [
      'answers that are left out of the manifest',
      (_, m) => delete (m.files as Record<string, unknown>)['answers.jsonl'],
      /does not list the answers log/,
    ],
    ['no files', (_, m) => Object.assign(m, { files: null }), /not a backup/],
    ['no schema', (_, m) => Object.assign(m, { schema: [] }), /not a backup/],
    [
      'a row that is no row',
      (f, m) => {
        const bad = strToU8('null\n');
        f['tables/list.jsonl'] = bad;
        Object.assign(m.files['tables/list.jsonl'] ?? {}, { sha256: digest(bad) });
      },
      /Line 1 of “tables\/list.jsonl” is not a row/,
    ],
    [
      'a row the database refuses',
      (f, m) => {
        const bad = strToU8('{"ws":"x","id":"y","name":"z","version":1}\n');
        f['tables/list.jsonl'] = bad;
        Object.assign(m.files['tables/list.jsonl'] ?? {}, { sha256: digest(bad) });
      },
      /does not fit the database/,
    ],
  ])('with %s is refused, and nothing of it is in the database', async (_, change, message) => {
    const copy = { ...files };
    const told = structuredClone(manifest);
    change(copy, told);
    copy['manifest.json'] = strToU8(JSON.stringify(told));
    await expect(restoreBackup(empty, answersInMemory(), zipSync(copy), [])).rejects.toMatchObject({
      code: 'HTTP_PROBLEM',
      message: expect.stringMatching(message),
    });
    const tables = await empty.query(`select 1 from pg_class where relname = 'workspace'`);
    if (tables.length > 0) expect(await empty.query('select 1 from workspace')).toEqual([]);
  });

  test('with answers that are none is restored, and they are set aside with their count', async () => {
    const good = strFromU8(files['answers.jsonl'] ?? new Uint8Array());
    const bad = strToU8(`null\n${good}{"id":"[1]"}\nbroken\n`);
    const told = structuredClone(manifest);
    Object.assign(told.files['answers.jsonl'] ?? {}, { sha256: digest(bad) });
    const zip = zipSync({ ...files, 'answers.jsonl': bad, 'manifest.json': strToU8(JSON.stringify(told)) });
    const restored = await restoreBackup(empty, answersInMemory(), zip, []);
    expect(restored.aside).toBe(3);
    expect(restored.rows).toBeGreaterThan(500);
  });
});

describe('a data folder of an earlier version', () => {
  let home: string;
  let data: string;
  beforeAll(async () => {
    home = scratch('upgrade');
    data = join(home, 'data');
    mkdirSync(data);
    // The database as it stood at migration 012, with the rows of the old backup but its last two answers.
    placeEmpty(join(data, 'database'));
    const db = await openPglite(join(data, 'database'));
    await migrate(db, manifest.schema.length);
    const tables = Object.keys(manifest.files).flatMap((f) => /^tables\/(.+)\.jsonl$/.exec(f)?.[1] ?? []);
    await db.transaction((tx) =>
      bulkLoad(tx, tables, async () => {
        for (const table of tables)
          await tx.query(
            `insert into "${table}" select * from jsonb_populate_recordset(null::public."${table}", $1::jsonb)`,
            [JSON.stringify(rowsOf(table))],
          );
      }),
    );
    await db.close();
    writeFileSync(join(data, 'answers.log'), files['answers.jsonl'] ?? new Uint8Array());
  });
  afterAll(() => rmSync(home, { recursive: true, force: true }));

  test('opens with every row and every answer, and its log becomes a segment', async () => {
    const opened = await openData(data, null);
    try {
      expect(await bringUpToDate(opened)).toEqual({ stored: 0, left: 0, aside: 0, damagedErasures: 0 });
      await inUtc(opened.db, () => expectAll(opened.db));
      expect(opened.answers.segments().map((s) => [s.name, s.closed === null])).toEqual([
        ['legacy-1.jsonl', false],
      ]);
    } finally {
      await opened.close();
    }
  });

  test('opens again, without reading what it has stored', async () => {
    cpSync(data, join(home, 'again'), { recursive: true });
    // A line made unreadable without a change of size: the start does not look at it.
    const segment = join(home, 'again', 'answers', 'legacy-1.jsonl');
    writeFileSync(segment, readFileSync(segment, 'utf8').replace('{', '['));
    const opened = await openData(join(home, 'again'), null);
    try {
      expect(await bringUpToDate(opened)).toMatchObject({ stored: 0, aside: 0 });
    } finally {
      await opened.close();
    }
  });
});
