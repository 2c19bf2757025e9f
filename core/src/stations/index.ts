export { conditionsOf, groundsOf, shownValue, shownValues, stationShown } from './shown.ts';
export type { FrozenValue, Setting, Shown, StationShown } from './shown.ts';
export { stationComparer } from './comparisons.ts';
export type { StationComparer } from './comparisons.ts';
export { stationDescriber } from './describer.ts';
export type { DescribedAt, StationAt } from './describer.ts';
export { freezeStation } from './freeze.ts';
export type { FrozenRival, FrozenStation, FrozenTell } from './freeze.ts';
