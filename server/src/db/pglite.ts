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

/** PGlite in a folder, or in memory where no folder is given. */
export async function openPglite(folder?: string): Promise<Database> {
  const db = await PGlite.create({ ...(folder ? { dataDir: folder } : {}), parsers: PARSERS });
  await db.exec(`set ${PLANNING}`);
  return overPglite(db);
}
