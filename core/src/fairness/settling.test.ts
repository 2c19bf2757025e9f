import { expect, test } from '@jest/globals';
import { settlingValues } from './index.ts';
import type { PairFairness } from './index.ts';

const pair = (rival: string, ...open: PairFairness['open']): PairFairness => ({
  rival,
  verdict: 'unproven',
  expected: 0.5,
  right: 0.5,
  by: [],
  open,
});

test('the fewest values that decide what is not recorded, those that decide most first', () => {
  const found = settlingValues([
    {
      id: 'one',
      found: {
        pairs: [
          pair(
            'ash',
            { character: 'leaf.margin', missing: 'b' },
            { character: 'bark.texture', missing: 'a' },
          ),
          pair('elder', { character: 'bark.texture', missing: 'a' }),
          { ...pair('oak', { character: 'leaf.margin', missing: 'b' }), verdict: 'fair' },
        ],
      },
    },
    { id: 'two', found: { pairs: [pair('ash', { character: 'leaf.margin', missing: 'both' })] } },
    { id: 'three', found: { pairs: [pair('larch', { character: 'fruit.colour', missing: 'season' })] } },
    { id: 'four', found: { pairs: [] } },
  ]);
  expect(found.values).toEqual([
    { of: { taxon: 'ash' }, character: 'leaf.margin', pairs: 2 },
    { of: { station: 'one' }, character: 'bark.texture', pairs: 1 },
  ]);
  expect([found.stations, found.left]).toEqual([3, 1]);
});

test('nothing to record where nothing is open', () => {
  expect(settlingValues([])).toEqual({ values: [], stations: 0, left: 0 });
});
