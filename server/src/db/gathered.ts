import type { Sql } from './database.ts';

/**
 * Asks for many keys at once. What is asked for while a question is under way is asked together by the next one, so that
 * a crowd costs few more queries than one visitor, and nobody waits when there is none.
 * @param ask answers some keys; a key it leaves out has no value.
 */
export function gathered<K, V>(
  ask: (keys: readonly K[]) => Promise<ReadonlyMap<K, V>>,
): (key: K) => Promise<V | undefined> {
  interface Waiting {
    readonly key: K;
    readonly resolve: (value: V | undefined) => void;
    readonly reject: (error: unknown) => void;
  }
  let waiting: Waiting[] = [];
  let running = false;
  const run = async (): Promise<void> => {
    running = true;
    while (waiting.length > 0) {
      const group = waiting;
      waiting = [];
      try {
        const found = await ask([...new Set(group.map((w) => w.key))]);
        for (const w of group) w.resolve(found.get(w.key));
      } catch (error) {
        for (const w of group) w.reject(error);
      }
    }
    running = false;
  };
  return (key) =>
    new Promise((resolve, reject) => {
      waiting.push({ key, resolve, reject });
      if (!running) void run();
    });
}

/** Makes something once for each database, for as long as that database is used. */
export function perDatabase<T>(make: (db: Sql) => T): (db: Sql) => T {
  const made = new WeakMap<Sql, T>();
  return (db) => {
    const had = made.get(db);
    if (had !== undefined) return had;
    const fresh = make(db);
    made.set(db, fresh);
    return fresh;
  };
}
