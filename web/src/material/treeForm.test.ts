import { describe, expect, test } from '@jest/globals';
import type { TreeRow } from '@hurrow/contract';
import { changeOf, enteredOf, readPlace, reachOf } from './treeForm.ts';

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
  place: { lat: 47.9, lon: -115.9, elevM: 760 },
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
      place: { lat: 47.9, lon: -115.9, elevM: 760 },
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

  test('a place is two numbers, and its elevation goes with another place', () => {
    expect(readPlace(' 47.9024, -115.8978 ')).toEqual({ lat: 47.9024, lon: -115.8978 });
    expect(readPlace('47.9 -115.9')).toEqual({ lat: 47.9, lon: -115.9 });
    for (const typed of ['', '47.9', '95, 10', '47.9, -115.9, 3', 'by the creek'])
      expect(readPlace(typed)).toBeNull();
    expect(changeOf({ ...enteredOf(tree), place: '47.91, -115.9' }, tree).place).toEqual({
      lat: 47.91,
      lon: -115.9,
      elevM: null,
    });
    expect(changeOf({ ...enteredOf(tree), place: '' }, tree).place).toBeNull();
  });

  test('an organ brought back into reach is reached by hand, another keeps how it was reached', () => {
    expect(reachOf([], tree.reach)).toMatchObject({ leaf: 'hand', bark: 'trunk' });
    expect(reachOf(['bark'], tree.reach)).toMatchObject({ leaf: 'hand', bark: 'out' });
    expect(reachOf(['fruit'], null)).toMatchObject({ leaf: 'hand', fruit: 'out', wood: 'out' });
  });
});
