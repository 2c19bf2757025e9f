export { Cancelled, jobsInMemory } from './jobs.ts';
export type { Jobs, Progress } from './jobs.ts';
