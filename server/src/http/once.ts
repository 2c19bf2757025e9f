import { createHash } from 'node:crypto';
import type { RouteName } from '@hurrow/contract';
import { faultOf, maybe } from '../db/index.ts';
import type { Database, Sql } from '../db/index.ts';
import type { Account, Call, Handler, Reply } from './call.ts';
import { conflict, invalid } from './problem.ts';

const KEY = /^[\w-]{8,80}$/;
const KEPT_HOURS = 24;
/** A longer reply is not kept; a repeat is told that it was done. */
const MOST_REPLY = 1_000_000;

interface Claim {
  readonly ws: string;
  readonly account: string;
  readonly key: string;
  readonly hash: string;
  /** Set once the reply is on record, and the claim with it: long work goes on after its reply. */
  kept: boolean;
}

/** Creates under way in this process, so that a repeat waits for the first and gets its reply. */
const running = new Map<string, Promise<Reply>>();

function hashOf(name: RouteName, call: Call): string {
  const hash = createHash('sha256').update(JSON.stringify([name, call.params, call.query]));
  const { body } = call;
  return hash.update(Buffer.isBuffer(body) ? body : JSON.stringify(body ?? null)).digest('base64url');
}

const claimRow = (sql: Sql, c: Claim, at: string): Promise<unknown> =>
  sql.query('insert into idempotency (ws, account, key, hash, at) values ($1, $2, $3, $4, $5)', [
    c.ws,
    c.account,
    c.key,
    c.hash,
    at,
  ]);

/**
 * A database whose first transaction also claims the key: what is created and the claim stand or fall together, so
 * that a crash between the two cannot make a thing twice.
 */
function claiming(db: Database, claim: Claim, at: string): Database {
  let claimed = false;
  return {
    ...db,
    transaction: (fn) => {
      const first = !claimed;
      claimed = true;
      return db
        .transaction(async (tx) => {
          if (first && !claim.kept) await claimRow(tx, claim, at);
          return fn(tx);
        })
        .catch((error: unknown) => {
          if (first) claimed = false;
          throw error;
        });
    },
  };
}

const doneBefore = (): ReturnType<typeof conflict> =>
  conflict('This was already done.', { remedy: 'Load the page again to see it.' });

async function earlier(db: Database, claim: Claim): Promise<Reply | null> {
  const row = await maybe<{ hash: string; status: number | null; reply: string | null }>(
    db,
    'select hash, status, reply from idempotency where ws = $1 and account = $2 and key = $3',
    [claim.ws, claim.account, claim.key],
  );
  if (!row) return null;
  if (row.hash !== claim.hash) {
    throw invalid('This idempotency key was used for another request.', {
      field: 'Idempotency-Key',
      remedy: 'Send a new key with a new request.',
    });
  }
  if (row.status === null || row.reply === null) throw doneBefore();
  const kept = JSON.parse(row.reply) as { body?: unknown; version?: number };
  return { status: row.status, ...kept };
}

async function keepReply(db: Database, c: Claim, reply: Reply, now: Date): Promise<void> {
  const text = JSON.stringify({ body: reply.body, version: reply.version });
  await db.query('delete from idempotency where at < $1', [
    new Date(now.getTime() - KEPT_HOURS * 3_600_000).toISOString(),
  ]);
  await db.query(
    `insert into idempotency (ws, account, key, hash, status, reply, at) values ($1, $2, $3, $4, $5, $6, $7)
     on conflict (ws, account, key) do update set status = excluded.status, reply = excluded.reply`,
    [
      c.ws,
      c.account,
      c.key,
      c.hash,
      reply.status ?? 200,
      text.length > MOST_REPLY ? null : text,
      now.toISOString(),
    ],
  );
}

/**
 * Runs a create once for each idempotency key of an account; a repeat gets the reply of the first.
 * A request without a key runs as it is.
 * @param key the `Idempotency-Key` header.
 */
export async function once(
  name: RouteName,
  handler: Handler<Account>,
  call: Call<Account>,
  key: string | undefined,
): Promise<Reply> {
  if (key === undefined) return handler(call);
  if (!KEY.test(key)) {
    throw invalid('The idempotency key is not one.', {
      field: 'Idempotency-Key',
      remedy: 'Send 8 to 80 letters, digits, hyphens or underscores.',
    });
  }
  const claim: Claim = { ws: call.who.ws, account: call.who.id, key, hash: hashOf(name, call), kept: false };
  const at = `${claim.ws}/${claim.account}/${key}/${claim.hash}`;
  const first = running.get(at);
  if (first) return first;
  const { db } = call.app;
  const work = (async (): Promise<Reply> => {
    const before = await earlier(db, claim);
    if (before) return before;
    const now = call.app.clock();
    try {
      const reply = await handler({
        ...call,
        app: { ...call.app, db: claiming(db, claim, now.toISOString()) },
      });
      await keepReply(db, claim, reply, now);
      claim.kept = true;
      return reply;
    } catch (error) {
      // Another process claimed the key first: it has done what is asked.
      if (faultOf(error) === 'exists') {
        const there = await earlier(db, claim);
        if (there) return there;
      }
      throw error;
    }
  })();
  running.set(at, work);
  try {
    return await work;
  } finally {
    running.delete(at);
  }
}
