import { Worker } from 'node:worker_threads';

type Told<T> =
  | { readonly result: T }
  | { readonly failed: string }
  | { readonly done: number; readonly total: number };

/** Megabytes: a fit of 200,000 answers holds some 400 of them, and would spend its time on making room in less. */
const MOST_MEMORY = 1500;

/** Who follows work in a thread, and can end it. */
export interface Watch {
  /** Told how far it is. What it throws ends the work. */
  readonly onProgress: (done: number, total: number) => void;
  /** Given what ends the work at once. */
  readonly onCancel: (stop: () => void) => void;
}

/**
 * Runs one computation in a thread of its own, so that nobody else waits for it.
 * @param module a module that answers its first message with `{ result }` or `{ failed }`.
 * @param request plain data; it is copied.
 * @param watch who is told of `{ done, total }` on the way.
 */
export function inThread<T>(module: URL, request: unknown, watch?: Watch): Promise<T> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./thread.mjs', import.meta.url), {
      execArgv: [],
      workerData: { module: module.href },
      resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
    });
    const settle = (done: () => void): void => {
      done();
      void worker.terminate();
    };
    watch?.onCancel(() => settle(() => reject(new Error('The thread was stopped'))));
    worker.on('message', (told: Told<T>) => {
      if (!('done' in told))
        return settle(() => ('failed' in told ? reject(new Error(told.failed)) : resolve(told.result)));
      try {
        watch?.onProgress(told.done, told.total);
      } catch (error) {
        settle(() => reject(error as Error));
      }
    });
    worker.on('error', (error) => settle(() => reject(error)));
    worker.on('exit', (code) => reject(new Error(`The thread ended with ${code}`)));
    try {
      worker.postMessage(request);
    } catch (error) {
      // What cannot be copied never starts the work, and an idle thread would keep the process alive.
      settle(() => reject(error as Error));
    }
  });
}
