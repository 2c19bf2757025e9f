import { describe, expect, test } from '@jest/globals';
import { meaningsOf, nameIndex } from './index.ts';

const index = nameIndex(
  (
    [
      ['occidentalis', 'Larix occidentalis', 'western larch'],
      ['lyallii', 'Larix lyallii', 'alpine larch'],
      ['grandis', 'Abies grandis', 'grand fir'],
      ['glabrum', 'Acer glabrum', 'mountain maple'],
      ['spicatum', 'Acer spicatum', 'mountain maple'],
    ] as const
  ).flatMap(([taxon, text, common]) => [
    { taxon, rank: 'species' as const, kind: 'accepted' as const, text },
    { taxon, rank: 'species' as const, kind: 'common' as const, text: common },
  ]),
);
const meant = (typed: string): readonly string[] => meaningsOf(typed, index).map((m) => m.taxon);

describe('what a written name may mean', () => {
  test.each([
    ['grand fir', ['grandis']],
    ['gran fir', ['grandis']],
    ['Larix ocidentalis', ['occidentalis']],
    ['a bush of some kind', []],
    ['', []],
  ])('“%s” may mean %j', (typed, taxa) => {
    expect(meant(typed)).toEqual(taxa);
  });

  test('a name of two species means both, as near to one as to the other', () => {
    const both = meaningsOf('mountain mapel', index);
    expect(both.map((m) => m.taxon).sort()).toEqual(['glabrum', 'spicatum']);
    expect(new Set(both.map((m) => m.edits)).size).toBe(1);
  });

  test('the nearest comes first, and a name itself is no edit away', () => {
    expect(meaningsOf('western larch', index)[0]).toEqual({ taxon: 'occidentalis', edits: 0 });
    const edits = meaningsOf('westen larch', index).map((m) => m.edits);
    expect(edits).toEqual([...edits].sort((a, b) => a - b));
  });
});
