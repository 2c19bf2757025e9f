export { countSums, lockAllSums, lockSums, setMetBefore } from './sums.ts';
export type { Regraded } from './sums.ts';
export { countPairs, statesUnder } from './pairs.ts';
export { flagsKept, flagsNow, flagsUnder } from './flags.ts';
export { mixUpSettings } from './settings.ts';
