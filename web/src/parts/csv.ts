import { writeCsv } from '@hurrow/core/csv';

export type CsvRow = Readonly<Record<string, string | number | null>>;

/** Rows as CSV text with a header, by the one writer of CSV: cells a spreadsheet would run are made harmless. */
export function toCsv(rows: readonly CsvRow[]): string {
  const head = Object.keys(rows[0] ?? {});
  return writeCsv([head, ...rows.map((r) => head.map((k) => r[k] ?? null))]);
}

/** Hands rows to the browser as a CSV file. */
export function saveCsv(name: string, rows: readonly CsvRow[]): void {
  const url = URL.createObjectURL(new Blob([toCsv(rows)], { type: 'text/csv;charset=utf-8' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${name}.csv`;
  link.click();
  URL.revokeObjectURL(url);
}
