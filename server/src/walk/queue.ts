import { tooMany } from '../http/index.ts';

/** Batches of one student that may wait; a phone of ours sends one at a time. */
const MOST_WAITING = 3;

/** Runs work of one key one after the other, so that one student takes one turn at a time among all others. */
export function inTurn(): <T>(key: string, work: () => Promise<T>) => Promise<T> {
  const queues = new Map<string, { last: Promise<unknown>; waiting: number }>();
  return async (key, work) => {
    const queue = queues.get(key) ?? { last: Promise.resolve(), waiting: 0 };
    if (queue.waiting > MOST_WAITING) {
      throw tooMany('This phone is still sending.', { remedy: 'Wait for what was sent.', retryAfter: 1 });
    }
    queues.set(key, queue);
    queue.waiting += 1;
    const next = queue.last.then(work);
    queue.last = next.catch(() => undefined);
    try {
      return await next;
    } finally {
      queue.waiting -= 1;
      if (queue.waiting === 0) queues.delete(key);
    }
  };
}
