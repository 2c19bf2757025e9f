import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { oftenWords } from './index.ts';

test.each([
  [1, 'almost every time'],
  [0.98, 'about 49 times in 50'],
  [0.95, 'about 19 times in 20'],
  [0.9, 'about 9 times in 10'],
  [0.52, 'about half the time'],
  [0.1, 'about 1 time in 10'],
  [0.04, 'about 1 time in 10'],
  [0, 'almost never'],
])('%f is %s', (p, words) => {
  expect(oftenWords(p)).toBe(words);
});

test('more is never said as less', () => {
  const said = (p: number): number => {
    const [, n, of] = /about (\d+) times? in (\d+)/.exec(oftenWords(p)) ?? [];
    if (n) return Number(n) / Number(of);
    return { 'almost never': 0, 'about half the time': 0.5 }[oftenWords(p)] ?? 1;
  };
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (a, b) => {
        expect(said(Math.max(a, b))).toBeGreaterThanOrEqual(said(Math.min(a, b)));
      },
    ),
  );
});
