export { standInOccurrences } from './occurrences.ts';
export type { DarwinCoreRecord, OccurrenceService } from './occurrences.ts';
