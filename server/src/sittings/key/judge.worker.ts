import { parentPort } from 'node:worker_threads';
import { judgedBriefly } from './judgeStations.ts';
import type { JudgeRequest } from './judgeStations.ts';

/** Judges the stations of one request beside the main loop. */
parentPort?.once('message', (request: JudgeRequest) => {
  try {
    parentPort?.postMessage({ result: judgedBriefly(request) });
  } catch (error) {
    parentPort?.postMessage({ failed: error instanceof Error ? error.message : String(error) });
  }
});
