import { PGlite, types } from '@electric-sql/pglite';
import { PLANNING, refuseInsideTransaction, withinTransaction } from './database.ts';
import type { Database, Sql } from './database.ts';

const PARSERS = {
  [types.INT8]: Number,
  [types.NUMERIC]: Number,
  [types.DATE]: (text: string): string => text,
  [types.TIMESTAMPTZ]: (text: string): string => new Date(text).toISOString(),
};

interface Asked {
  query<T>(text: string, params?: unknown[]): Promise<{ rows: T[] }>;
}

const over = (db: Asked): Sql => ({
  kind: 'pglite',
  query: async <T>(text: string, params: readonly unknown[] = []): Promise<readonly T[]> =>
    (await db.query<T>(text, [...params])).rows,
});

/**
 * PGlite in a folder, or in memory where no folder is given.
 * @param dump a data folder dumped before, to start from.
 */
export async function openPglite(folder?: string, dump?: Blob): Promise<Database> {
  const db = await PGlite.create({
    ...(folder ? { dataDir: folder } : {}),
    ...(dump ? { loadDataDir: dump } : {}),
    parsers: PARSERS,
  });
  await db.exec(`set ${PLANNING}`);
  const sql = over(db);
  return {
    kind: 'pglite',
    query: (text, params) => {
      refuseInsideTransaction();
      return sql.query(text, params);
    },
    transaction: (fn) => {
      refuseInsideTransaction();
      return db.transaction((tx) => withinTransaction(() => fn(over(tx))));
    },
    script: async (text) => {
      try {
        await db.exec(text);
      } catch (error) {
        await db.exec('rollback').catch(() => undefined);
        throw error;
      }
    },
    close: () => db.close(),
  };
}

/** A dump of a prepared in-memory database, for tests to start from. */
export async function dumpPglite(prepare: (db: Database) => Promise<void>): Promise<Blob> {
  const db = await PGlite.create({ parsers: PARSERS });
  const sql = over(db);
  await prepare({
    kind: 'pglite',
    query: sql.query,
    transaction: (fn) => db.transaction((tx) => fn(over(tx))),
    script: async (text) => {
      await db.exec(text);
    },
    close: () => Promise.resolve(),
  });
  const dump = await db.dumpDataDir('none');
  await db.close();
  return dump;
}
