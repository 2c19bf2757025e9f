import Papa from 'papaparse';
import { ok, refuse } from '../result.ts';
import type { Result } from '../result.ts';

export interface ListLine {
  /** Line of the pasted text, from 1. */
  readonly line: number;
  readonly name: string;
  readonly common: string | null;
  readonly family: string | null;
  readonly synonyms: readonly string[];
  readonly olderFamilies: readonly string[];
  readonly week: number | null;
  readonly label: string | null;
}

export const MAX_LIST_TEXT = 200_000;
const HEADER = ['scientific', 'family', 'common', 'synonyms', 'older_families', 'week', 'label'];
const LAST_WEEK = 60;

function weekOf(text: string | undefined): number | null {
  const m = /^(?:week|wk|w)?\s*(\d{1,2})$/i.exec((text ?? '').trim());
  const week = m ? Number(m[1]) : NaN;
  return week >= 1 && week <= LAST_WEEK ? week : null;
}

const clean = (text: string | undefined): string | null => {
  const t = (text ?? '').trim();
  return t === '' ? null : t;
};

/** Several values of one cell, separated by ` | `. */
const several = (text: string | undefined): string[] =>
  (text ?? '')
    .split('|')
    .map((t) => t.trim())
    .filter((t) => t !== '');

/** A free line: an optional bullet or number, a name, and a week anywhere behind it. */
function freeLine(cells: readonly string[], line: number): ListLine | null {
  const [first = '', ...rest] = cells.map((c) => c.trim()).filter((c) => c !== '');
  const weekInName = /\s+\(?(?:week|wk)\s*(\d{1,2})\)?$/i.exec(first);
  const name = first
    .replace(/^(?:[-*•]|\d{1,3}[.)])\s+/, '')
    .replace(/\s+\(?(?:week|wk)\s*\d{1,2}\)?$/i, '')
    .trim();
  if (name === '') return null;
  const weekCell = rest.find((c) => weekOf(c) !== null);
  const common = rest.find((c) => weekOf(c) === null) ?? null;
  return {
    line,
    name,
    common,
    family: null,
    synonyms: [],
    olderFamilies: [],
    week: weekInName ? weekOf(weekInName[1]) : weekOf(weekCell),
    label: null,
  };
}

/**
 * A list of names as pasted: CSV with the columns of docs/formats, or one name a line with a week behind a comma,
 * tab or semicolon. Empty lines are passed over. Source: docs/formats.md.
 */
export function parseNameList(text: string): Result<readonly ListLine[]> {
  if (text.length > MAX_LIST_TEXT) {
    return refuse(
      'too_long',
      `The text has ${text.length.toLocaleString('en')} characters; a list has at most ${MAX_LIST_TEXT.toLocaleString('en')}.`,
      'Paste one name a line and nothing else.',
    );
  }
  const lines = text.replace(/\r\n?/g, '\n').split('\n');
  const delimiter = lines.some((l) => l.includes('\t'))
    ? '\t'
    : lines.some((l) => l.includes(';'))
      ? ';'
      : ',';
  const split = (line: string): string[] => Papa.parse<string[]>(line, { delimiter }).data[0] ?? [];
  const head = split(lines[0] ?? '').map((c) => c.trim().toLowerCase());
  const hasHeader = head[0] === 'scientific';
  const strange = hasHeader ? head.filter((h) => h !== '' && !HEADER.includes(h)) : [];
  if (strange.length > 0) {
    return refuse(
      'unknown_column',
      `Line 1 has a column “${strange[0] ?? ''}”.`,
      `Columns are ${HEADER.join(', ')}.`,
    );
  }
  const rows: ListLine[] = [];
  lines.forEach((text_, i) => {
    if (text_.trim() === '' || (hasHeader && i === 0)) return;
    const cells = split(text_);
    if (!hasHeader) {
      const row = freeLine(cells, i + 1);
      if (row) rows.push(row);
      return;
    }
    const at = (column: string): string | undefined => cells[head.indexOf(column)];
    const name = clean(at('scientific')) ?? clean(at('common'));
    if (name)
      rows.push({
        line: i + 1,
        name,
        common: clean(at('common')),
        family: clean(at('family')),
        synonyms: several(at('synonyms')),
        olderFamilies: several(at('older_families')),
        week: weekOf(at('week')),
        label: clean(at('label')),
      });
  });
  return rows.length > 0 ? ok(rows) : refuse('empty', 'No name was found.', 'Paste one name a line.');
}
