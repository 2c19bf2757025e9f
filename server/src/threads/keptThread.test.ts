import { once } from 'node:events';
import { expect, test } from '@jest/globals';
import { keptThread } from './index.ts';

const threads = () => keptThread(new URL('./echo.testing.ts', import.meta.url));

const asked = async (
  worker: ReturnType<ReturnType<typeof threads>['take']>,
  what: string,
): Promise<unknown> => {
  worker.postMessage(what);
  const [answer] = (await once(worker, 'message')) as [unknown];
  return answer;
};

test('a thread that waits is the next one taken, and knows what it knew', async () => {
  const kept = threads();
  const first = kept.take();
  expect(await asked(first, 'one')).toEqual(['one']);
  kept.keep(first);
  const second = kept.take();
  expect(second).toBe(first);
  expect(await asked(second, 'two')).toEqual(['one', 'two']);
  await second.terminate();
});

test('while one is taken, another is started; of two that are done one is kept and the other ends', async () => {
  const kept = threads();
  const [first, second] = [kept.take(), kept.take()];
  expect(second).not.toBe(first);
  expect([await asked(first, 'a'), await asked(second, 'b')]).toEqual([['a'], ['b']]);
  kept.keep(first);
  kept.keep(second);
  await once(second, 'exit');
  expect(kept.take()).toBe(first);
  await first.terminate();
});

test('one that ends while it waits is not waited for', async () => {
  const kept = threads();
  const first = kept.take();
  await asked(first, 'a');
  kept.keep(first);
  await first.terminate();
  const second = kept.take();
  expect(second).not.toBe(first);
  expect(await asked(second, 'b')).toEqual(['b']);
  await second.terminate();
});

test('one that was made ready is there once it is taken', async () => {
  const kept = threads();
  kept.makeReady();
  kept.makeReady();
  const first = kept.take();
  expect(await asked(first, 'a')).toEqual(['a']);
  await first.terminate();
});
