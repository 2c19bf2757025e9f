import { expect, test } from '@jest/globals';
import { familiesOfGenus, judgeFamily, nameIndex } from './index.ts';

const INDEX = nameIndex([
  { taxon: 'g', rank: 'genus', kind: 'accepted', text: 'Acer' },
  { taxon: 'a', rank: 'species', kind: 'accepted', text: 'Acer glabrum' },
]);
const MAPLE = { family: 'Sapindaceae', older: ['Aceraceae'] };

test.each([
  ['Sapindaceae', 'exact', true],
  ['  sapindaceae ', 'exact', true],
  ['soapberry family', 'exact', true],
  ['soapberry', 'exact', true],
  ['Sapindacea', 'misspelled', true],
  ['Sapindaceae family', 'misspelled', true],
  ['Aceraceae', 'older_family', true],
  ['Acereaceae', 'misspelled', true],
  ['Sapindaceae (Aceraceae)', 'exact', true],
  ['Pinaceae', 'family', false],
  ['Pinacae', 'family', false],
  ['Leguminosae', 'family', false],
  ['Sapotaceae', 'family', false],
  ['Xyzaceae', 'family', false],
  ['Sapindaceae or Pinaceae', 'doubtful', false],
  ['Sapindaceae or something', 'doubtful', false],
  ['not Sapindaceae', 'doubtful', false],
  ['Acer', 'unlisted', false],
  ['Acer glabrum', 'unlisted', false],
  ['green thing', 'unlisted', false],
  ['  ', 'blank', false],
] as const)('“%s” as the family of a maple is %s', (typed, outcome, right) => {
  const { why: _, edits: __, ...judged } = judgeFamily(typed, MAPLE, INDEX);
  expect(judged).toEqual({ outcome, right });
});

test('an older family that a tree never stood in is another family', () => {
  expect(judgeFamily('Hippocastanaceae', MAPLE, INDEX).outcome).toBe('family');
  expect(judgeFamily('Fabaceae', { family: 'Fabaceae', older: [] }, INDEX).outcome).toBe('exact');
  // The family of the old kind is the same family.
  expect(judgeFamily('Leguminosae', { family: 'Fabaceae', older: [] }, INDEX).right).toBe(true);
});

test('a genus that nobody recorded a family of has that of the checklist', () => {
  expect(familiesOfGenus('Quercus alba')).toEqual({ family: 'Fagaceae', older: [] });
  expect(familiesOfGenus('× Chitalpa tashkentensis')).toEqual({ family: 'Bignoniaceae', older: [] });
  expect(familiesOfGenus('Nothing real')).toBeNull();
});
