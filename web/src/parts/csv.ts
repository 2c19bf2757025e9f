import Papa from 'papaparse';

/** A cell that a spreadsheet would run as a formula is made harmless. */
const harmless = (cell: string | number | null): string | number =>
  typeof cell === 'string' && /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : (cell ?? '');

export type CsvRow = Readonly<Record<string, string | number | null>>;

/** Rows as CSV text with a header. */
export const toCsv = (rows: readonly CsvRow[]): string =>
  Papa.unparse(rows.map((r) => Object.fromEntries(Object.entries(r).map(([k, v]) => [k, harmless(v)]))));

/** Hands rows to the browser as a CSV file. */
export function saveCsv(name: string, rows: readonly CsvRow[]): void {
  const url = URL.createObjectURL(new Blob([toCsv(rows)], { type: 'text/csv;charset=utf-8' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${name}.csv`;
  link.click();
  URL.revokeObjectURL(url);
}
