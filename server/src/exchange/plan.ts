import type { Progress } from '../jobs/index.ts';
import { keptThread } from '../threads/index.ts';
import { planFile } from './read.ts';
import type { Planned, ReadRequest } from './read.ts';

/** A file up to this many characters is compared at once; starting a thread would take longer. */
const SMALL = 100_000;
type Told = { stage: string; done: number; total: number | null } | { planned: string } | { failed: string };

const thread = keptThread(new URL('./plan.worker.ts', import.meta.url));

/** Lets a thread start while something else is read, if a file of this length needs one. */
export function makeReady(length: number): void {
  if (length > SMALL) thread.makeReady();
}

function inThread(request: ReadRequest, progress: Progress): Promise<Planned> {
  return new Promise((resolve, reject) => {
    const worker = thread.take();
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
