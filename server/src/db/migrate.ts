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
  await db.script(
    'create table if not exists migration (name text primary key, at timestamptz not null default now())',
  );
  const done = new Set((await db.query<{ name: string }>('select name from migration')).map((r) => r.name));
  const applied: string[] = [];
  for (const f of files().slice(0, only)) {
    if (done.has(f.name)) continue;
    await db.script(`begin;\n${f.text}\ninsert into migration (name) values ('${f.name}');\ncommit;`);
    applied.push(f.name);
  }
  return applied;
}
