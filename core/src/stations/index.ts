export { conditionsOf, groundsOf, shownValue, shownValues, stationShown } from './shown.ts';
export type { FrozenValue, Setting, Shown, StationShown } from './shown.ts';
export { compareStation } from './comparisons.ts';
export { stationChecker } from './checker.ts';
export type { StationAt, StationFinding } from './checker.ts';
export { freezeStation } from './freeze.ts';
export type { FrozenRival, FrozenStation, FrozenTell } from './freeze.ts';
