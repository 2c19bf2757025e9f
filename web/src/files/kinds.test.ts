import { expect, test } from '@jest/globals';
import { EXPORT_FORMATS, IMPORT_KINDS, RESULT_FORMATS } from '@hurrow/contract';
import type { ExportFormat } from '@hurrow/contract';
import { GIVEN, KINDS, RESULTS, kindWord, likelyKind, narrowedBy } from './kinds.ts';

test('every kind of file is offered, in and out', () => {
  expect(KINDS.map((k) => k.id).sort()).toEqual([...IMPORT_KINDS].sort());
  expect(GIVEN.map((g) => g.id).sort()).toEqual(Object.keys(EXPORT_FORMATS).sort());
  expect(RESULTS.map((r) => r.id).sort()).toEqual(Object.keys(RESULT_FORMATS).sort());
  expect(RESULTS.filter((r) => r.isMore).map((r) => r.id)).toEqual(['qti', 'xapi']);
  expect(kindWord('table')).toBe('Character table (CSV)');
});

test('a file that was given out is known again by its name', () => {
  for (const [format, { file }] of Object.entries(EXPORT_FORMATS))
    expect([format, likelyKind(`hurrow-${file}`)]).toEqual([format, format]);
  expect(likelyKind('hurrow-responses.csv')).toBe('responses');
  expect([likelyKind('notes.csv'), likelyKind('leaf.png'), likelyKind('A.XML')]).toEqual([null, null, 'sdd']);
});

test('lists narrow names and tables, sections narrow rosters, nothing narrows the rest', () => {
  const by = (Object.keys(EXPORT_FORMATS) as ExportFormat[]).map(
    (f) => `${f}: ${narrowedBy(f) ?? 'nothing'}`,
  );
  expect(by.filter((b) => !b.endsWith('nothing')).sort()).toEqual([
    'names: list',
    'roster: section',
    'table: list',
  ]);
});
