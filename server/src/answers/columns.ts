/** Rows as columns, for `unnest`. */
export const columns = <T>(rows: readonly T[], ...of: ((row: T) => unknown)[]): unknown[][] =>
  of.map((pick) => rows.map(pick));
