import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { ImportedSittings } from './applyResponses.ts';

/** Tables an import writes, in an order in which rows may be put in, with the columns of their keys. */
export const WRITTEN = {
  character: ['id'],
  state: ['character', 'id'],
  character_applies: ['character', 'controller', 'state'],
  confusion: ['character', 'true_state', 'read_as'],
  word: ['id'],
  source: ['id'],
  policy_override: ['character'],
  taxon: ['id'],
  taxon_parent: ['child', 'parent', 'kind'],
  name: ['id'],
  name_root: ['id'],
  name_root_of: ['name', 'root'],
  prose: ['id'],
  caution: ['id'],
  range_record: ['taxon', 'region'],
  range_area: ['id'],
  season_window: ['id'],
  record_tree: ['taxon'],
  statement: ['id'],
  statement_state: ['statement', 'state'],
  statement_range: ['statement'],
  pair_note: ['id'],
  list: ['id'],
  list_member: ['list', 'taxon'],
  student: ['id'],
  enrolment: ['section', 'student', 'from_on'],
} as const satisfies Readonly<Record<string, readonly string[]>>;

export type WrittenTable = keyof typeof WRITTEN;
export const IN_ORDER = Object.keys(WRITTEN) as readonly WrittenTable[];

export type Row = Readonly<Record<string, unknown>>;

/** All it takes to put back what an import did: rows as they were before, and keys of rows that were not there. */
export interface Undo {
  readonly before: Partial<Record<WrittenTable, readonly Row[]>>;
  readonly after: Partial<Record<WrittenTable, readonly (readonly unknown[])[]>>;
  /** How many statements it brought that were not there; they bear its id. */
  readonly brought?: number;
  /** The library's policy for several sources before; missing where it was not touched. */
  readonly merge?: string;
  /** What the import left, so that a later change is noticed. */
  readonly left: readonly Left[];
  /** Sittings that an import of responses made. */
  readonly imported?: ImportedSittings;
}

/** Digests of what stands in a table, by the value of one of its columns. */
export interface Left {
  readonly table: WrittenTable;
  readonly column: string;
  readonly digests: Readonly<Record<string, string>>;
}

export interface Recorder {
  readonly sql: Sql;
  readonly ws: string;
  /** The id of the import. */
  readonly batch: string;
  /** Puts in rows that were not there. */
  insert(table: WrittenTable, rows: readonly Row[]): Promise<void>;
  /** Remembers rows that were put in by other means. */
  put(table: WrittenTable, keys: readonly (readonly unknown[])[]): void;
  /** Counts statements that were put in with the id of the import. */
  brought(n: number): void;
  /** Keeps the rows in which a column has one of some values, as they are before they are changed or taken away. */
  keep(table: WrittenTable, column: string, values: readonly unknown[]): Promise<void>;
  /** Keeps and takes away the rows in which a column has one of some values. */
  remove(table: WrittenTable, column: string, values: readonly unknown[]): Promise<void>;
  keepMerge(policy: string): void;
  /** Marks what a later change of would stand against undoing. */
  watch(table: WrittenTable, column: string, values: readonly unknown[]): void;
  finish(): Promise<Undo>;
}

const CHUNK = 5000;

/** Digests of the rows of a table by the value of one column. */
export async function digestsOf(
  sql: Sql,
  ws: string,
  table: WrittenTable,
  column: string,
  values: readonly unknown[],
): Promise<Readonly<Record<string, string>>> {
  const rows = await sql.query<{ v: string; d: string }>(
    `select ${column}::text as v, md5(string_agg(to_jsonb(t)::text, ',' order by to_jsonb(t)::text)) as d
     from "${table}" t where ws = $1 and ${column}::text = any($2::text[]) group by ${column}`,
    [ws, values],
  );
  return Object.fromEntries(rows.map((r) => [r.v, r.d]));
}

/** Writes while keeping what undoing needs. */
export function recorder(sql: Sql, ws: string, batch: string): Recorder {
  const before: Partial<Record<WrittenTable, Row[]>> = {};
  const after: Partial<Record<WrittenTable, (readonly unknown[])[]>> = {};
  const kept: Partial<Record<WrittenTable, Set<string>>> = {};
  const watched = new Map<string, { table: WrittenTable; column: string; values: Set<string> }>();
  let merge: string | undefined;
  let brought = 0;
  const keep = async (table: WrittenTable, column: string, values: readonly unknown[]): Promise<void> => {
    if (values.length === 0) return;
    const rows = await sql.query<{ row: Row }>(
      `select to_jsonb(t) as row from "${table}" t where ws = $1 and ${column}::text = any($2::text[])`,
      [ws, values],
    );
    const had = (before[table] ??= []);
    const once = (kept[table] ??= new Set());
    for (const { row } of rows) {
      const key = JSON.stringify(WRITTEN[table].map((c) => row[c]));
      if (once.has(key)) continue;
      once.add(key);
      had.push(row);
    }
  };
  const add = async (table: WrittenTable, rows: readonly Row[]): Promise<void> => {
    for (let i = 0; i < rows.length; i += CHUNK) {
      await insertRows(
        sql,
        table,
        rows.slice(i, i + CHUNK).map((r) => ({ ws, ...r })),
      );
    }
  };
  return {
    sql,
    ws,
    batch,
    insert: async (table, rows) => {
      const keys = WRITTEN[table];
      await add(table, rows);
      const kept = (after[table] ??= []);
      for (const r of rows) kept.push(keys.map((k) => r[k]));
    },
    put: (table, keys) => {
      const kept = (after[table] ??= []);
      for (const k of keys) kept.push(k);
    },
    brought: (n) => {
      brought += n;
    },
    keep,
    remove: async (table, column, values) => {
      if (values.length === 0) return;
      await keep(table, column, values);
      await sql.query(`delete from "${table}" where ws = $1 and ${column}::text = any($2::text[])`, [
        ws,
        values,
      ]);
    },
    keepMerge: (policy) => {
      merge = policy;
    },
    watch: (table, column, values) => {
      const key = `${table}.${column}`;
      const of = watched.get(key) ?? { table, column, values: new Set<string>() };
      for (const v of values) of.values.add(String(v));
      watched.set(key, of);
    },
    finish: async () => {
      const left: Left[] = [];
      for (const { table, column, values } of watched.values()) {
        const digests = await digestsOf(sql, ws, table, column, [...values]);
        left.push({
          table,
          column,
          digests: Object.fromEntries([...values].map((v) => [v, digests[v] ?? ''])),
        });
      }
      return { before, after, brought, left, ...(merge === undefined ? {} : { merge }) };
    },
  };
}
