export { GATHERED, gatherFrom, goodUntil, isGathered, keepsDays } from './keeping.ts';
export type { Gathered, KeepsBy } from './keeping.ts';
export { SPECIMEN_STATES, SPECIMEN_STEPS, cuttingList } from './list.ts';
export type { CuttingItem, Permission, SpecimenState, StationToSupply } from './list.ts';
