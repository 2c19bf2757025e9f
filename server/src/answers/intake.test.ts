import { describe, expect, test } from '@jest/globals';
import type { Database } from '../db/index.ts';
import { gathered } from '../db/index.ts';
import { loggedAnswer } from '../testing/index.ts';
import { answersInMemory, intake } from './index.ts';

/** A database that stores nothing and can be held up; it says how many answers each transaction was given. */
function slowDatabase() {
  const sizes: number[] = [];
  const gates: (() => void)[] = [];
  const db = {
    kind: 'postgres',
    transaction: async (fn: (tx: unknown) => Promise<unknown>) => {
      await new Promise<void>((open) => gates.push(open));
      return fn({
        query: (text: string, params: readonly unknown[]) => {
          if (/^insert into response/.test(text.trim())) {
            const ids = params[1] as string[];
            sizes.push(ids.length);
            return Promise.resolve(ids.map((id) => ({ id })));
          }
          return Promise.resolve([]);
        },
      });
    },
  } as unknown as Database;
  const pass = async (): Promise<void> => {
    for (let i = 0; i < 20 && gates.length === 0; i += 1) await new Promise((r) => setImmediate(r));
    gates.shift()?.();
  };
  return { db, sizes, pass };
}

describe('taking answers in', () => {
  test('what arrives while a transaction runs is stored together by the next, and each hears of its own', async () => {
    const { db, sizes, pass } = slowDatabase();
    const { take } = intake(db, answersInMemory());
    const [a, b, c] = [loggedAnswer(), loggedAnswer(), loggedAnswer()];
    const first = take([a]);
    await new Promise((r) => setImmediate(r));
    const rest = [take([b]), take([c])];
    await pass();
    await pass();
    expect((await first).accepted).toEqual([a.id]);
    expect((await Promise.all(rest)).map((t) => t.accepted)).toEqual([[b.id], [c.id]]);
    expect(sizes).toEqual([1, 2]);
  });

  test('two senders of one id are stored one after the other', async () => {
    const { db, sizes, pass } = slowDatabase();
    const { take } = intake(db, answersInMemory());
    const a = loggedAnswer();
    const all = [take([loggedAnswer()]), take([a]), take([{ ...a }])];
    for (let i = 0; i < 3; i += 1) await pass();
    await Promise.all(all);
    expect(sizes).toEqual([1, 1, 1]);
  });

  test('a transaction that fails is told to everybody in it, and the next goes on', async () => {
    let fail = true;
    const db = {
      kind: 'postgres',
      transaction: (fn: (tx: unknown) => Promise<unknown>) => {
        if (fail) return Promise.reject(new Error('lost'));
        return fn({
          query: (text: string, params: readonly unknown[]) =>
            Promise.resolve(
              /^insert into response/.test(text.trim()) ? (params[1] as string[]).map((id) => ({ id })) : [],
            ),
        });
      },
    } as unknown as Database;
    const log = answersInMemory();
    const { take } = intake(db, log);
    const a = loggedAnswer();
    await expect(take([a])).rejects.toThrow('lost');
    fail = false;
    // It is in the log all the same, and a phone that sends it again gets through.
    expect((await take([a])).accepted).toEqual([a.id]);
    const logged: string[] = [];
    for await (const chunk of log.lines('memory')) logged.push(...chunk.map((l) => l.answer?.id ?? ''));
    expect(logged).toEqual([a.id, a.id]);
  });

  test('nothing is nothing', async () => {
    const { db, sizes } = slowDatabase();
    expect(await intake(db, answersInMemory()).take([])).toEqual({ accepted: [], disputed: [], failed: [] });
    expect(sizes).toEqual([]);
  });
});

describe('keys asked for together', () => {
  test('one alone is asked at once; those that come meanwhile are one question, each key once', async () => {
    const asked: (readonly string[])[] = [];
    const opens: (() => void)[] = [];
    const lengthOf = gathered<string, number>(async (keys) => {
      asked.push(keys);
      await new Promise<void>((open) => opens.push(open));
      return new Map(keys.filter((k) => k !== 'unknown').map((k) => [k, k.length]));
    });
    const first = lengthOf('a');
    const rest = [lengthOf('bb'), lengthOf('bb'), lengthOf('unknown')];
    opens.shift()?.();
    expect(await first).toBe(1);
    opens.shift()?.();
    expect(await Promise.all(rest)).toEqual([2, 2, undefined]);
    expect(asked).toEqual([['a'], ['bb', 'unknown']]);
  });

  test('a question that fails is told to all who waited for it, and the next is asked', async () => {
    let fail = true;
    const value = gathered<string, number>((keys) =>
      fail ? Promise.reject(new Error('lost')) : Promise.resolve(new Map(keys.map((k) => [k, 1]))),
    );
    await expect(Promise.all([value('a')])).rejects.toThrow('lost');
    fail = false;
    expect(await value('a')).toBe(1);
  });
});
