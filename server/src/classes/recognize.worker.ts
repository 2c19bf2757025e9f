import { parentPort } from 'node:worker_threads';
import { recognizeLines } from './recognized.ts';
import type { RecognizeRequest } from './recognized.ts';

parentPort?.once('message', (request: RecognizeRequest) => {
  try {
    parentPort?.postMessage({ result: recognizeLines(request) });
  } catch (error) {
    parentPort?.postMessage({ failed: error instanceof Error ? error.message : String(error) });
  }
});
