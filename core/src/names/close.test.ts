import { describe, expect, test } from '@jest/globals';
import { closeNames, sharedNames } from './index.ts';
import type { ListedName } from './index.ts';

const common = (taxon: string, text: string): ListedName => ({ taxon, text, kind: 'common' });
const accepted = (text: string): ListedName => ({ taxon: text, text, kind: 'accepted' });

describe('names of a list', () => {
  test('a common name that means two species is found however it is written', () => {
    const shared = sharedNames([
      common('scopulina', 'mountain ash'),
      common('aucuparia', 'Mountain-ash'),
      common('aucuparia', 'rowan'),
    ]);
    expect(shared).toEqual([{ text: 'mountain ash', taxa: ['scopulina', 'aucuparia'] }]);
  });

  test('words one or two edits apart are close, the same word and short words are not', () => {
    const close = closeNames([
      accepted('Prunus virginiana'),
      accepted('Frangula purshiana'),
      accepted('Picea engelmannii'),
      accepted('Picea pungens'),
      accepted('Tsuga heterophylla'),
      common('x', 'paper birch'),
      common('y', 'water birch'),
    ]);
    expect(close.map((c) => c.words)).toContainEqual(['paper birch', 'water birch']);
    expect(close.map((c) => c.words.join())).not.toContain('picea,picea');
    for (const c of close) expect(c.edits).toBeLessThanOrEqual(3);
  });
});
