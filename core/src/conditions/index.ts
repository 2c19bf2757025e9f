export * from './types.ts';
export { allowedHandling } from './allowed.ts';
export { addDays, dayOfYear, isDate, showDay } from './day.ts';
export { inSeason, within } from './seasons.ts';
export { handlingWords, materialWords, visible } from './visible.ts';
export { HOPKINS, SHIFT_GUESS, shiftDays, shiftWindows } from './shift.ts';
export type { Place, ShiftRates } from './shift.ts';
export { EVERYTHING_AT_THE_TREE, conditionsFromQuery, conditionsToQuery } from './codec.ts';
