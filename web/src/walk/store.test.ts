import 'fake-indexeddb/auto';
import { expect, test } from '@jest/globals';
import { SITTING } from './engine/testing.ts';
import type { KeptAnswer } from './engine/index.ts';
import { phoneStore } from './store.ts';

const owner = 's/101';
const answer = (n: number, of = owner): KeptAnswer => ({
  id: `${of}-${n}`,
  owner: of,
  ask: `q${n}`,
  seq: n,
  typed: `name ${n}`,
  at: '2026-10-01T18:00:00.000Z',
  sent: false,
});

test('answers come back in their order, marked as they were marked', async () => {
  for (const n of [2, 1, 3]) await phoneStore.keepAnswer(answer(n));
  const refusal = { why: 'w', remedy: 'r', kept: true };
  await phoneStore.mark(['s/101-2', 'nowhere'], { sent: true, refused: new Map([['s/101-2', refusal]]) });
  const kept = await phoneStore.answers(owner);
  expect(kept.map((a) => [a.seq, a.sent])).toEqual([
    [1, false],
    [2, true],
    [3, false],
  ]);
  expect(kept[1]?.refused).toEqual(refusal);
});

test('a draft is kept by question until it is dropped', async () => {
  await phoneStore.keepDraft(owner, 'q1', 'gran');
  await phoneStore.keepDraft(owner, 'q2', 'sub');
  await phoneStore.dropDraft(owner, 'q2');
  expect([...(await phoneStore.drafts(owner))]).toEqual([['q1', 'gran']]);
});

test('forgetting one student leaves what another has on the same phone', async () => {
  await phoneStore.keepSitting(SITTING);
  await phoneStore.keepAnswer(answer(1, 's/102'));
  await phoneStore.forget(owner);
  expect(await phoneStore.answers(owner)).toEqual([]);
  expect(await phoneStore.drafts(owner)).toEqual(new Map());
  expect(await phoneStore.sitting()).toBeNull();
  expect(await phoneStore.answers('s/102')).toHaveLength(1);
});
