import { PGlite, types } from '@electric-sql/pglite';
import { PLANNING } from './database.ts';
import type { Database } from './database.ts';
import { oneConnection } from './oneConnection.ts';
import { preparedQueries } from './prepared.mjs';

const PARSERS = {
  [types.INT8]: Number,
  [types.NUMERIC]: Number,
  [types.DATE]: (text: string): string => text,
  [types.TIMESTAMPTZ]: (text: string): string => new Date(text).toISOString(),
};

function overPglite(db: PGlite): Database {
  const prepared = preparedQueries(db);
  return oneConnection({
    query: prepared.query,
    script: async (text) => {
      await db.exec(text);
      await prepared.forget();
    },
    close: () => db.close(),
  });
}

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
  return overPglite(db);
}

/** A dump of a prepared in-memory database, for tests to start from. */
export async function dumpPglite(prepare: (db: Database) => Promise<void>): Promise<Blob> {
  const db = await PGlite.create({ parsers: PARSERS });
  await prepare(overPglite(db));
  const dump = await db.dumpDataDir('none');
  await db.close();
  return dump;
}
