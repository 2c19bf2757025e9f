import { one } from './database.ts';
import type { Sql } from './database.ts';

/** Rows as one text, which passes from the database and between threads many times as fast as objects do. */
export type RowsText<T> = string & { readonly rows?: readonly T[] };

/** Asks for rows as one text. What JSON does not hold (a date, a time) comes as PostgreSQL writes it there. */
export async function asText<T>(sql: Sql, query: string, params: readonly unknown[]): Promise<RowsText<T>> {
  const { rows } = await one<{ rows: string }>(
    sql,
    `select coalesce(json_agg(x), '[]')::text as rows from (${query}) x`,
    params,
  );
  return rows;
}

/** The rows of a text that was made here. */
export const rowsOf = <T>(text: RowsText<T>): readonly T[] => JSON.parse(text) as readonly T[];

/** Reads many rows through one text. The query orders them. */
export const readMany = async <T>(
  sql: Sql,
  query: string,
  params: readonly unknown[],
): Promise<readonly T[]> => rowsOf(await asText<T>(sql, query, params));
