import { describe, expect, test } from '@jest/globals';
import { nameIndex, realTree, standsUnder } from './index.ts';
import type { NameEntry } from './index.ts';

const entry = (taxon: string, text: string, kind: NameEntry['kind'], rank: NameEntry['rank']): NameEntry => ({
  taxon,
  text,
  kind,
  rank,
});
const library = nameIndex([
  entry('abies', 'Abies', 'accepted', 'genus'),
  entry('abies', 'fir', 'common', 'genus'),
  entry('grandis', 'Abies grandis', 'accepted', 'species'),
  entry('grandis', 'grand fir', 'common', 'species'),
  entry('acer', 'Acer', 'accepted', 'genus'),
  entry('acer', 'maple', 'common', 'genus'),
]);

describe('a real tree that the library does not hold', () => {
  test.each([
    ['sugar maple', { scientific: 'Acer saccharum', common: 'sugar maple', family: 'Sapindaceae' }],
    ['Acer saccharum', { scientific: 'Acer saccharum', common: 'sugar maple', family: 'Sapindaceae' }],
    ['Douglas-fir', { scientific: 'Pseudotsuga menziesii', common: 'Douglas-fir', family: 'Pinaceae' }],
  ])('%s is known by its own name, and an English name is kept as typed', (typed, real) => {
    expect(realTree(typed, library)).toEqual(real);
  });

  test.each(['grand fir', 'Abies grandis', 'snotterwood', 'Fakus imaginaria', ''])(
    '%j is none: the library holds it, or nobody knows it',
    (typed) => {
      expect(realTree(typed, library)).toBeNull();
    },
  );

  test('it stands under its own genus, whatever its English name ends with', () => {
    expect(standsUnder('Douglas-fir', null, library)).toBeNull();
    expect(standsUnder('western fir of the hills fir', null, library)).toBe('abies');
    expect(standsUnder('sugar maple', null, library)).toBe('acer');
  });
});
