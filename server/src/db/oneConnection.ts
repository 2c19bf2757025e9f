import { refuseInsideTransaction, withinTransaction } from './database.ts';
import type { Database, Sql } from './database.ts';

/** What the only connection of a database can do, one call at a time. */
export interface Connection {
  query(text: string, params: readonly unknown[]): Promise<readonly unknown[]>;
  script(text: string): Promise<void>;
  close(): Promise<void>;
}

/** Runs work one after the other: there is one connection, and a transaction has it to itself. */
function oneAtATime(): <T>(work: () => Promise<T>) => Promise<T> {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const next = last.then(work, work);
    last = next.catch(() => undefined);
    return next;
  };
}

/** A database over its only connection: whoever asks waits for their turn, and a transaction has it to itself. */
export function oneConnection(connection: Connection): Database {
  const turn = oneAtATime();
  const direct: Sql = {
    kind: 'pglite',
    query: async <T>(text: string, params: readonly unknown[] = []): Promise<readonly T[]> =>
      (await connection.query(text, params)) as readonly T[],
  };
  return {
    kind: 'pglite',
    query: (text, params) => {
      refuseInsideTransaction();
      return turn(() => direct.query(text, params));
    },
    transaction: (fn) => {
      refuseInsideTransaction();
      return turn(async () => {
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
      turn(async () => {
        try {
          await connection.script(text);
        } catch (error) {
          await direct.query('rollback').catch(() => undefined);
          throw error;
        }
      }),
    close: () => turn(() => connection.close()),
  };
}
