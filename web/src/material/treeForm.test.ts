import { describe, expect, test } from '@jest/globals';
import type { TreeRow } from '@hurrow/contract';
import { changeOf, enteredOf, reachOf } from './treeForm.ts';

const tree = {
  id: 't',
  tag: 'K04',
  site: { id: 'creek', name: 'Quillan Creek', lat: 0, lon: 0, elevM: 0 },
  taxon: {
    id: 'lyallii',
    rank: 'species',
    scientific: 'Larix lyallii',
    authority: null,
    common: 'alpine larch',
  },
  stage: 'mature',
  condition: null,
  hazards: ['road', 'of long ago'],
  access: 'Gate 3',
  reach: { leaf: 'out', bark: 'trunk', twig: 'hand', wood: 'out' },
  version: 4,
} as unknown as TreeRow;

describe('the form of a tree', () => {
  test('saved as it is, changes nothing that it shows', () => {
    expect(changeOf(enteredOf(tree), tree)).toEqual({
      site: 'creek',
      tag: 'K04',
      taxon: 'lyallii',
      stage: 'mature',
      condition: null,
      hazards: ['road'],
      access: 'Gate 3',
      retired: false,
      reach: expect.objectContaining({ leaf: 'out', bark: 'trunk', twig: 'hand', wood: 'out' }),
    });
  });

  test('what is empty is nothing, and space around a tag is none of it', () => {
    expect(changeOf({ site: 's', tag: ' L41 ', taxon: 'x', condition: '  ' }, tree)).toMatchObject({
      tag: 'L41',
      stage: null,
      condition: null,
      access: null,
      hazards: [],
    });
  });

  test('an organ brought back into reach is reached by hand, another keeps how it was reached', () => {
    expect(reachOf([], tree.reach)).toMatchObject({ leaf: 'hand', bark: 'trunk' });
    expect(reachOf(['bark'], tree.reach)).toMatchObject({ leaf: 'hand', bark: 'out' });
    expect(reachOf(['fruit'], null)).toMatchObject({ leaf: 'hand', fruit: 'out', wood: 'out' });
  });
});
