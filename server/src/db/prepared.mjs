// Statements of PGlite that are read and planned once. Plain JavaScript, so that it starts without the loader of TypeScript.
import { parse, protocol } from '@electric-sql/pglite';

const { serialize } = protocol;
/** Statements kept ready at once; the one that was used longest ago makes room. */
const MOST = 400;
/** Statements whose plan can be kept. Others are one of a kind, or change what plans stand on. */
const PLANNED = /^\s*(select|with|insert|update|delete)\b/i;

const joined = (messages) => {
  const all = new Uint8Array(messages.reduce((sum, m) => sum + m.length, 0));
  let at = 0;
  for (const m of messages) {
    all.set(m, at);
    at += m.length;
  }
  return all;
};

/**
 * Runs queries of one PGlite in the order in which they come. The first time a text comes it runs as it is; from the second on it is kept under a name,
 * so that PostgreSQL reads it once and soon plans it once, where each query would else cost a millisecond or two of that.
 * @returns `query(text, params)` with rows, and `forget()` for when the tables themselves have changed.
 */
export function preparedQueries(db) {
  /** By text: null where it came once, else its name and what its parameters and columns are. */
  const kept = new Map();
  let named = 0;

  const send = async (...messages) => (await db.execProtocol(joined(messages))).messages;

  const closeOldest = async () => {
    const [text, oldest] = kept.entries().next().value;
    kept.delete(text);
    if (oldest) await send(serialize.close({ type: 'S', name: oldest.name }), serialize.sync());
  };

  const prepare = async (text) => {
    named += 1;
    const name = `q${named}`;
    const said = await send(
      serialize.parse({ name, text }),
      serialize.describe({ type: 'S', name }),
      serialize.sync(),
    );
    return {
      name,
      parameters: said.find((m) => m.name === 'parameterDescription').dataTypeIDs,
      columns: said.filter((m) => m.name === 'rowDescription'),
    };
  };

  const run = async ({ name, parameters, columns }, params) => {
    const values = params.map((p, i) => {
      if (p === null || p === undefined) return null;
      const write = db.serializers[parameters[i]];
      return write ? write(p) : p.toString();
    });
    const said = await send(
      serialize.bind({ statement: name, values }),
      serialize.execute({}),
      serialize.sync(),
    );
    return parse.parseResults([...columns, ...said], db.parsers)[0].rows;
  };

  const answer = async (text, params) => {
    if (!PLANNED.test(text)) return (await db.query(text, params)).rows;
    const ready = kept.get(text) ?? (kept.has(text) ? await prepare(text) : null);
    kept.delete(text);
    kept.set(text, ready);
    if (kept.size > MOST) await closeOldest();
    return ready ? run(ready, params) : (await db.query(text, params)).rows;
  };

  const forget = async () => {
    kept.clear();
    await db.query('deallocate all');
  };

  /** What came before. One query sends several messages, and no other may come between. */
  let last = Promise.resolve();
  const next = (work) => {
    const own = last.then(work);
    last = own.then(
      () => undefined,
      () => undefined,
    );
    return own;
  };

  return {
    query: (text, params) => next(() => answer(text, params)),
    forget: () => next(forget),
  };
}
