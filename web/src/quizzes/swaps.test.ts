import { expect, test } from '@jest/globals';
import type { SittingStation } from '@hurrow/contract';
import type { FairnessVerdict, StationFairness } from '@hurrow/core/fairness';
import { stationFixture, treeFixture } from './stationFixture.ts';
import { byFairness, swapChoices } from './swaps.ts';

const away = { id: 'away', name: 'Away', lat: 40, lon: -105, elevM: 1600 };
const fir = treeFixture('L1', 'fir', { trail: 'Ledger Loop' });
const at = { station: stationFixture(fir) } as unknown as SittingStation;
const trees = [
  fir,
  treeFixture('L10', 'larch'),
  treeFixture('L9', 'larch', { trail: 'Ledger Loop' }),
  treeFixture('L3', 'fir'),
  treeFixture('L2', 'fir', { retired: true }),
  treeFixture('A1', 'fir', { site: away }),
  treeFixture('L4', 'oak'),
];

test('trees that could stand there: of its species first, then on its trail, none that is used, retired, away or unlisted', () => {
  const found = swapChoices({ stations: [at] }, at, trees, [{ id: 'fir' }, { id: 'larch' }]);
  expect(found.map((t) => t.tag)).toEqual(['L3', 'L9', 'L10']);
});

test('the fairest of a species first, those not judged yet last', () => {
  const judged = (tag: string, taxon: string, verdict: FairnessVerdict | null) => ({
    tree: treeFixture(tag, taxon),
    found: verdict && ({ verdict } as StationFairness),
  });
  const order = byFairness(
    [
      judged('a', 'larch', 'fair'),
      judged('b', 'fir', null),
      judged('c', 'fir', 'unfair'),
      judged('d', 'fir', 'fair'),
    ],
    'fir',
  );
  expect(order.map((j) => j.tree.tag)).toEqual(['d', 'c', 'b', 'a']);
});
