import { refuseInsideTransaction, withinTransaction } from './database.ts';
import type { Database, Sql } from './database.ts';
import { turns } from './turns.ts';

/** What the only connection of a database can do. Queries handed over beside each other are answered in their order. */
export interface Connection {
  query(text: string, params: readonly unknown[]): Promise<readonly unknown[]>;
  script(text: string): Promise<void>;
  close(): Promise<void>;
}

/**
 * A database over its only connection. A query is handed over without waiting for the one before, so that the connection
 * need not wait for whoever asks; a transaction has it to itself.
 */
export function oneConnection(connection: Connection): Database {
  const turn = turns();
  const direct: Sql = {
    kind: 'pglite',
    query: async <T>(text: string, params: readonly unknown[] = []): Promise<readonly T[]> =>
      (await connection.query(text, params)) as readonly T[],
  };
  return {
    kind: 'pglite',
    query: (text, params) => {
      refuseInsideTransaction();
      return turn.beside(() => direct.query(text, params));
    },
    transaction: (fn) => {
      refuseInsideTransaction();
      return turn.alone(async () => {
        await direct.query('begin');
        try {
          const result = await withinTransaction(() => fn(direct));
          await direct.query('commit');
          return result;
        } catch (error) {
          // The first error is the one to tell, whatever becomes of the rest.
          await direct.query('rollback').catch(() => undefined);
          throw error;
        }
      });
    },
    script: (text) =>
      turn.alone(async () => {
        try {
          await connection.script(text);
        } catch (error) {
          await direct.query('rollback').catch(() => undefined);
          throw error;
        }
      }),
    close: () => turn.alone(() => connection.close()),
  };
}
