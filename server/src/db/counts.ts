import type { Database } from './database.ts';

/** How many times its pages a table may have before its rows are counted again. */
const GROWN = 1.2;

/**
 * Counts again, for the planner, the rows of tables that were never counted or have grown. Without counts it chooses badly; counting
 * all of them, and the database's own tables with them, was half of a start.
 * @returns the names of the tables that were counted.
 */
export async function countRows(db: Database): Promise<readonly string[]> {
  const tables = await db.query<{ name: string }>(
    `select c.oid::regclass::text as name
       from pg_class c
       cross join lateral (select pg_relation_size(c.oid) / current_setting('block_size')::int as pages) now
      where c.relnamespace = current_schema()::regnamespace and c.relkind = 'r'
        and (c.reltuples < 0 or now.pages > $1::float8 * c.relpages)
      order by name`,
    [GROWN],
  );
  if (tables.length > 0) await db.query(`analyze ${tables.map((t) => t.name).join(', ')}`);
  return tables.map((t) => t.name);
}
