import Papa from 'papaparse';

/** A spreadsheet would run a cell that starts with one of these. */
const RUNS = /^[=+\-@\t\r]/;

/** A cell that a spreadsheet would run as a formula is written with an apostrophe before it. */
export const harmless = (cell: string): string => (RUNS.test(cell) && cell !== '-' ? `'${cell}` : cell);

/** A cell as it was before `harmless`. */
export const asTyped = (cell: string): string =>
  cell.startsWith("'") && RUNS.test(cell.slice(1)) ? cell.slice(1) : cell;

/** Lines of cells as CSV: UTF-8, comma, quotes where needed, every cell harmless in a spreadsheet. */
export const writeCsv = (lines: readonly (readonly (string | number | null)[])[]): string =>
  `${Papa.unparse(
    lines.map((l) => l.map((c) => (typeof c === 'number' ? c : harmless(c ?? '')))),
    { newline: '\n' },
  )}\n`;
