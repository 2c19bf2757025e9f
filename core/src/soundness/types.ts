/** Fewest students and stations for which a quiz can be judged at all. */
export const FEWEST = { students: 10, stations: 8 } as const;

/**
 * What students earned at stations: one row a student, one column a station, each cell a share of what could be earned
 * from 0 to 1, or null where the student was not at the station.
 */
export interface Scores {
  readonly students: readonly string[];
  readonly stations: readonly string[];
  readonly at: readonly (readonly (number | null)[])[];
}

/** A correlation that could be computed, or why it could not. */
export type Correlation =
  | {
      readonly is: 'known';
      readonly r: number;
      /** Chance of an r this low or lower where the station has nothing to do with the rest. */
      readonly p: number;
      /** Whether students who do well elsewhere do worse here, beyond chance. */
      readonly flagged: boolean;
    }
  | { readonly is: 'undefined'; readonly why: 'all_the_same' | 'rest_the_same' | 'too_few' };
