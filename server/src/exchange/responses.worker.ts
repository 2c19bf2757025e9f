import { parentPort } from 'node:worker_threads';
import { planResponseFile } from './responsePlan.ts';
import type { ResponseRequest } from './responsePlan.ts';

const tell = (message: unknown): void => parentPort?.postMessage(message);

parentPort?.on('message', (request: ResponseRequest) => {
  try {
    const planned = planResponseFile(request, (stage, done, total) => tell({ stage, done, total }));
    // Many small objects pass between threads faster as text.
    tell({ planned: JSON.stringify(planned) });
  } catch (error) {
    tell({ failed: error instanceof Error ? error.message : String(error) });
  }
});
