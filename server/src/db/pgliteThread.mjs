// PGlite in a thread of its own. Plain JavaScript, so that it starts without the loader of TypeScript.
import { parentPort, workerData } from 'node:worker_threads';
import { PGlite, types } from '@electric-sql/pglite';
import { preparedQueries } from './prepared.mjs';

const db = await PGlite.create({
  dataDir: workerData.folder,
  parsers: {
    [types.INT8]: Number,
    [types.NUMERIC]: Number,
    [types.DATE]: (text) => text,
    [types.TIMESTAMPTZ]: (text) => new Date(text).toISOString(),
  },
});
await db.exec(`set ${workerData.planning}`);
const prepared = preparedQueries(db);

/** What a fault is told by, since an error that is copied between threads keeps its message alone. */
const faultOf = (error) => ({ ...error, message: error?.message ?? String(error), stack: error?.stack });

const WORK = {
  query: ({ text, params }) => prepared.query(text, params),
  script: async ({ text }) => {
    await db.exec(text);
    await prepared.forget();
    return [];
  },
  close: async () => {
    await db.close();
    return [];
  },
};

async function answer(asked) {
  try {
    parentPort.postMessage({ n: asked.n, rows: await WORK[asked.work](asked) });
  } catch (error) {
    parentPort.postMessage({ n: asked.n, fault: faultOf(error) });
  }
  if (asked.work === 'close') parentPort.close();
}
parentPort.on('message', (asked) => void answer(asked));
parentPort.postMessage({ n: 0, rows: [] });
