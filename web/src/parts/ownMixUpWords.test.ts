import { expect, test } from '@jest/globals';
import type { OwnMixUp } from '@hurrow/contract';
import { ownMixUpWords } from './ownMixUpWords.ts';

const mixed = (part: Partial<OwnMixUp>): OwnMixUp => ({
  wrote: 'subalpine fir',
  tree: 'grand fir',
  k: 1,
  n: 2,
  again: { k: 0, n: 0 },
  clean: 0,
  resolved: false,
  ...part,
});

test.each<[Partial<OwnMixUp>, string]>([
  [{}, 'You have not seen another tree of the two since.'],
  [{ again: { k: 2, n: 3 } }, 'It happened again on 2 of 3 new trees. Compare the two.'],
  [{ clean: 1, again: { k: 0, n: 1 } }, 'You have been right on 1 day since. Three resolve it.'],
  [{ clean: 2 }, 'You have been right on 2 days since. Three resolve it.'],
  [
    { clean: 3, resolved: true, again: { k: 1, n: 5 } },
    'You have been right on three days since. This pair is resolved.',
  ],
])('%o', (part, since) => {
  expect(ownMixUpWords(mixed(part))).toEqual([
    'You wrote subalpine fir; the tree was grand fir: 1 of 2 times.',
    since,
  ]);
});
