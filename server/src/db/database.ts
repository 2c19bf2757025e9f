import { AsyncLocalStorage } from 'node:async_hooks';

/** Plain SQL with `$1` parameters. Parameters for jsonb are passed as text and cast: `$1::jsonb`. */
export interface Sql {
  readonly kind: 'pglite' | 'postgres';
  query<T>(text: string, params?: readonly unknown[]): Promise<readonly T[]>;
}

export interface Database extends Sql {
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

/** What was just written and is read again. @throws where it is not there: a fault of the program. */
export function written<T>(row: T | null | undefined): T {
  if (row === null || row === undefined) throw new Error('What was just written is not there');
  return row;
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

/** A query with all it sends, so that it can be made while the database is at work on something else. */
export interface Query {
  readonly text: string;
  readonly params: readonly unknown[];
}

/**
 * Makes the insert of rows most of whose columns repeat: of each row only its ids are sent, and the rest once for all rows
 * that share it. Reading what is sent costs more than inserting it.
 * @param ids columns of type uuid that differ from row to row.
 */
export function sharingInsert(
  table: string,
  ids: readonly string[],
  rows: readonly Readonly<Record<string, unknown>>[],
): Query | null {
  const [first] = rows;
  if (!first) return null;
  const rest = Object.keys(first).filter((c) => !ids.includes(c));
  if (![table, ...ids, ...rest].every((c) => /^[a-z_]+$/.test(c))) throw new Error(`Not a table: ${table}`);
  const shared = new Map<string, number>();
  const places = rows.map((r) => {
    const text = JSON.stringify(Object.fromEntries(rest.map((c) => [c, r[c]])));
    const place = shared.get(text) ?? shared.size + 1;
    shared.set(text, place);
    return place;
  });
  const quoted = (of: string, columns: readonly string[]): string =>
    columns.map((c) => `${of}."${c}"`).join(', ');
  const arrays = ids.map((_, i) => `$${i + 1}::uuid[]`).join(', ');
  const [at, texts] = [ids.length + 1, ids.length + 2];
  return {
    // Else the planner joins the rows first and reads what they share once for each of them.
    text: `with s as materialized (
       select e.place, p.* from jsonb_array_elements($${texts}::jsonb) with ordinality e(content, place),
         jsonb_populate_record(null::public."${table}", e.content) p)
     insert into "${table}" (${[...ids, ...rest].map((c) => `"${c}"`).join(', ')})
     select ${quoted('o', ids)}, ${quoted('s', rest)}
     from unnest(${arrays}, $${at}::integer[]) o(${ids.map((c) => `"${c}"`).join(', ')}, place) join s on s.place = o.place`,
    // Each as one text, which passes between threads at once, where an array does value by value.
    params: [
      ...ids.map((c) => `{${rows.map((r) => String(r[c])).join()}}`),
      `{${places.join()}}`,
      `[${[...shared.keys()].join()}]`,
    ],
  };
}

/**
 * The condition that an id is one of those in an array parameter, or that the parameter is null. They are looked up in a table made
 * of them once: with `any`, a plan that is kept compares each row with each of them.
 * @param place of the parameter: 3 for $3.
 */
export const amongIds = (column: string, place: number): string =>
  `($${place}::uuid[] is null or ${column} in (select unnest($${place}::uuid[])))`;

/**
 * Writes derived rows whose keys were all read in the same transaction. On PGlite their foreign keys are not checked once
 * more, row by row: nobody else writes there meanwhile, and the checks take several times as long as the rows. A server
 * has other writers, so there everything is checked. Triggers do not run either. One call is for all that is written in a
 * row: each time this is turned on or off, the database forgets all plans it had made. It is not called within itself.
 */
export async function writeDerived<T>(tx: Sql, write: () => Promise<T>): Promise<T> {
  if (tx.kind === 'postgres') return write();
  await tx.query('set local session_replication_role = replica');
  const written = await write();
  await tx.query('set local session_replication_role = origin');
  return written;
}
