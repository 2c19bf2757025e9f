import { describe, expect, test } from '@jest/globals';
import { readNameDocument, writeNames } from './nameDocument.ts';
import { readRangeMap, readRangeTable, writeRangeMap, writeRangeTable } from './ranges.ts';
import { readRoster, writeRoster } from './roster.ts';
import { LIBRARY, refusedBy } from './sample.ts';

describe('names, ranges and rosters', () => {
  test('a list of names gives species under their genus and family, and the list', () => {
    const read = readNameDocument(
      'scientific,family,common,synonyms,older_families,week,label\nAbies procera,Pinaceae,noble fir | red fir,Abies nobilis,,2,fir 3\n',
      'My list',
    );
    if (!read.ok) throw new Error(read.refused[0]?.message);
    expect(read.value.lists).toEqual([
      { name: 'My list', members: [{ name: 'Abies procera', week: 2, label: 'fir 3' }] },
    ]);
    expect(read.value.taxa?.[0]).toMatchObject({
      rank: 'species',
      parents: [{ name: 'Abies', kind: 'classification' }],
      names: [
        { kind: 'common', text: 'noble fir', preferred: true },
        { kind: 'common', text: 'red fir', preferred: false },
        { kind: 'synonym', text: 'Abies nobilis' },
      ],
    });
    expect(refusedBy(readNameDocument('the big fir, 1\n', 'x'))).toEqual([
      '1:1 “the big fir” is no scientific name.',
    ]);
  });

  test('names come back as they were written', () => {
    const lines = [
      {
        scientific: 'Abies procera',
        family: 'Pinaceae',
        common: ['noble fir'],
        synonyms: ['Abies nobilis'],
        olderFamilies: ['Coniferae'],
        week: 2,
        label: 'fir, 3',
      },
    ];
    const read = readNameDocument(writeNames(lines), 'x');
    expect(read.ok && read.value.taxa?.[0]?.names?.map((n) => [n.kind, n.text])).toEqual([
      ['common', 'noble fir'],
      ['synonym', 'Abies nobilis'],
      ['older_family', 'Coniferae'],
    ]);
    expect(read.ok && read.value.lists?.[0]?.members).toEqual([
      { name: 'Abies procera', week: 2, label: 'fir, 3' },
    ]);
  });

  test('ranges by code come back as they were written; a wrong code, a wrong presence and a region twice are refused', () => {
    const range = [
      { region: 'CA-BC', presence: 'rare', source: null },
      { region: 'US-MT-089', presence: 'native', source: 'A flora' },
    ];
    const read = readRangeTable(writeRangeTable([{ name: 'Abies grandis', range }]));
    expect(read.ok && read.value).toEqual([{ name: 'Abies grandis', rank: 'species', range }]);
    expect(
      refusedBy(
        readRangeTable('species,region,presence\nA b,Idaho,native\nA b,US-ID,common\nA b,us-id,native\n'),
      ),
    ).toEqual([
      '2:2 “Idaho” is no region code.',
      '3:3 “common” is no presence.',
      '4:2 US-ID is given twice for A b.',
    ]);
  });

  test('areas come back as they were drawn; a ring left open or outside the world is refused', () => {
    const areas = LIBRARY.taxa[1]?.areas ?? [];
    const read = readRangeMap(writeRangeMap([{ name: 'Abies grandis', areas }]));
    expect(read.ok && read.value).toEqual([{ name: 'Abies grandis', rank: 'species', areas }]);
    const feature = (ring: readonly (readonly number[])[]): string =>
      `{"type":"FeatureCollection","features":[\n${JSON.stringify({
        type: 'Feature',
        properties: { species: 'Abies grandis', presence: 'native' },
        geometry: { type: 'Polygon', coordinates: [ring] },
      })}]}`;
    const open = readRangeMap(
      feature([
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ]),
    );
    expect(open.ok ? [] : open.refused[0]).toMatchObject({
      line: 2,
      message: 'A ring must end where it begins.',
    });
    const turned = readRangeMap(
      feature([
        [47, -116],
        [48, -116],
        [48, -115],
        [47, -116],
      ]),
    );
    expect(turned.ok ? [] : turned.refused[0]?.message).toMatch(/longitude comes first/);
  });

  test('a roster asks nothing more of students than number and first name', () => {
    const lines = [
      { section: 'Tuesday lab', code: '101', name: 'Wren', schoolId: 'q77' },
      { section: 'Tuesday lab', code: '102', name: null, schoolId: null },
    ];
    const read = readRoster(writeRoster(lines));
    expect(read.ok && read.value).toEqual(lines);
    expect(refusedBy(readRoster('section,code,email\nTuesday lab,101,x@example.org\n'))).toEqual([
      '1:3 There is no column “email” in a roster.',
    ]);
    expect(refusedBy(readRoster('section,code\nTuesday lab,101\nTuesday lab,101\n,a b\n'))).toEqual([
      '3:2 101 is also in line 2.',
      '4:1 The row names no class.',
      '4:2 “a b” is not a student number.',
    ]);
  });
});
