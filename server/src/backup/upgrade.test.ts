import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { answersInMemory } from '../answers/index.ts';
import { bulkLoad, migrate, openPglite } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { bringUpToDate, openData } from '../openData.ts';
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

/** Every row of the old backup is there, with each value it had. */
async function expectAll(db: Database): Promise<void> {
  for (const name of Object.keys(manifest.files)) {
    const table = /^tables\/(.+)\.jsonl$/.exec(name)?.[1];
    if (table === undefined) continue;
    const now = (await db.query<{ line: string }>(`select to_jsonb(t)::text as line from "${table}" t`)).map(
      (r) => JSON.parse(r.line) as Record<string, unknown>,
    );
    const old = rowsOf(table);
    expect([table, now.length]).toEqual([table, old.length]);
    // The stamp of the library is new with every change of it, a migration too.
    const columns = Object.keys(old[0] ?? {}).filter((k) => k !== 'library_stamp');
    const key = (row: Record<string, unknown>): string => JSON.stringify(columns.sort().map((k) => row[k]));
    expect([table, now.map(key).sort()]).toEqual([table, old.map(key).sort()]);
  }
}

async function inUtc<T>(db: Database, work: () => Promise<T>): Promise<T> {
  await db.query(`set timezone = 'UTC'`);
  return work();
}

describe('a backup of an earlier version', () => {
  /** A database that every refused backup leaves empty, so that the next one can be tried on it. */
  let empty: Database;
  beforeAll(async () => {
    empty = await openPglite();
  });
  afterAll(() => empty.close());

  test('is restored without the loss of a row or a value, and what is new in the schema follows from it', async () => {
    const db = await openPglite();
    try {
      const answers = answersInMemory();
      const restored = await restoreBackup(db, answers, OLD, []);
      expect(restored).toMatchObject({ aside: 0, erased: 0 });
      await inUtc(db, () => expectAll(db));
      const runs = await db.query<{ seq: number; at: string }>(
        'select seq, at from marking_run order by sitting, seq',
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
    home = mkdtempSync(join(tmpdir(), 'hurrow-upgrade-'));
    data = join(home, 'data');
    mkdirSync(data);
    // The database as it stood at migration 012, with the rows of the old backup but its last two answers.
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
