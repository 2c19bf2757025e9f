import { parentPort } from 'node:worker_threads';

/** Answers each message with all that came so far. */
const heard: unknown[] = [];
parentPort?.on('message', (message) => {
  heard.push(message);
  parentPort?.postMessage([...heard]);
});
