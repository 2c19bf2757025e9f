import { parentPort, workerData } from 'node:worker_threads';
import { planFile } from './read.ts';
import type { ReadRequest } from './read.ts';

const tell = (message: unknown): void => parentPort?.postMessage(message);
const planned = planFile(workerData as ReadRequest, (stage, done, total) => tell({ stage, done, total }));
tell({ planned });
