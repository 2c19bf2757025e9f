import type { Sql } from '../db/index.ts';

/** Tables that belong to an installation and not to its data: who is signed in or invited, tries, keys, files, what ships. */
const LEFT_OUT = [
  'answer_segment',
  'ask_kind',
  'attempt_limit',
  'idempotency',
  'invitation',
  'job',
  'known_browser',
  'migration',
  'session',
  'session_device',
  'try_limit',
];

/** Every table of everything, by name. */
export async function allTables(sql: Sql): Promise<readonly string[]> {
  const rows = await sql.query<{ name: string }>(
    `select c.relname as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
     where n.nspname = 'public' and c.relkind = 'r' and not (c.relname = any($1::text[])) order by c.relname collate "C"`,
    [LEFT_OUT],
  );
  return rows.map((r) => r.name);
}
