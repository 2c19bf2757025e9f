import type { Sql } from './database.ts';

interface Part {
  table: string;
  name: string;
  definition: string;
}

/**
 * Loads many rows into some tables inside a transaction: their foreign keys and further indexes are taken away and
 * made again at the end, when all rows are checked at once. A row that breaks one of them rolls everything back.
 * Source: the PostgreSQL manual, 14.4 Populating a Database.
 * @param load the work; while it runs nobody else can read these tables on a server.
 */
export async function bulkLoad(tx: Sql, tables: readonly string[], load: () => Promise<void>): Promise<void> {
  const keys = await tx.query<Part>(
    `select c.relname as table, k.conname as name, pg_get_constraintdef(k.oid) as definition
     from pg_constraint k join pg_class c on c.oid = k.conrelid
     where c.relnamespace = current_schema()::regnamespace and k.contype = 'f' and c.relname = any($1::text[]) order by 1, 2`,
    [tables],
  );
  const indexes = await tx.query<Part>(
    `select c.relname as table, i.relname as name, pg_get_indexdef(x.indexrelid) as definition
     from pg_index x join pg_class c on c.oid = x.indrelid join pg_class i on i.oid = x.indexrelid
     where c.relnamespace = current_schema()::regnamespace and c.relname = any($1::text[])
       and not exists (select 1 from pg_constraint k where k.conindid = x.indexrelid)
     order by 1, 2`,
    [tables],
  );
  for (const k of keys) await tx.query(`alter table "${k.table}" drop constraint "${k.name}"`);
  for (const i of indexes) await tx.query(`drop index "${i.name}"`);
  await load();
  for (const i of indexes) await tx.query(i.definition);
  for (const k of keys) await tx.query(`alter table "${k.table}" add constraint "${k.name}" ${k.definition}`);
}
