import { writeCsv } from '../csv/index.ts';
import { readCsv } from './csv.ts';
import { MOST_REFUSALS, placesOf, refusal } from './place.ts';
import type { ReadFile, Refusal } from './place.ts';

export interface RosterLine {
  readonly section: string;
  readonly code: string;
  readonly name: string | null;
  /** What the school's own system calls the student; null where the file does not say. */
  readonly schoolId: string | null;
}

/** What the columns are called on screen. */
const HEADS = {
  class: 'section',
  'class name': 'section',
  number: 'code',
  'student number': 'code',
  'class number': 'code',
  student: 'code',
  'first name': 'name',
  first_name: 'name',
  'school id': 'school_id',
};
const CODE = /^[A-Za-z0-9-]{1,16}$/;
const MOST_NAME = 40;
const MOST_ID = 40;

/** Reads a roster: columns `section`, `code` and, if wanted, `name` and `school_id`. Source: docs/formats.md. */
export function readRoster(text: string): ReadFile<readonly RosterLine[]> {
  const csv = readCsv(text, ['section', 'code'], HEADS);
  if (!csv.ok) return csv;
  const { head, rows, at } = csv.file;
  const refused: Refusal[] = [];
  const places = placesOf();
  const column = (name: string): number => head.indexOf(name);
  const strange = head.filter((h) => h !== '' && !['section', 'code', 'name', 'school_id'].includes(h));
  for (const h of strange) {
    refused.push(
      refusal(
        { line: 1, column: column(h) + 1 },
        `There is no column “${h}” in a roster.`,
        'Keep class, student number, first name and school ID. Nothing more is kept of students.',
      ),
    );
  }
  const seen = new Map<string, number>();
  const lines = rows.map((row, i): RosterLine => {
    const [section, code] = [row.cells[column('section')] ?? '', row.cells[column('code')] ?? ''];
    const name = column('name') < 0 ? '' : (row.cells[column('name')] ?? '');
    places.set([i], at(row, 0));
    if (section === '')
      refused.push(
        refusal(at(row, column('section')), 'The row names no class.', 'Write the name of the class.'),
      );
    if (!CODE.test(code)) {
      refused.push(
        refusal(
          at(row, column('code')),
          `“${code}” is not a student number.`,
          'Use up to 16 letters, digits and hyphens.',
        ),
      );
    }
    if (name.length > MOST_NAME) {
      refused.push(
        refusal(
          at(row, column('name')),
          'The name is too long.',
          `A first name or a nickname of at most ${MOST_NAME} letters is enough.`,
        ),
      );
    }
    const schoolId = column('school_id') < 0 ? '' : (row.cells[column('school_id')] ?? '');
    if (schoolId.length > MOST_ID) {
      refused.push(
        refusal(
          at(row, column('school_id')),
          'The school ID is too long.',
          `At most ${MOST_ID} letters are kept.`,
        ),
      );
    }
    const key = `${section.toLowerCase()}/${code.toLowerCase()}`;
    if (seen.has(key)) {
      refused.push(
        refusal(
          at(row, column('code')),
          `${code} is also in line ${seen.get(key) ?? 0}.`,
          'Keep one row for each student of a class.',
        ),
      );
    }
    seen.set(key, row.line);
    return { section, code, name: name === '' ? null : name, schoolId: schoolId === '' ? null : schoolId };
  });
  if (refused.length > 0) return { ok: false, refused: refused.slice(0, MOST_REFUSALS) };
  return { ok: true, value: lines, where: places.where, left: [] };
}

/** Writes a roster; the column of school IDs is there only where somebody has one. */
export function writeRoster(lines: readonly RosterLine[]): string {
  const withIds = lines.some((l) => l.schoolId !== null);
  return writeCsv([
    ['section', 'code', 'name', ...(withIds ? ['school_id'] : [])],
    ...lines.map((l) => [l.section, l.code, l.name, ...(withIds ? [l.schoolId] : [])]),
  ]);
}
