import type { Sql, Query } from './database.ts';

/**
 * Runs queries one after the other, none of which needs what one before it found; null where there is nothing to run. On
 * PGlite all are handed over at once, so that the database does not wait in between and whoever asks can do something else
 * meanwhile. A connection to a server takes one at a time.
 * @throws what the first one that fails throws; in a transaction, what comes after it does nothing.
 */
export async function runInOrder(sql: Sql, queries: readonly (Query | null)[]): Promise<void> {
  const all = queries.flatMap((q) => q ?? []);
  if (sql.kind === 'pglite') await Promise.all(all.map((q) => sql.query(q.text, q.params)));
  else for (const q of all) await sql.query(q.text, q.params);
}
