import { parentPort } from 'node:worker_threads';
import { fitMisses, unpackMisses } from '@hurrow/core/misses';
import type { PackedMisses } from '@hurrow/core/misses';

/** Fits the rates of one class beside the main loop, and tells how many passes it has made. */
parentPort?.once('message', (packed: PackedMisses) => {
  try {
    parentPort?.postMessage({
      result: fitMisses(unpackMisses(packed), (done, total) => parentPort?.postMessage({ done, total })),
    });
  } catch (error) {
    parentPort?.postMessage({ failed: error instanceof Error ? error.message : String(error) });
  }
});
