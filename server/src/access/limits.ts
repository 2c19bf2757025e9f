import { maybe } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { tooMany } from '../http/index.ts';

const WINDOW_MINUTES = 15;

const windowStart = (now: Date): string =>
  new Date(Math.floor(now.getTime() / (WINDOW_MINUTES * 60_000)) * WINDOW_MINUTES * 60_000).toISOString();

/** Refuses where a bucket has had its failures for this quarter of an hour. The count is shared by all processes. */
export async function checkLimit(db: Database, bucket: string, most: number, now: Date): Promise<void> {
  const row = await maybe<{ count: number }>(
    db,
    'select count from attempt_limit where bucket = $1 and window_start = $2',
    [bucket, windowStart(now)],
  );
  if ((row?.count ?? 0) >= most) {
    throw tooMany(`There were ${most} failed tries in a quarter of an hour.`, {
      remedy: `Wait ${WINDOW_MINUTES} minutes, then try again.`,
    });
  }
}

export async function countFailure(db: Database, bucket: string, now: Date): Promise<void> {
  await db.query('delete from attempt_limit where window_start < $1', [
    new Date(now.getTime() - 86_400_000).toISOString(),
  ]);
  await db.query(
    `insert into attempt_limit (bucket, window_start) values ($1, $2)
     on conflict (bucket, window_start) do update set count = attempt_limit.count + 1`,
    [bucket, windowStart(now)],
  );
}
