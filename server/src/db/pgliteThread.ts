import { Worker } from 'node:worker_threads';
import { PLANNING } from './database.ts';
import type { Database } from './database.ts';
import { placeEmptyFolder } from './emptyFolder.ts';
import type { Empty } from './emptyFolder.ts';
import { oneConnection } from './oneConnection.ts';

type Work =
  | { readonly work: 'query'; readonly text: string; readonly params: readonly unknown[] }
  | { readonly work: 'script'; readonly text: string }
  | { readonly work: 'close' };

interface Told {
  /** The number of what was asked; 0 once the database is open. */
  readonly n: number;
  readonly rows?: readonly unknown[];
  readonly fault?: { readonly message: string };
}

interface Waiting {
  readonly resolve: (rows: readonly unknown[]) => void;
  readonly reject: (error: unknown) => void;
}

/** An error of the other thread, with everything it was told by. */
const asError = (fault: { readonly message: string }): Error =>
  Object.assign(new Error(fault.message), fault);

/**
 * PGlite on a folder, an empty one where there is none yet, in a thread of its own, so that no query holds up the event loop of the
 * server. The thread lives from the opening to `close`; should it end before, every query that waits and every later one fails.
 * @param empty what is put there where there is none.
 */
export async function openPgliteThread(folder: string, empty: Empty = 'bare'): Promise<Database> {
  placeEmptyFolder(folder, empty);
  const worker = new Worker(new URL('./pgliteThread.mjs', import.meta.url), {
    execArgv: [],
    workerData: { folder, planning: PLANNING },
  });
  const waiting = new Map<number, Waiting>();
  let asked = 0;
  let ended: Error | null = null;
  const end = (error: Error): void => {
    ended ??= error;
    for (const w of waiting.values()) w.reject(error);
    waiting.clear();
  };
  worker.on('error', (error) => end(error instanceof Error ? error : new Error(String(error))));
  worker.on('exit', () => end(new Error('The database thread has ended')));
  worker.on('message', ({ n, rows, fault }: Told) => {
    const w = waiting.get(n);
    waiting.delete(n);
    if (fault) w?.reject(asError(fault));
    else w?.resolve(rows ?? []);
  });
  const reply = (n: number): Promise<readonly unknown[]> =>
    new Promise((resolve, reject) => {
      if (ended) reject(ended);
      else waiting.set(n, { resolve, reject });
    });
  const ask = (work: Work): Promise<readonly unknown[]> => {
    asked += 1;
    const answer = reply(asked);
    worker.postMessage({ n: asked, ...work });
    return answer;
  };
  await reply(0);
  return oneConnection({
    query: (text, params) => ask({ work: 'query', text, params }),
    script: async (text) => {
      await ask({ work: 'script', text });
    },
    close: async () => {
      if (ended) return;
      await ask({ work: 'close' });
      await worker.terminate();
    },
  });
}
