import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { ReadFile } from './place.ts';
import { readLibraryJson, writeLibraryJson } from './libraryJson.ts';
import { readNameDocument } from './nameDocument.ts';
import { planImport } from './plan.ts';
import { readRangeMap, readRangeTable } from './ranges.ts';
import { readRoster } from './roster.ts';
import { LIBRARY, vocabulary } from './sample.ts';
import { readSdd } from './sddRead.ts';
import { writeSdd } from './sddWrite.ts';
import { readTable } from './table.ts';

const RUNS = Number(process.env['HURROW_FUZZ'] ?? 1000);

/** Frozen to the ground, so that a plan that changed it would throw. */
function frozen<T>(value: T): T {
  if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) {
    Object.freeze(value);
    for (const inner of Object.values(value)) frozen(inner);
  }
  return value;
}

const SMALL = frozen({ ...LIBRARY, characters: LIBRARY.characters.slice(0, 4), words: [] });
/** Files that are right, to be damaged. */
const RIGHT = {
  library: writeLibraryJson({ ...SMALL, characters: [] }, '1'),
  sdd: writeSdd(LIBRARY, '1', '2026-10-01T00:00:00Z'),
  table: 'species,bark.texture,needle.length (mm)\nAbies grandis,smooth | furrowed?,(15) 20-50 mm\n',
  names:
    'scientific,family,common,synonyms,older_families,week,label\nAbies procera,Pinaceae,"noble, fir",,,2,x\n',
  ranges: 'species,region,presence,source\nAbies grandis,US-ID,native,A flora\n',
  areas:
    '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"species":"A b","presence":"native"},"geometry":{"type":"Polygon","coordinates":[[[0,0],[1,0],[1,1],[0,0]]]}}]}',
  roster: 'section,code,name\nTuesday lab,101,Wren\n',
} as const;

const READ: Readonly<Record<keyof typeof RIGHT, (text: string) => ReadFile<unknown>>> = {
  library: readLibraryJson,
  sdd: (t) => readSdd(t, vocabulary, 'x'),
  table: (t) => readTable(t, vocabulary, 'x'),
  names: (t) => readNameDocument(t, 'x'),
  ranges: readRangeTable,
  areas: readRangeMap,
  roster: readRoster,
};

/** A right file with a piece cut out, put in twice or replaced, or no file at all. */
const damaged = (right: string): fc.Arbitrary<string> => {
  const piece = fc.oneof(
    fc.string(),
    fc.constantFrom(
      '"',
      ',',
      '\n',
      '<',
      '>',
      '&',
      ']]>',
      '<!DOCTYPE a>',
      '{',
      '[',
      'null',
      '-1e999',
      '\u0000',
      '=1',
      '\ufeff',
      '|',
      '(',
      '??',
    ),
  );
  const at = fc.nat(right.length);
  return fc.oneof(
    {
      weight: 5,
      arbitrary: fc
        .tuple(at, fc.nat(40), piece)
        .map(([i, n, p]) => right.slice(0, i) + p + right.slice(i + n)),
    },
    { weight: 2, arbitrary: fc.tuple(at, at).map(([i, j]) => right.slice(0, i) + right.slice(j)) },
    { weight: 1, arbitrary: fc.string({ unit: 'binary' }) },
  );
};

/** Whether a file was read, with its plan where it is one of the library; anything refused has place and remedy. */
function check(kind: keyof typeof RIGHT, text: string): boolean {
  const read = READ[kind](text);
  const refused = read.ok
    ? kind === 'library'
      ? planImport(SMALL, read.value as never, { adding: false, where: read.where }).refused
      : []
    : read.refused;
  // One assertion a file: one for each part of each refusal takes as long as reading the files.
  const untold = refused.filter(
    (r) => !(r.line >= 1 && r.column >= 1 && r.message.length > 3 && r.remedy.length > 3),
  );
  expect(untold).toEqual([]);
  if (!read.ok) expect(refused.length).toBeGreaterThan(0);
  return read.ok;
}

describe.each(Object.keys(RIGHT) as (keyof typeof RIGHT)[])('a damaged file of %s', (kind) => {
  test('is read or refused with a place and a remedy, never more, and changes nothing', () => {
    expect(check(kind, RIGHT[kind])).toBe(true);
    let refused = 0;
    fc.assert(
      fc.property(damaged(RIGHT[kind]), (text) => {
        if (!check(kind, text)) refused += 1;
      }),
      { numRuns: RUNS },
    );
    expect(refused).toBeGreaterThan(RUNS / 20);
  });
});
