import type { Sql } from '../db/index.ts';

/** Tables that hold nothing worth keeping: who is signed in, counted tries, what the schema has been through. */
const LEFT_OUT = ['session', 'attempt_limit', 'job', 'migration'];

/** Every table of everything, by name. */
export async function allTables(sql: Sql): Promise<readonly string[]> {
  const rows = await sql.query<{ name: string }>(
    `select c.relname as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
     where n.nspname = 'public' and c.relkind = 'r' and not (c.relname = any($1::text[])) order by c.relname collate "C"`,
    [LEFT_OUT],
  );
  return rows.map((r) => r.name);
}
