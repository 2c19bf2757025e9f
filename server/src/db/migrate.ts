import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { Database } from './database.ts';

const FOLDER = fileURLToPath(new URL('./migrations/', import.meta.url));

const files = (): { name: string; text: string }[] =>
  readdirSync(FOLDER)
    .filter((f) => /^\d{3}_\w+\.sql$/.test(f))
    .sort()
    .map((name) => ({ name, text: readFileSync(FOLDER + name, 'utf8') }));

/** Changes with any change of the schema; a prepared database is kept under it. */
export function schemaHash(): string {
  const hash = createHash('sha256');
  for (const f of files()) hash.update(f.name).update(f.text);
  return hash.digest('hex').slice(0, 16);
}

/** The names of all migrations, in order. */
export const migrationNames = (): readonly string[] => files().map((f) => f.name);

/**
 * Brings the schema up to date, each migration whole or not at all.
 * @param only how many of the migrations, from the first on; all of them where it is not given.
 * @returns the names of those applied.
 */
export async function migrate(db: Database, only = Infinity): Promise<readonly string[]> {
  const done = new Set(await migrationsOf(db));
  const applied: string[] = [];
  for (const f of files().slice(0, only)) {
    if (!done.has(f.name) && (await applyOnce(db, f))) applied.push(f.name);
  }
  return applied;
}

/** A number of our own for the lock that migrations are made under. */
const MIGRATION_LOCK = 7_240_013;

/** The names of those that were applied; the first time, makes the table they stand in. */
async function migrationsOf(db: Database): Promise<readonly string[]> {
  const [table] = await db.query(`select 1 where to_regclass('migration') is not null`);
  // One process at a time, also on an empty server where two would make the first table at once.
  if (!table)
    await db.script(
      `begin;
       select pg_advisory_xact_lock(${MIGRATION_LOCK});
       create table if not exists migration (name text primary key, at timestamptz not null default now());
       commit;`,
    );
  return (await db.query<{ name: string }>('select name from migration')).map((m) => m.name);
}

/** Applies a migration unless it was; whole or not at all, and by one process only. */
async function applyOnce(db: Database, file: { name: string; text: string }): Promise<boolean> {
  const isDone = async (): Promise<boolean> =>
    (await db.query('select 1 from migration where name = $1', [file.name])).length > 0;
  if (await isDone()) return false;
  try {
    await db.script(
      `begin;
       select pg_advisory_xact_lock(${MIGRATION_LOCK});
       insert into migration (name) values ('${file.name}');
       ${file.text}
       commit;`,
    );
    return true;
  } catch (error) {
    // Another process was faster: its row refuses ours.
    if ((error as { code?: unknown }).code === '23505' && (await isDone())) return false;
    throw error;
  }
}
