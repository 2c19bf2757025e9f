import type { Worker } from 'node:worker_threads';
import type { Progress } from '../jobs/index.ts';
import type { KeptThread } from '../threads/index.ts';

type Told = { stage: string; done: number; total: number | null } | { planned: string } | { failed: string };

/** Asks a kept thread to plan something, tells how far it is, and ends it where somebody stops the work. */
export function inPlanThread<T>(thread: KeptThread, request: unknown, progress: Progress): Promise<T> {
  return new Promise((resolve, reject) => {
    const worker: Worker = thread.take();
    let under = true;
    progress.onCancel(() => {
      // What is stopped later, while it is written, leaves the thread to the next file.
      if (!under) return;
      under = false;
      void worker.terminate();
      reject(new Error('Stopped'));
    });
    worker.on('message', (told: Told) => {
      // What it said before it was stopped may still be on its way.
      if (!under) return;
      if ('stage' in told) return progress(told.stage, told.done, told.total);
      under = false;
      thread.keep(worker);
      if ('failed' in told) reject(new Error(told.failed));
      else resolve(JSON.parse(told.planned) as T);
    });
    worker.on('error', reject);
    worker.on('exit', (code) => reject(new Error(`The thread ended with ${code}`)));
    worker.postMessage(request);
  });
}
