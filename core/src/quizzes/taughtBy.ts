import { addDays } from '../conditions/index.ts';

const DAYS = 7;

/**
 * Whether a species of a list had been taught by a day.
 * @param week the week of the term in which it is taught, from 1; null where none is planned, which counts as taught.
 * @param startsOn the first day of the term, ISO; null where it is not known, and then everything counts as taught.
 * @param on the day of the sitting, ISO.
 */
export const taughtBy = (week: number | null, startsOn: string | null, on: string): boolean =>
  week === null || startsOn === null || addDays(startsOn, DAYS * (week - 1)) <= on;
