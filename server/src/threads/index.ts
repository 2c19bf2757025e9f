export { inThread } from './inThread.ts';
export type { Watch } from './inThread.ts';
export { keptThread } from './keptThread.ts';
export type { KeptThread } from './keptThread.ts';
