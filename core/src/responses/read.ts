import { readCsv } from '../formats/index.ts';
import { MOST_REFUSALS, refusal } from '../formats/index.ts';
import type { CsvRow, ReadFile, Refusal } from '../formats/index.ts';
import { MATERIALS } from '../conditions/index.ts';
import { ANSWER_FORMS } from './types.ts';
import { remembered } from '../remembered/index.ts';
import type { ResponseLine } from './types.ts';

const REQUIRED = ['quiz', 'date', 'section', 'student', 'station', 'species', 'answer'] as const;
const KNOWN: ReadonlySet<string> = new Set([
  ...REQUIRED,
  'form',
  'sure',
  'seconds',
  'material',
  'given_back',
]);
/** Other words for columns. */
const HEADS = {
  class: 'section',
  'student number': 'student',
  'station number': 'station',
  returned: 'given_back',
};
const CALL = 'call:';
const SURE = ['sure', 'leaning', 'guessing'] as const;
const CODE = /^[A-Za-z0-9-]{1,16}$/;
const MOST_ANSWER = 400;
const MOST_QUIZ = 120;
const MOST_STATION = 200;
/** More different texts than this are no longer the same few over and over. */
export const MOST_TEXTS = 10_000;
/** Rows between two reports of how far it is. */
const PART = 5000;

/** A date as files have it: 2026-10-06 or 10/6/2026. Null where it is none. */
export function dateRead(text: string): string | null {
  const iso = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
  const us = /^(\d{1,2})\/(\d{1,2})\/(\d{4})$/.exec(text);
  const [y, m, d] = iso ? [iso[1], iso[2], iso[3]] : us ? [us[3], us[1], us[2]] : [];
  if (y === undefined || m === undefined || d === undefined) return null;
  const on = `${y}-${m.padStart(2, '0')}-${d.padStart(2, '0')}`;
  const moment = new Date(`${on}T00:00:00Z`);
  return !Number.isNaN(moment.getTime()) && moment.toISOString().startsWith(on) ? on : null;
}

const dateOf = remembered(MOST_TEXTS, dateRead);
const NO_MATERIAL: readonly string[] = [];
const materialOf = remembered(MOST_TEXTS, (text: string) =>
  text === ''
    ? NO_MATERIAL
    : text
        .split('|')
        .map((m) => m.trim().toLowerCase())
        .filter((m) => m !== ''),
);

type Say = (column: string, message: string, remedy: string) => void;

function callsOf(
  columns: readonly string[],
  cell: (column: string) => string,
): Readonly<Record<string, string>> {
  const calls: Record<string, string> = {};
  for (const column of columns) {
    const said = cell(column);
    if (said !== '') calls[column.slice(CALL.length)] = said;
  }
  return calls;
}

/** One row as a line; what is wrong with it is said. */
function lineOf(
  row: CsvRow,
  cell: (column: string) => string,
  calls: readonly string[],
  say: Say,
): ResponseLine {
  const on = dateOf(cell('date'));
  if (on === null) say('date', `“${cell('date')}” is not a date.`, 'Write it as 2026-10-06 or 10/6/2026.');
  for (const column of ['quiz', 'section', 'species'] as const)
    if (cell(column) === '')
      say(column, `The row names no ${column === 'section' ? 'class' : column}.`, 'Fill it in.');
  if (cell('quiz').length > MOST_QUIZ)
    say('quiz', 'The name of the quiz is too long.', `Use at most ${MOST_QUIZ} letters.`);
  if (!CODE.test(cell('student')))
    say(
      'student',
      `“${cell('student')}” is not a student number.`,
      'Use up to 16 letters, digits and hyphens.',
    );
  const station = Number(cell('station'));
  if (!(Number.isInteger(station) && station >= 1 && station <= MOST_STATION))
    say(
      'station',
      `“${cell('station')}” is not a station number.`,
      `Use a whole number from 1 to ${MOST_STATION}.`,
    );
  if (cell('answer').length > MOST_ANSWER)
    say('answer', 'The answer is too long.', `At most ${MOST_ANSWER} letters are kept.`);
  const form = ANSWER_FORMS.find((f) => f === (cell('form') || 'typed'));
  if (!form) say('form', `“${cell('form')}” is no form of answer.`, `Use one of ${ANSWER_FORMS.join(', ')}.`);
  const sure = SURE.find((s) => s === cell('sure'));
  if (!sure && cell('sure') !== '')
    say(
      'sure',
      `“${cell('sure')}” does not say how sure.`,
      `Use one of ${SURE.join(', ')}, or leave it empty.`,
    );
  const seconds = cell('seconds') === '' ? null : Number(cell('seconds'));
  if (seconds !== null && !(seconds >= 0))
    say('seconds', `“${cell('seconds')}” is not a time in seconds.`, 'Use a number that is not negative.');
  const material = materialOf(cell('material'));
  const strange = material.find((m) => !(MATERIALS as readonly string[]).includes(m));
  if (strange !== undefined)
    say('material', `“${strange}” is no material.`, `Use ${MATERIALS.join(', ')}, several separated by |.`);
  const returned = cell('given_back') === '' ? null : dateOf(cell('given_back'));
  if (returned === null && cell('given_back') !== '')
    say('given_back', `“${cell('given_back')}” is not a date.`, 'Write it as 2026-10-06 or 10/6/2026.');
  return {
    line: row.line,
    quiz: cell('quiz'),
    on: on ?? '',
    section: cell('section'),
    student: cell('student'),
    station,
    species: cell('species'),
    answer: cell('answer'),
    form: form ?? 'typed',
    sure: sure ?? null,
    seconds,
    material,
    returned,
    calls: callsOf(calls, cell),
  };
}

