import { expect, test } from '@jest/globals';
import { pressKeys } from './press.ts';

function hand() {
  let [made, time] = [0, 0];
  const keys = pressKeys(
    () => `key-${(made += 1)}`,
    () => time,
  );
  return { ...keys, later: (ms: number) => (time += ms) };
}

test('a double press carries one key, also where the first was answered in between', () => {
  const h = hand();
  const first = h.keyFor('a');
  expect(h.keyFor('a')).toBe(first);
  h.settled(first);
  h.later(300);
  expect(h.keyFor('a')).toBe(first);
});

test('the same content a while later is another thing', () => {
  const h = hand();
  const first = h.keyFor('a');
  h.settled(first);
  h.later(2000);
  expect(h.keyFor('a')).not.toBe(first);
});

test('a press that reached nobody is repeated under its key, however late', () => {
  const h = hand();
  const first = h.keyFor('a');
  h.later(3_600_000);
  expect(h.keyFor('a')).toBe(first);
});

test('other content has a key of its own, and the answer to an old press settles nothing new', () => {
  const h = hand();
  const first = h.keyFor('a');
  const second = h.keyFor('b');
  expect(second).not.toBe(first);
  h.settled(first);
  h.later(10_000);
  expect(h.keyFor('b')).toBe(second);
});
