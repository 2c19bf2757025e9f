import pg from 'pg';
import { PLANNING, refuseInsideTransaction, withinTransaction } from './database.ts';
import type { Database, Sql } from './database.ts';

const OID = { int8: 20, numeric: 1700, date: 1082, timestamptz: 1184 } as const;

const types: pg.CustomTypesConfig = {
  getTypeParser: (oid: number, format?: 'text' | 'binary') => {
    switch (oid) {
      case OID.int8:
      case OID.numeric:
        return Number;
      case OID.date:
        return (text: string): string => text;
      case OID.timestamptz:
        return (text: string): string => new Date(text).toISOString();
      default:
        return pg.types.getTypeParser(oid, format as 'text') as (text: string) => unknown;
    }
  },
} as pg.CustomTypesConfig;

const over = (client: { query(text: string, params: unknown[]): Promise<{ rows: unknown[] }> }): Sql => ({
  query: async <T>(text: string, params: readonly unknown[] = []): Promise<readonly T[]> =>
    (await client.query(text, [...params])).rows as T[],
});

/** A PostgreSQL server, 15 or later. */
export function openPostgres(url: string): Database {
  const pool = new pg.Pool({ connectionString: url, types, max: 8, options: `-c ${PLANNING}` });
  const sql = over(pool);
  return {
    kind: 'postgres',
    query: (text, params) => {
      refuseInsideTransaction();
      return sql.query(text, params);
    },
    transaction: async (fn) => {
      refuseInsideTransaction();
      const client = await pool.connect();
      try {
        await client.query('begin');
        const result = await withinTransaction(() => fn(over(client)));
        await client.query('commit');
        return result;
      } catch (error) {
        await client.query('rollback');
        throw error;
      } finally {
        client.release();
      }
    },
    script: async (text) => {
      await pool.query(text);
    },
    close: () => pool.end(),
  };
}
