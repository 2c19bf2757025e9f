import { parentPort } from 'node:worker_threads';
import { recognizeLines, wholeRequest } from './recognized.ts';
import type { PlainRequest } from './recognized.ts';

parentPort?.once('message', (request: PlainRequest) => {
  try {
    parentPort?.postMessage({ result: recognizeLines(wholeRequest(request)) });
  } catch (error) {
    parentPort?.postMessage({ failed: error instanceof Error ? error.message : String(error) });
  }
});
