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
  kind: 'postgres',
  query: async <T>(text: string, params: readonly unknown[] = []): Promise<readonly T[]> =>
    (await client.query(text, [...params])).rows as T[],
});

/**
 * A PostgreSQL server, 15 or later.
 * @param report told of connections that the server closed; the pool opens new ones by itself.
 */
export function openPostgres(url: string, report: (error: unknown) => void = () => undefined): Database {
  const pool = new pg.Pool({ connectionString: url, types, max: 8, options: `-c ${PLANNING}` });
  // Without a listener the loss of an idle connection would end the process.
  pool.on('error', report);
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
      client.on('error', report);
      let broken: Error | undefined;
      try {
        await client.query('begin');
        const result = await withinTransaction(() => fn(over(client)));
        await client.query('commit');
        return result;
      } catch (error) {
        // A connection that cannot even roll back is thrown away; the first error is the one to tell.
        await client.query('rollback').catch((e: unknown) => {
          broken = e instanceof Error ? e : new Error(String(e));
        });
        throw error;
      } finally {
        client.off('error', report);
        client.release(broken);
      }
    },
    script: async (text) => {
      const client = await pool.connect();
      let broken: Error | undefined;
      try {
        await client.query(text);
      } catch (error) {
        await client.query('rollback').catch((e: unknown) => {
          broken = e instanceof Error ? e : new Error(String(e));
        });
        throw error;
      } finally {
        client.release(broken);
      }
    },
    close: () => pool.end(),
  };
}
