import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { remembered } from './index.ts';

/** A function that says how often it worked, remembered. */
function counted(most: number, keyOf?: (n: number) => unknown) {
  const worked: number[] = [];
  const asked = remembered(
    most,
    (n: number) => {
      worked.push(n);
      return n % 3 === 0 ? undefined : n * n;
    },
    keyOf,
  );
  return { asked, worked };
}

test('works each thing out once, also where nothing comes of it', () => {
  const { asked, worked } = counted(10);
  expect([2, 3, 2, 3, 4].map(asked)).toEqual([4, undefined, 4, undefined, 16]);
  expect(worked).toEqual([2, 3, 4]);
});

test('starts over with one more than it keeps', () => {
  const { asked, worked } = counted(2);
  for (const n of [1, 2, 1, 4, 1, 4]) asked(n);
  expect(worked).toEqual([1, 2, 4, 1]);
});

test('gives for what counts as the same what it found for the first', () => {
  const { asked, worked } = counted(10, (n) => n % 10);
  expect([4, 14, 5].map(asked)).toEqual([16, 16, 25]);
  expect(worked).toEqual([4, 5]);
});

test('never finds other than the work does, however little it keeps', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 5 }), fc.array(fc.integer({ min: 0, max: 8 })), (most, all) => {
      const { asked } = counted(most);
      expect(all.map(asked)).toEqual(all.map((n) => (n % 3 === 0 ? undefined : n * n)));
    }),
  );
});
