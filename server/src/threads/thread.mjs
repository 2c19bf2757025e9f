// Starts a module in its thread: one of the sources with the loader of TypeScript, one that was built as it is.
import { workerData } from 'node:worker_threads';

if (workerData.module.endsWith('.ts')) (await import('tsx/esm/api')).register();
await import(workerData.module);
