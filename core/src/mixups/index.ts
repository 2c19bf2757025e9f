export { jeffreys } from './rates.ts';
export type { Interval } from './rates.ts';
export { countMixUps } from './counts.ts';
export type { Look, MixUp } from './counts.ts';
export { diagnose } from './diagnose.ts';
export type { CalledLook, ReadCall, Reading } from './diagnose.ts';
export { SMALLEST_CLASS, classThreshold, pairStates } from './pairStates.ts';
export type { PairInterval, PairStateName, RetaughtPair, SectionSitting } from './pairStates.ts';
