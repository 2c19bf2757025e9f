import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

const MOST = 64;
const kept = new Map<string, unknown>();

/**
 * What was read of the library is kept under its stamp. A stamp never comes twice, so something read inside a
 * transaction that is rolled back is never found again, and a change by another process is seen at once.
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
  if (kept.has(key)) {
    const had = kept.get(key) as T;
    kept.delete(key);
    kept.set(key, had);
    return had;
  }
  const fresh = await read();
  kept.set(key, fresh);
  for (const oldest of kept.keys()) {
    if (kept.size <= MOST) break;
    kept.delete(oldest);
  }
  return fresh;
}
