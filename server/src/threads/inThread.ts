import { Worker } from 'node:worker_threads';

type Told<T> = { readonly result: T } | { readonly failed: string };

/**
 * Runs one computation in a thread of its own, so that nobody else waits for it.
 * @param module a module that answers its first message with `{ result }` or `{ failed }`.
 * @param request plain data; it is copied.
 */
export function inThread<T>(module: URL, request: unknown): Promise<T> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./thread.mjs', import.meta.url), {
      execArgv: [],
      workerData: { module: module.href },
      resourceLimits: { maxOldGenerationSizeMb: 500 },
    });
    const settle = (done: () => void): void => {
      done();
      void worker.terminate();
    };
    worker.on('message', (told: Told<T>) =>
      settle(() => ('failed' in told ? reject(new Error(told.failed)) : resolve(told.result))),
    );
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
