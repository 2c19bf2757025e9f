import { Worker } from 'node:worker_threads';
import type { Progress } from '../jobs/index.ts';
import { planFile } from './read.ts';
import type { Planned, ReadRequest } from './read.ts';

/** A file up to this many characters is compared at once; starting a thread would take longer. */
const SMALL = 100_000;

type Told = { stage: string; done: number; total: number | null } | { planned: Planned };

function inThread(request: ReadRequest, progress: Progress): Promise<Planned> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./thread.mjs', import.meta.url), {
      workerData: request,
      execArgv: [],
      resourceLimits: { maxOldGenerationSizeMb: 1500 },
    });
    progress.onCancel(() => {
      void worker.terminate();
      reject(new Error('Stopped'));
    });
    worker.on('message', (told: Told) => {
      if ('planned' in told) resolve(told.planned);
      else progress(told.stage, told.done, told.total);
    });
    worker.on('error', reject);
    worker.on('exit', (code) => {
      if (code !== 0) reject(new Error(`The thread ended with ${code}`));
    });
  });
}

/** Reads and compares a file; a large one in a thread of its own, so that phones are answered meanwhile. */
export const planned = (request: ReadRequest, progress: Progress): Promise<Planned> =>
  request.text.length <= SMALL ? Promise.resolve(planFile(request, progress)) : inThread(request, progress);
