// A thread starts without the loader of TypeScript, whatever its process was started with.
import { register } from 'tsx/esm/api';

register();
await import('./plan.worker.ts');
