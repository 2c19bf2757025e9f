import Papa from 'papaparse';
import { asTyped } from '../csv/index.ts';
import { MOST_TEXT, refusal, tooLong } from './place.ts';
import type { Place, Refusal } from './place.ts';

export interface CsvRow {
  readonly line: number;
  readonly cells: readonly string[];
}

export interface CsvFile {
  readonly head: readonly string[];
  readonly rows: readonly CsvRow[];
  readonly at: (row: CsvRow, column: number) => Place;
}

const DELIMITERS = [',', '\t', ';'] as const;
const MOST_COLUMNS = 1000;
/**
 * Reads CSV with a header line. The delimiter is a comma; a header that has none but tabs or semicolons is read by
 * those. Quoted cells may hold line breaks, and every row knows the line it starts on.
 * @param required columns that must be there, whatever their order.
 * @param as other words for columns, by what they stand for.
 */
export function readCsv(
  text: string,
  required: readonly string[],
  as: Readonly<Record<string, string>> = {},
): { ok: true; file: CsvFile } | { ok: false; refused: readonly Refusal[] } {
  const long = tooLong(text, MOST_TEXT.csv);
  if (long) return { ok: false, refused: [long] };
  const clean = text.replace(/^\ufeff/, '').replace(/\r\n?/g, '\n');
  const first = clean.slice(0, clean.indexOf('\n') < 0 ? clean.length : clean.indexOf('\n'));
  const found = (d: string): number => first.split(d).length - 1;
  const delimiter = DELIMITERS.find((d) => found(d) > 0) ?? ',';
  const rows: CsvRow[] = [];
  const refused: Refusal[] = [];
  let line = 1;
  let from = 0;
  Papa.parse<string[]>(clean, {
    delimiter,
    step: ({ data, errors, meta }, parser) => {
      for (const e of errors) {
        if (e.type !== 'Quotes') continue;
        refused.push(
          refusal(
            { line, column: 1 },
            'A quotation mark is not closed.',
            'Close it, or double it within a cell.',
          ),
        );
      }
      if (data.some((c) => c.trim() !== '')) rows.push({ line, cells: data.map((c) => asTyped(c.trim())) });
      for (let i = clean.indexOf('\n', from); i >= 0 && i < meta.cursor; i = clean.indexOf('\n', i + 1))
        line += 1;
      from = meta.cursor;
      if (refused.length > 20) parser.abort();
    },
  });
  const [head, ...body] = rows;
  if (refused.length > 0) return { ok: false, refused };
  if (!head)
    return {
      ok: false,
      refused: [refusal({ line: 1, column: 1 }, 'The file is empty.', 'Choose a file with a header line.')],
    };
  const names = head.cells.map((c) => as[c.toLowerCase()] ?? c.toLowerCase());
  if (names.length > MOST_COLUMNS) {
    return {
      ok: false,
      refused: [
        refusal(
          { line: 1, column: 1 },
          `The header has ${names.length} columns.`,
          `At most ${MOST_COLUMNS} are read.`,
        ),
      ],
    };
  }
  const missing = required.filter((r) => !names.includes(r));
  if (missing.length > 0) {
    return {
      ok: false,
      refused: [
        refusal(
          { line: head.line, column: 1 },
          `The header has no column “${missing.join('”, “')}”${names.length === 1 ? ', and only one column at all' : ''}.`,
          names.length === 1
            ? 'Save it as CSV with a comma, a tab or a semicolon between the columns.'
            : `Columns wanted: ${required.join(', ')}.`,
        ),
      ],
    };
  }
  const twice = names.find((n, i) => n !== '' && names.indexOf(n) < i);
  if (twice !== undefined) {
    return {
      ok: false,
      refused: [
        refusal(
          { line: head.line, column: names.lastIndexOf(twice) + 1 },
          `The column “${twice}” stands twice.`,
          'Keep one of the two.',
        ),
      ],
    };
  }
  for (const row of body) {
    if (row.cells.length <= names.length) continue;
    refused.push(
      refusal(
        { line: row.line, column: names.length + 1 },
        `The row has ${row.cells.length} cells, the header ${names.length}.`,
        'Put a cell that holds the delimiter into quotation marks.',
      ),
    );
  }
  if (refused.length > 0) return { ok: false, refused };
  return {
    ok: true,
    file: { head: names, rows: body, at: (row, column) => ({ line: row.line, column: column + 1 }) },
  };
}
