export { POLICY, namePoints } from './points.ts';
export type { MarkPolicy, NameAsk } from './points.ts';
export { judgeCall } from './calls.ts';
export type { Call, CallOutcome } from './calls.ts';
export { HOLD_DAYS, stationHolds } from './holds.ts';
export type { OtherSitting, ReturnedStation, RunState, StationHold } from './holds.ts';
