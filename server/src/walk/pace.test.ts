import { expect, test } from '@jest/globals';
import type { App } from '../http/index.ts';
import { pace } from './pace.ts';
import { inTurn } from './queue.ts';

function clocked() {
  let now = 0;
  const waits: number[] = [];
  const app = {
    clock: () => new Date(now),
    wait: (ms: number) => {
      waits.push(ms);
      now += ms;
      return Promise.resolve();
    },
  } as unknown as App;
  return { app, waits, later: (ms: number) => (now += ms) };
}

test('a backlog of a morning goes through at once, a flood at 20 answers a second', async () => {
  const { app, waits } = clocked();
  const paced = pace();
  await paced(app, 'a', 200);
  expect(waits).toEqual([]);
  await paced(app, 'a', 200);
  await paced(app, 'a', 100);
  expect(waits).toEqual([10_000, 5000]);
});

test('one student’s flood holds up nobody else', async () => {
  const { app, waits } = clocked();
  const paced = pace();
  await paced(app, 'a', 200);
  await paced(app, 'a', 1);
  await paced(app, 'b', 3);
  expect(waits).toEqual([50]);
});

test('who would wait too long is told when to come again, and nothing is taken from their turn', async () => {
  const { app, later, waits } = clocked();
  const paced = pace();
  await paced(app, 'a', 200);
  // Without the clock going on, a third batch would wait for what the second one has used.
  const still = { ...app, wait: () => Promise.resolve() };
  await paced(still, 'a', 200);
  await paced(still, 'a', 200);
  await expect(paced(still, 'a', 200)).rejects.toMatchObject({ details: { status: 429, retryAfter: 30 } });
  later(40_000);
  await paced(app, 'a', 200);
  expect(waits).toEqual([]);
});

test('work of one key runs one after the other, work of others beside it, and too much of one is told to wait', async () => {
  const turn = inTurn();
  const order: string[] = [];
  const release: (() => void)[] = [];
  const work = (name: string) => () =>
    new Promise<string>((done) => {
      order.push(name);
      release.push(() => done(name));
    });
  const a1 = turn('a', work('a1'));
  const a2 = turn('a', work('a2'));
  const b1 = turn('b', work('b1'));
  await Promise.resolve();
  await Promise.resolve();
  expect(order).toEqual(['a1', 'b1']);
  const waiting = [turn('a', work('a3')), turn('a', work('a4'))];
  await expect(turn('a', work('a5'))).rejects.toMatchObject({ details: { status: 429 } });
  while (release.length > 0 || order.length < 5) {
    release.shift()?.();
    await Promise.resolve();
  }
  expect(await Promise.all([a1, a2, b1, ...waiting])).toEqual(['a1', 'a2', 'b1', 'a3', 'a4']);
});
