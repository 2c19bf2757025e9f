import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { turns } from './turns.ts';

/** Work that ends when it is told to, with what it was at work beside. */
function bench() {
  const turn = turns();
  const running = new Set<number>();
  const started: number[] = [];
  const ends = new Map<number, (failed: boolean) => void>();
  const beside = new Map<number, readonly number[]>();
  const work = (n: number) => (): Promise<void> => {
    beside.set(n, [...running]);
    started.push(n);
    running.add(n);
    return new Promise((resolve, reject) => {
      ends.set(n, (failed) => {
        running.delete(n);
        ends.delete(n);
        if (failed) reject(new Error(`${n} failed`));
        else resolve();
      });
    });
  };
  return { turn, started, running, beside, ends, work };
}

/** Lets every promise that can go on do so. */
const settle = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

test('what goes beside starts at once, and what must be alone waits for it', async () => {
  const b = bench();
  const done = [b.turn.beside(b.work(1)), b.turn.beside(b.work(2)), b.turn.alone(b.work(3))];
  done.push(b.turn.beside(b.work(4)));
  await settle();
  expect(b.started).toEqual([1, 2]);
  b.ends.get(1)?.(false);
  await settle();
  expect(b.started).toEqual([1, 2]);
  b.ends.get(2)?.(false);
  await settle();
  expect(b.started).toEqual([1, 2, 3]);
  b.ends.get(3)?.(false);
  await settle();
  expect(b.started).toEqual([1, 2, 3, 4]);
  b.ends.get(4)?.(false);
  await Promise.all(done);
});

test('in any order, nothing is beside what must be alone, all start in their order and a failure stops nobody', async () => {
  const asked = fc.record({ alone: fc.boolean(), fails: fc.boolean() });
  await fc.assert(
    fc.asyncProperty(fc.array(asked, { maxLength: 12 }), fc.infiniteStream(fc.nat()), async (all, choice) => {
      const b = bench();
      const told = all.map((a, n) =>
        (a.alone ? b.turn.alone(b.work(n)) : b.turn.beside(b.work(n))).then(
          () => 'done',
          () => 'failed',
        ),
      );
      for (let left = all.length; left > 0; left -= 1) {
        await settle();
        for (const n of b.running) {
          if (all[n]?.alone) expect([...b.running]).toEqual([n]);
        }
        const at = [...b.running];
        const next = at[(choice.next().value ?? 0) % at.length] ?? -1;
        b.ends.get(next)?.(all[next]?.fails ?? false);
      }
      expect(b.started).toEqual(all.map((_, n) => n));
      expect(await Promise.all(told)).toEqual(all.map((a) => (a.fails ? 'failed' : 'done')));
    }),
    { numRuns: 30 },
  );
});
