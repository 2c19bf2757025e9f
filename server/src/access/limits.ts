import { maybe, one } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { tooMany } from '../http/index.ts';
import type { App } from '../http/index.ts';

/** How fast a bucket of tries may be used. */
export interface Limit {
  readonly bucket: string;
  /** Tries that are taken at once. */
  readonly burst: number;
  /** After them, one try in this many milliseconds. */
  readonly everyMs: number;
}

/** Longest that a try is held up; beyond it the caller is told when to come again. */
const MOST_WAIT_MS = 20_000;
const KEPT_MS = 86_400_000;

/**
 * Takes one turn of a bucket, atomically for all processes (generic cell rate algorithm): `free_at` is when all
 * turns taken so far are worked off. A turn that would wait too long is not taken.
 * @returns milliseconds to wait, and whether the turn was taken.
 */
async function takeTurn(
  db: Database,
  { bucket, burst, everyMs }: Limit,
  now: Date,
): Promise<{ readonly taken: boolean; readonly waitMs: number }> {
  const at = now.toISOString();
  const latest = new Date(now.getTime() + burst * everyMs + MOST_WAIT_MS).toISOString();
  const row = await maybe<{ free_at: string }>(
    db,
    `insert into try_limit as t (bucket, free_at) values ($1, $2::timestamptz + $3 * interval '1 millisecond')
     on conflict (bucket) do update set free_at = greatest(t.free_at, $2::timestamptz) + $3 * interval '1 millisecond'
       where greatest(t.free_at, $2::timestamptz) + $3 * interval '1 millisecond' <= $4::timestamptz
     returning free_at`,
    [bucket, at, everyMs, latest],
  );
  const over = (free: string): number => Math.max(0, Date.parse(free) - now.getTime() - burst * everyMs);
  if (row) return { taken: true, waitMs: over(row.free_at) };
  const { free_at } = await one<{ free_at: string }>(db, 'select free_at from try_limit where bucket = $1', [
    bucket,
  ]);
  return { taken: false, waitMs: over(free_at) };
}

const refund = (db: Database, { bucket, everyMs }: Limit): Promise<unknown> =>
  db.query(`update try_limit set free_at = free_at - $2 * interval '1 millisecond' where bucket = $1`, [
    bucket,
    everyMs,
  ]);

/**
 * Counts a try against some limits before it is looked at, and holds it up where they are used up. Nobody is shut
 * out: the wait grows with the tries and passes with time.
 * @returns what gives the turns back, to be called where the try was right.
 * @throws *too many* with the seconds to wait, where the queue is longer than a request can be held.
 */
export async function slowDown(app: App, limits: readonly Limit[]): Promise<() => Promise<void>> {
  const { db } = app;
  const now = app.clock();
  await db.query('delete from try_limit where free_at < $1', [
    new Date(now.getTime() - KEPT_MS).toISOString(),
  ]);
  const taken: Limit[] = [];
  let waitMs = 0;
  for (const limit of limits) {
    const turn = await takeTurn(db, limit, now);
    waitMs = Math.max(waitMs, turn.waitMs);
    if (turn.taken) {
      taken.push(limit);
      continue;
    }
    for (const t of taken) await refund(db, t);
    const seconds = Math.max(1, Math.ceil(turn.waitMs / 1000));
    throw tooMany('There were many tries in a short time.', {
      remedy: `Wait ${seconds} ${seconds === 1 ? 'second' : 'seconds'}, then try again.`,
      retryAfter: seconds,
    });
  }
  if (waitMs > 0) await app.wait(waitMs);
  return async () => {
    for (const t of taken) await refund(db, t);
  };
}
