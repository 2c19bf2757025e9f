import type { Progress } from '../jobs/index.ts';
import { keptThread } from '../threads/index.ts';
import { inPlanThread } from './inPlanThread.ts';
import { planFile } from './read.ts';
import type { Planned, ReadRequest } from './read.ts';
import { planResponseFile } from './responsePlan.ts';
import type { PlannedResponses, ResponseRequest } from './responsePlan.ts';

/** A file up to this many characters is compared at once; starting a thread would take longer. */
const SMALL = 100_000;

const thread = keptThread(new URL('./plan.worker.ts', import.meta.url));
const responseThread = keptThread(new URL('./responses.worker.ts', import.meta.url));

/** Lets a thread start while something else is read, if a file of this length needs one. */
export function makeReady(length: number, of: 'library' | 'responses'): void {
  if (length > SMALL) (of === 'library' ? thread : responseThread).makeReady();
}

/** Reads and compares a file; a large one in a thread of its own, so that phones are answered meanwhile. */
export const planned = (request: ReadRequest, progress: Progress): Promise<Planned> =>
  request.text.length <= SMALL
    ? Promise.resolve(planFile(request, progress))
    : inPlanThread<Planned>(thread, request, progress);

/** Reads a responses file and holds it against what is known; a large one in a thread of its own. */
export const plannedResponses = (request: ResponseRequest, progress: Progress): Promise<PlannedResponses> =>
  request.text.length <= SMALL
    ? Promise.resolve(planResponseFile(request, progress))
    : inPlanThread<PlannedResponses>(responseThread, request, progress);
