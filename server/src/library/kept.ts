import { LRUCache } from 'lru-cache';
import { gathered, perDatabase } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

const kept = new LRUCache<string, { readonly value: unknown }>({ max: 256 });

/** What a stamp stands for: all of the library, or the vocabulary alone, which changes seldom and is long to read. */
type Stamp = 'library_stamp' | 'vocabulary_stamp';

type Stamps = Readonly<Record<Stamp, string>>;

/** The stamps of a workspace as they are now: whoever asks while others wait for theirs is told together with them. */
const stampsOf = perDatabase((sql) =>
  gathered<string, Stamps>(async (workspaces) => {
    const rows = await sql.query<Stamps & { readonly id: string }>(
      'select id, library_stamp, vocabulary_stamp from workspace where id = any($1::uuid[])',
      [workspaces],
    );
    return new Map(rows.map((r) => [r.id, r]));
  }),
);

async function keptUnder<T>(
  stamp: Stamp,
  sql: Sql,
  ws: string,
  what: string,
  read: () => Promise<T>,
): Promise<T> {
  const stamps = await stampsOf(sql)(ws);
  if (!stamps) return read();
  const key = `${stamps[stamp]}/${what}`;
  const had = kept.get(key);
  if (had) return had.value as T;
  const value = await read();
  kept.set(key, { value });
  return value;
}

/**
 * Keeps what was read of the library under its stamp, the least recently used first to go. A stamp never comes twice, so
 * something read inside a transaction that is rolled back is never found again, and a change by another process is seen
 * at once.
 */
export const keptUnderStamp = <T>(sql: Sql, ws: string, what: string, read: () => Promise<T>): Promise<T> =>
  keptUnder('library_stamp', sql, ws, what, read);

/** Keeps what was read of characters, states, when they apply and what they are read for, under the stamp of those alone. */
export const keptWithVocabulary = <T>(
  sql: Sql,
  ws: string,
  what: string,
  read: () => Promise<T>,
): Promise<T> => keptUnder('vocabulary_stamp', sql, ws, what, read);
