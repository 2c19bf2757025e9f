import { describe, expect, test } from '@jest/globals';
import { refuseNearNames } from './nearKnown.ts';
import { LIBRARY, vocabulary, refusedBy } from './sample.ts';
import { readTable } from './table.ts';

describe('names in a table that the library nearly has', () => {
  const known = LIBRARY.taxa.find((t) => t.rank === 'species')?.name ?? '';
  const slip = `${known.slice(0, -2)}${known.slice(-1)}`;

  test('are refused with the name that was meant, at their line', () => {
    const read = readTable(`species,bark.texture\n${known},smooth\n${slip},smooth\n`, vocabulary, 'x');
    const checked = refuseNearNames(read, LIBRARY);
    expect(refusedBy(checked)).toEqual([`3:1 The library has no ${slip}. Did you mean ${known}?`]);
  });

  test('let the known ones and those that are plainly new through', () => {
    const read = readTable(
      `species,bark.texture\n${known},smooth\nZelkova serrata,smooth\n`,
      vocabulary,
      'x',
    );
    expect(refuseNearNames(read, LIBRARY)).toBe(read);
  });
});