const lowered = remembered(MOST_TEXTS, (text: string) => text.toLowerCase());

/** Which sitting a line is of; no cell holds the character between the parts. */
export const sittingKey = (l: Pick<ResponseLine, 'quiz' | 'on' | 'section'>): string =>
  `${lowered(l.quiz)}\u0000${l.on}\u0000${lowered(l.section)}`;

export interface ReadRows {
  readonly lines: readonly ResponseLine[];
  /** Rows that cannot be read, each with its place; they are not among the lines. */
  readonly refused: readonly Refusal[];
  /** Columns that are not known. */
  readonly ignored: readonly string[];
}

/**
 * Reads the rows of a responses file that can be read, and says what is wrong with the others.
 * @returns what is wrong with the file as a whole where it has no header that can be used.
 */
export function readRows(
  text: string,
  progress: (done: number, total: number) => void = () => undefined,
  most = MOST_REFUSALS,
):
  | { readonly ok: true; readonly rows: ReadRows }
  | { readonly ok: false; readonly refused: readonly Refusal[] } {
  const csv = readCsv(text, [...REQUIRED], HEADS);
  if (!csv.ok) return csv;
  const { head, rows, at } = csv.file;
  const calls = head.filter((h) => h.startsWith(CALL));
  const columns: Readonly<Record<string, number>> = Object.fromEntries(head.map((h, i) => [h, i]));
  const refused: Refusal[] = [];
  const seen = new Map<string, number>();
  const lines: ResponseLine[] = [];
  for (const [i, row] of rows.entries()) {
    if (i % PART === 0) progress(i, rows.length);
    if (refused.length > most) break;
    const before = refused.length;
    const cell = (column: string): string => row.cells[columns[column] ?? -1] ?? '';
    const say: Say = (column, message, remedy) =>
      void refused.push(refusal(at(row, columns[column] ?? 0), message, remedy));
    if (lowered(cell('quiz')) === 'quiz' && lowered(cell('student')) === 'student') {
      say('quiz', 'This row repeats the header.', 'Delete it; a file has one header line.');
      continue;
    }
    const line = lineOf(row, cell, calls, say);
    const key = `${sittingKey(line)}/${lowered(line.student)}/${line.station}`;
    const earlier = seen.get(key);
    if (earlier !== undefined)
      say(
        'student',
        `Student ${line.student} is at station ${line.station} in line ${earlier} already.`,
        'Keep one row for each student and station.',
      );
    seen.set(key, row.line);
    if (refused.length === before) lines.push(line);
  }
  if (rows.length === 0)
    refused.push(
      refusal(
        { line: 2, column: 1 },
        'The file has a header and no rows.',
        'Add one row for each student and station.',
      ),
    );
  const ignored = head.filter((h) => h !== '' && !KNOWN.has(h) && !h.startsWith(CALL));
  return { ok: true, rows: { lines, refused, ignored } };
}

/**
 * Reads a responses file whole: a header line, then one row a student and station. Columns that are not known are left and
 * said; one row that cannot be read refuses the file.
 * @param progress told how many rows have been read.
 */
export function readResponses(
  text: string,
  progress: (done: number, total: number) => void = () => undefined,
): ReadFile<readonly ResponseLine[]> {
  const read = readRows(text, progress);
  if (!read.ok) return read;
  const { lines, refused, ignored } = read.rows;
  if (refused.length > 0) return { ok: false, refused: refused.slice(0, MOST_REFUSALS) };
  return {
    ok: true,
    value: lines,
    where: () => ({ line: 1, column: 1 }),
    left: ignored.map((h) => `the column “${h}”`),
  };
}
