import { describe, expect, test } from '@jest/globals';
import { harmless, writeCsv } from '../csv/index.ts';
import { readCsv } from './csv.ts';
import { refusedBy } from './sample.ts';

describe('CSV', () => {
  test('knows the line each row starts on, whatever its cells hold', () => {
    const read = readCsv('a,b\n"two\nlines",1\n\n"say ""so""",2\n', ['a']);
    expect(read.ok && read.file.rows).toEqual([
      { line: 2, cells: ['two\nlines', '1'] },
      { line: 5, cells: ['say "so"', '2'] },
    ]);
  });

  test('is read with a tab or a semicolon too, and refused with any other delimiter', () => {
    expect(readCsv('a;b\n1;2\n', ['a', 'b']).ok).toBe(true);
    expect(readCsv('a\tb\n1\t2\n', ['a', 'b']).ok).toBe(true);
    expect(refusedBy(readCsv('a|b\n1|2\n', ['a', 'b']))).toEqual([
      '1:1 The header has no column “a”, “b”, and only one column at all.',
    ]);
  });

  test('tells an open quotation mark, a row too long and a column twice where they stand', () => {
    expect(refusedBy(readCsv('a,b\n1,"2\n', ['a']))).toEqual(['2:1 A quotation mark is not closed.']);
    expect(refusedBy(readCsv('a,b\n1,2\n1,2,3\n', ['a']))).toEqual([
      '3:3 The row has 3 cells, the header 2.',
    ]);
    expect(refusedBy(readCsv('a,b,A\n', ['a']))).toEqual(['1:3 The column “a” stands twice.']);
  });

  test('holds no cell that a spreadsheet would run', () => {
    expect(['=1+1', '+1', '-x', '@now', 'plain', '-'].map(harmless)).toEqual([
      "'=1+1",
      "'+1",
      "'-x",
      "'@now",
      'plain',
      '-',
    ]);
    const read = readCsv(writeCsv([['a'], ['=cmd()']]), ['a']);
    expect(read.ok && read.file.rows[0]?.cells).toEqual(['=cmd()']);
  });
});
