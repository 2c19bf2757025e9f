import { parentPort } from 'node:worker_threads';
import { planFile } from './read.ts';
import type { ReadRequest } from './read.ts';

const tell = (message: unknown): void => parentPort?.postMessage(message);

parentPort?.on('message', (request: ReadRequest) => {
  try {
    const planned = planFile(request, (stage, done, total) => tell({ stage, done, total }));
    // Many small objects pass between threads faster as text.
    tell({ planned: JSON.stringify(planned) });
  } catch (error) {
    tell({ failed: error instanceof Error ? error.message : String(error) });
  }
});
