export { countSums, lockAllSums, lockSums, setMetBefore } from './sums.ts';
export type { Regraded } from './sums.ts';
