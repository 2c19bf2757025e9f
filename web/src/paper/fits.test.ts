import { describe, expect, test } from '@jest/globals';
import type { TaxonHeader } from '@hurrow/contract';
import { speciesFor } from './fits.ts';

const taxon = (scientific: string, common: string | null): TaxonHeader => ({
  id: scientific,
  rank: 'species',
  scientific,
  common,
  authority: null,
});
const LIST = [
  taxon('Abies grandis', 'grand fir'),
  taxon('Abies lasiocarpa', 'subalpine fir'),
  taxon('Acer glabrum', 'Rocky Mountain maple'),
  taxon('Alnus incana', 'thinleaf alder'),
  taxon('Pinus albicaulis', 'whitebark pine'),
];
const found = (letters: string): readonly string[] => speciesFor(letters, LIST).map((s) => s.scientific);

describe('letters that name a species', () => {
  test.each([
    ['ag', 'Abies grandis'],
    ['al', 'Abies lasiocarpa'],
    ['gf', 'Abies grandis'],
    ['sf', 'Abies lasiocarpa'],
    ['rmm', 'Acer glabrum'],
    ['white', 'Pinus albicaulis'],
    ['grandis', 'Abies grandis'],
    ['WP', 'Pinus albicaulis'],
    [' pine ', 'Pinus albicaulis'],
  ])('“%s” finds %s first', (letters, first) => {
    expect(found(letters)[0]).toBe(first);
  });

  test('one letter finds those that begin with it, and nothing finds nothing', () => {
    expect(found('p')[0]).toBe('Pinus albicaulis');
    expect(found('')).toEqual([]);
    expect(found('xq')).toEqual([]);
  });

  test('first letters of both words go before a name that only begins so', () => {
    // Alnus begins with “al” too.
    expect(found('al').slice(0, 2)).toEqual(['Abies lasiocarpa', 'Alnus incana']);
  });
});
