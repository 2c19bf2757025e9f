export { ok, refuse } from './result.ts';
export type { Problem, Result } from './result.ts';
