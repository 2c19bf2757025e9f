import { LRUCache } from 'lru-cache';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

const kept = new LRUCache<string, { readonly value: unknown }>({ max: 256 });

/**
 * Keeps what was read of the library under its stamp, the least recently used first to go. A stamp never comes twice, so
 * something read inside a transaction that is rolled back is never found again, and a change by another process is seen
 * at once.
 */
export async function keptUnderStamp<T>(
  sql: Sql,
  ws: string,
  what: string,
  read: () => Promise<T>,
): Promise<T> {
  const row = await maybe<{ stamp: string }>(
    sql,
    'select library_stamp as stamp from workspace where id = $1',
    [ws],
  );
  if (!row) return read();
  const key = `${row.stamp}/${what}`;
  const had = kept.get(key);
  if (had) return had.value as T;
  const value = await read();
  kept.set(key, { value });
  return value;
}
