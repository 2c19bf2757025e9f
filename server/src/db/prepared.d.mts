import type { PGlite } from '@electric-sql/pglite';

export interface PreparedQueries {
  query(text: string, params: readonly unknown[]): Promise<readonly unknown[]>;
  /** Lets go of every plan, for when the tables themselves have changed. */
  forget(): Promise<void>;
}

/** Runs queries of one PGlite; a text that comes again is read and planned once. */
export function preparedQueries(db: PGlite): PreparedQueries;
