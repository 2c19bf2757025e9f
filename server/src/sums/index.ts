export { countMetBefore, countSums, lockAllSums, lockSums } from './sums.ts';
export type { Regraded } from './recount.ts';
export { countPairs, effectsOf, statesUnder } from './pairs.ts';
export { flagsKept, flagsNow, flagsUnder } from './flags.ts';
export { mixUpSettings } from './settings.ts';
export { exposureFrom, rowsFrom, totalsFrom } from './sectionRows.ts';
export { upgradeSums } from './upgrade.ts';
