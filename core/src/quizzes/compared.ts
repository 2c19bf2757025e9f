import { taughtBy } from './taughtBy.ts';

export interface ListedSpecies {
  readonly taxon: string;
  readonly week: number | null;
  /** It can hurt whoever takes it for something else. */
  readonly hazardous: boolean;
}

/**
 * The species a station is compared with: those taught by the day, and hazardous ones always.
 * @param whole the whole list, taught or not.
 */
export const comparedWith = (
  list: readonly ListedSpecies[],
  startsOn: string | null,
  on: string,
  whole = false,
): readonly string[] =>
  list.filter((m) => whole || m.hazardous || taughtBy(m.week, startsOn, on)).map((m) => m.taxon);
