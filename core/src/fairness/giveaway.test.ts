import { describe, expect, test } from '@jest/globals';
import { taxon, vocabulary } from '../compare/fixture.ts';
import { comparedWith } from '../quizzes/index.ts';
import { OFTEN, givenAway, placeIsLearnt, ruledOutByAsking } from './index.ts';
import type { SaidAt } from './index.ts';

describe('what is given away', () => {
  test('a character question rules out the species to which it does not apply', () => {
    const list = [
      taxon('pine', { 'leaf.kind': 'needle' }),
      taxon('maple', { 'leaf.kind': 'broad', 'leaf.complexity': 'simple' }),
      taxon('ash', { 'leaf.kind': 'broad', 'leaf.complexity': 'odd-pinnate' }),
      taxon('unknown', {}),
    ];
    expect(ruledOutByAsking('leaf.leaflet_count', list, vocabulary)).toEqual(['pine', 'maple']);
    expect(ruledOutByAsking('leaf.kind', list, vocabulary)).toEqual([]);
    expect(ruledOutByAsking('no.such', list, vocabulary)).toEqual([]);
  });

  const at = (number: number, part: Partial<SaidAt> = {}): SaidAt => ({
    id: `s${number}`,
    number,
    individual: `tree ${number}`,
    taxon: `species ${number}`,
    asksName: true,
    named: [],
    ...part,
  });

  test('two stations give each other away by one tree, one species, or a name printed there', () => {
    expect(givenAway([at(1), at(2)])).toEqual([]);
    expect(givenAway([at(1), at(2, { individual: 'tree 1', taxon: 'species 1' })])).toEqual([
      { station: 's2', other: 1, why: 'same_tree' },
    ]);
    expect(givenAway([at(1), at(2, { taxon: 'species 1' })])).toEqual([
      { station: 's2', other: 1, why: 'same_species' },
    ]);
    const printed = at(2, { taxon: 'species 1', named: ['species 1', 'species 9'] });
    expect(givenAway([at(1), printed])).toEqual([
      { station: 's1', other: 2, why: 'named_there' },
      { station: 's2', other: 1, why: 'same_species' },
    ]);
    // Where no name is asked, none is given away.
    expect(givenAway([at(1, { asksName: false }), { ...printed, asksName: false }])).toEqual([]);
  });

  test('a tree that stood in many sittings is known by its place', () => {
    expect([placeIsLearnt(OFTEN - 1), placeIsLearnt(OFTEN)]).toEqual([false, true]);
  });
});

test('compared are the species taught by the day, and hazardous ones always', () => {
  const list = [
    { taxon: 'early', week: 1, hazardous: false },
    { taxon: 'late', week: 9, hazardous: false },
    { taxon: 'poison-ivy', week: 9, hazardous: true },
    { taxon: 'any', week: null, hazardous: false },
  ];
  expect(comparedWith(list, '2026-08-31', '2026-10-06')).toEqual(['early', 'poison-ivy', 'any']);
  expect(comparedWith(list, '2026-08-31', '2026-10-06', true)).toHaveLength(4);
  expect(comparedWith(list, null, '2026-10-06')).toHaveLength(4);
});
