export { couldGrow, fitOfNumber } from './growing.ts';
export type { Fit, Ground, Growing, GrowingPlace } from './growing.ts';
export { countyFinder, countyNames, countyOutlines, stateOutlines } from './outline.ts';
export type { Atlas, Located, Outline } from './outline.ts';
export { challengeOf, presenceAt } from './presence.ts';
export type { Challenge, Found, Presence, RangeArea, RangeRecord, Spot } from './presence.ts';
export { REGIONS, countyCode, isCounty, regionOf, stateByFips, stateOf } from './regions.ts';
export type { Region } from './regions.ts';
