export { jeffreys } from './rates.ts';
export type { Interval } from './rates.ts';
export { countMixUps } from './counts.ts';
export type { Look, MixUp } from './counts.ts';
export { diagnose } from './diagnose.ts';
export type { CalledLook, Reading } from './diagnose.ts';
