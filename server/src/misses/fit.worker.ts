import { parentPort } from 'node:worker_threads';
import { fitMisses } from '@hurrow/core/misses';
import type { MissData } from '@hurrow/core/misses';

/** Fits the rates of one class beside the main loop, and tells how many passes it has made. */
parentPort?.once('message', (data: MissData) => {
  try {
    parentPort?.postMessage({
      result: fitMisses(data, (done, total) => parentPort?.postMessage({ done, total })),
    });
  } catch (error) {
    parentPort?.postMessage({ failed: error instanceof Error ? error.message : String(error) });
  }
});
