import { expect, test } from '@jest/globals';
import type { ImportReport } from '@hurrow/contract';
import { jobsInMemory } from './index.ts';
import type { Progress } from './index.ts';

const report = (added: number): ImportReport => ({
  kind: 'names',
  counts: { new: added, changed: 0, same: 0, refused: 0 },
  changes: [],
  more: 0,
  refused: [],
  questions: [],
  left: [],
  batch: null,
});
const settled = () => new Promise((go) => setImmediate(go));
const make = (reported: unknown[] = []) =>
  jobsInMemory(
    (e) => (e instanceof RangeError ? { detail: e.message, remedy: 'Mend it.' } : null),
    (e) => void reported.push(e),
  );

test('work is followed to its result', async () => {
  const jobs = make();
  let go: () => void = () => undefined;
  const token = jobs.start(async (progress) => {
    progress('writing', 3, 10);
    await new Promise<void>((r) => (go = r));
    return report(10);
  });
  expect(jobs.read(token)).toMatchObject({ state: 'running', stage: 'writing', done: 3, total: 10 });
  go();
  await settled();
  expect(jobs.read(token)).toMatchObject({ state: 'done', result: { counts: { new: 10 } }, problem: null });
});

test('work that is stopped ends where it next tells how far it is, and its helpers are told at once', async () => {
  const jobs = make();
  let go: () => void = () => undefined;
  let told: Progress | null = null;
  let helperStopped = false;
  const token = jobs.start(async (progress) => {
    told = progress;
    progress.onCancel(() => {
      helperStopped = true;
    });
    await new Promise<void>((r) => (go = r));
    progress('writing', 1, 2);
    return report(2);
  });
  expect(told).not.toBeNull();
  expect(jobs.cancel(token)).toBe(true);
  expect(helperStopped).toBe(true);
  go();
  await settled();
  expect(jobs.read(token)).toMatchObject({ state: 'cancelled', result: null });
});

test('a refusal is explained; what is not ours to explain is reported and said plainly', async () => {
  const reported: unknown[] = [];
  const jobs = make(reported);
  const refused = jobs.start(() => Promise.reject(new RangeError('Too many')));
  const broken = jobs.start(() => Promise.reject(new TypeError('x is not a function')));
  await settled();
  expect(jobs.read(refused)).toMatchObject({
    state: 'failed',
    problem: { detail: 'Too many', remedy: 'Mend it.' },
  });
  expect(jobs.read(broken)?.problem?.detail).toBe('It could not be done.');
  expect(reported).toHaveLength(1);
});

test('a token nobody was given leads nowhere; old work is forgotten, running work never', async () => {
  const jobs = make();
  expect([jobs.read('guess'), jobs.cancel('guess')]).toEqual([null, false]);
  const running = jobs.start(() => new Promise(() => undefined));
  const first = jobs.start(() => Promise.resolve(report(0)));
  await settled();
  for (let i = 0; i < 150; i += 1) {
    jobs.start(() => Promise.resolve(report(i)));
    await settled();
  }
  expect(jobs.read(running)?.state).toBe('running');
  expect(jobs.read(first)).toBeNull();
});
