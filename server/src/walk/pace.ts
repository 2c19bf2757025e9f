import { tooMany } from '../http/index.ts';
import type { App } from '../http/index.ts';

/** Answers a student may send at once, such as a phone that was without a network all morning. */
const BURST = 200;
/** Answers a second after that; a hand gives one in several seconds. */
const PER_SECOND = 20;
/** Longest that a batch is held up. */
const MOST_WAIT_MS = 20_000;
const MOST_KEPT = 5000;

interface Bucket {
  tokens: number;
  at: number;
}

/**
 * Paces what one student sends, whatever the number of their phones (token bucket, in this process): a flood waits,
 * so that the requests of all others come in between. A batch that would wait too long is told when to come again.
 */
export function pace(): (app: App, key: string, answers: number) => Promise<void> {
  const buckets = new Map<string, Bucket>();
  return async (app, key, answers) => {
    const now = app.clock().getTime();
    const had = buckets.get(key) ?? { tokens: BURST, at: now };
    const refilled = Math.min(BURST, had.tokens + (Math.max(0, now - had.at) / 1000) * PER_SECOND);
    const waitMs = Math.ceil((Math.max(0, answers - refilled) / PER_SECOND) * 1000);
    if (waitMs > MOST_WAIT_MS) {
      const retryAfter = Math.ceil(waitMs / 1000);
      throw tooMany('This number sends more than one hand can write.', {
        remedy: `Wait ${retryAfter} seconds. What was sent is kept.`,
        retryAfter,
      });
    }
    buckets.delete(key);
    buckets.set(key, { tokens: refilled - answers, at: now });
    for (const oldest of buckets.keys()) {
      if (buckets.size <= MOST_KEPT) break;
      buckets.delete(oldest);
    }
    if (waitMs > 0) await app.wait(waitMs);
  };
}
