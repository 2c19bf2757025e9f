import { AsyncLocalStorage } from 'node:async_hooks';

/** Plain SQL with `$1` parameters. Parameters for jsonb are passed as text and cast: `$1::jsonb`. */
export interface Sql {
  query<T>(text: string, params?: readonly unknown[]): Promise<readonly T[]>;
}

export interface Database extends Sql {
  readonly kind: 'pglite' | 'postgres';
  /** Inside, only the handle given to `fn` may be used; anything thrown rolls all of it back. */
  transaction<T>(fn: (tx: Sql) => Promise<T>): Promise<T>;
  /** Several statements without parameters, for migrations; one that fails leaves no transaction open. */
  script(text: string): Promise<void>;
  close(): Promise<void>;
}

/**
 * Joins are written in the order in which they should be made. Left to try every order, the planner takes several
 * times as long over nine tables as the query itself.
 */
export const PLANNING = 'join_collapse_limit=4';

const inside = new AsyncLocalStorage<true>();

/**
 * Guards a transaction: with one connection, a query of the outer handle awaited inside would wait for ever. It is
 * refused at once instead.
 */
export const withinTransaction = <T>(fn: () => Promise<T>): Promise<T> => inside.run(true, fn);

export function refuseInsideTransaction(): void {
  if (inside.getStore()) throw new Error('Inside a transaction only the handle given to it may be used.');
}

/** The only row of a query. @throws where there is none or more than one. */
export async function one<T>(sql: Sql, text: string, params?: readonly unknown[]): Promise<T> {
  const rows = await sql.query<T>(text, params);
  const [first] = rows;
  if (rows.length !== 1 || first === undefined) throw new Error(`Expected one row, got ${rows.length}`);
  return first;
}

/** The first row of a query, or null. */
export async function maybe<T>(sql: Sql, text: string, params?: readonly unknown[]): Promise<T | null> {
  const [first] = await sql.query<T>(text, params);
  return first ?? null;
}

/** Inserts rows given as plain objects whose keys are column names; arrays and json go in as they are. */
export async function insertRows(
  sql: Sql,
  table: string,
  rows: readonly Readonly<Record<string, unknown>>[],
  onConflict = '',
): Promise<void> {
  if (rows.length === 0) return;
  const columns = [...new Set(rows.flatMap((r) => Object.keys(r)))];
  if (![table, ...columns].every((c) => /^[a-z_]+$/.test(c))) throw new Error(`Not a table: ${table}`);
  const names = columns.map((c) => `"${c}"`).join(', ');
  await sql.query(
    `insert into "${table}" (${names}) select ${names} from jsonb_populate_recordset(null::public."${table}", $1::jsonb) ${onConflict}`,
    [JSON.stringify(rows)],
  );
}
