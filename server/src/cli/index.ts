export { commandLine } from './commandLine.ts';
export type { Surroundings } from './surroundings.ts';
