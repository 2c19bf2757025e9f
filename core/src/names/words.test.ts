import { expect, test } from '@jest/globals';
import { bare, isFamilyName, singulars, writtenOut } from './words.ts';

const of = (text: string): string[] => text.split(' ');
const said = (ways: readonly (readonly string[])[]): readonly string[] => ways.map((w) => w.join(' '));

test.each([
  ['i think its a grand fir', 'grand fir'],
  ['grand fir tree', 'grand fir'],
  ['salix sp', 'salix'],
  ['tree', 'tree'],
  ['the', 'the'],
  ['tree of heaven', 'tree of heaven'],
])('“%s” without what is said around it is “%s”', (typed, plain) => {
  expect(bare(of(typed)).join(' ')).toBe(plain);
});

test.each([
  ['cottonwoods', ['cottonwood']],
  ['wild cherries', ['wild cherry', 'wild cherri', 'wild cherrie']],
  ['ashes', ['ash', 'ashe']],
  ['cypress', []],
  ['as', []],
])('the singular of “%s”', (typed, expected) => {
  expect(said(singulars(of(typed)))).toEqual(expected);
});

test.each([
  ['doug fir', ['douglas fir']],
  ['rocky mt juniper', ['rocky mountain juniper']],
  ['w pine', ['western pine', 'white pine']],
  ['grand fir', []],
])('short forms of “%s” written out', (typed, expected) => {
  expect(said(writtenOut(of(typed)))).toEqual(expected);
});

test('families are known by their ending, and the old ones by name', () => {
  expect(['pinaceae', 'leguminosae', 'xyzaceae', 'abies', 'aceae'].map(isFamilyName)).toEqual([
    true,
    true,
    true,
    false,
    false,
  ]);
});
