import { addDays } from './day.ts';
import { inSeason } from './seasons.ts';
import type { Season, Subject } from './types.ts';

const WEEKS = 52;

/** How many species show something in a week. */
export interface SeasonWeek {
  /** The first day of the week, ISO. */
  readonly on: string;
  readonly seen: Readonly<Record<string, number>>;
}

/**
 * Counts, week by week of a year, the species that show each season; one that shows it partly counts, one of which nothing is
 * recorded does not.
 * @param year four digits.
 */
export function seasonCounts(
  subjects: readonly Subject[],
  seasons: readonly Season[],
  year: string,
): readonly SeasonWeek[] {
  return Array.from({ length: WEEKS }, (_, w) => {
    const on = addDays(`${year}-01-01`, 7 * w);
    const seen = seasons.map((s) => {
      const count = subjects.filter((x) => ['yes', 'partly'].includes(inSeason(x, s, on).seen)).length;
      return [s, count] as const;
    });
    return { on, seen: Object.fromEntries(seen) };
  });
}
