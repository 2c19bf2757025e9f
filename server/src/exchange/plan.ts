import { Worker } from 'node:worker_threads';
import type { Progress } from '../jobs/index.ts';
import { planFile } from './read.ts';
import type { Planned, ReadRequest } from './read.ts';

/** A file up to this many characters is compared at once; starting a thread would take longer. */
const SMALL = 100_000;
/** A thread that waits longer than this for another file is ended; it holds the whole vocabulary. */
const IDLE = 5 * 60_000;

type Told = { stage: string; done: number; total: number | null } | { planned: string } | { failed: string };

let waiting: { readonly worker: Worker; readonly end: NodeJS.Timeout } | null = null;

const start = (): Worker => {
  const worker = new Worker(new URL('./thread.mjs', import.meta.url), {
    execArgv: [],
    resourceLimits: { maxOldGenerationSizeMb: 1500 },
  });
  worker.unref();
  return worker;
};

function taken(): Worker {
  const worker = waiting?.worker ?? start();
  if (waiting) clearTimeout(waiting.end);
  waiting = null;
  return worker;
}

/** Keeps a thread for the next file: the file that was shown is mostly the one that is taken in. */
function keep(worker: Worker): void {
  worker.removeAllListeners();
  worker.unref();
  if (waiting) return void worker.terminate();
  const end = setTimeout(() => {
    waiting = null;
    void worker.terminate();
  }, IDLE).unref();
  waiting = { worker, end };
  // One that breaks or ends while it waits is not waited for.
  const forget = (): void => {
    clearTimeout(end);
    if (waiting?.worker === worker) waiting = null;
  };
  worker.once('error', forget);
  worker.once('exit', forget);
}

/** Lets a thread start while something else is read, if a file of this length needs one. */
export function makeReady(length: number): void {
  if (length > SMALL && !waiting) keep(start());
}

function inThread(request: ReadRequest, progress: Progress): Promise<Planned> {
  return new Promise((resolve, reject) => {
    const worker = taken();
    worker.removeAllListeners();
    worker.ref();
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
      keep(worker);
      if ('failed' in told) reject(new Error(told.failed));
      else resolve(JSON.parse(told.planned) as Planned);
    });
    worker.on('error', reject);
    worker.on('exit', (code) => reject(new Error(`The thread ended with ${code}`)));
    worker.postMessage(request);
  });
}

/** Reads and compares a file; a large one in a thread of its own, so that phones are answered meanwhile. */
export const planned = (request: ReadRequest, progress: Progress): Promise<Planned> =>
  request.text.length <= SMALL ? Promise.resolve(planFile(request, progress)) : inThread(request, progress);
