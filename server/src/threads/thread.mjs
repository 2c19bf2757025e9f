// A thread starts without the loader of TypeScript, whatever its process was started with.
import { workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
await import(workerData.module);
