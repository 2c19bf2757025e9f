import { readTable } from '../formats/index.ts';
import { CHARACTERS, vocabularyOf } from '../characters/index.ts';
import { SMALLEST_CLASS, FLAGS } from '../mixups/index.ts';
import { readRows } from '../responses/index.ts';
import type { ResponseLine } from '../responses/index.ts';
import { nameReader } from './judged.ts';
import type { Judged } from './judged.ts';
import { findClassRepeats, findDirections, findMixUps, findRepeats, slipRate } from './mixups.ts';
import { findRetaught, readLessons } from './lessons.ts';
import { sectionsOf } from './sections.ts';
import { findKeyChecks, findScale, findSoundness } from './quizzes.ts';
import type { Row } from './types.ts';

/** Changes whenever the same answers could be analysed otherwise. */
export const ANALYSIS = 'analysis-2';

export interface AnalysisRequest {
  readonly responses: string;
  /** A list of names to read answers by. */
  readonly names?: string;
  /** A character table, for the species it names. */
  readonly table?: string;
  /** Lessons: date, section, species, other, kind. */
  readonly lessons?: string;
}

const NAMED = ['right', 'other', 'unlisted', 'blank', 'genus_only', 'family', 'cannot_tell'] as const;
const MOST_REFUSED = 10_000;

function rowsOf(lines: readonly ResponseLine[], read: (line: ResponseLine) => Judged): readonly Row[] {
  return lines.map((line) => ({
    line,
    ...read(line),
    student: `${line.section}/${line.student.toLowerCase()}`,
    station: `${line.quiz}/${line.station}`,
    sitting: `${line.quiz}/${line.on}/${line.section}`,
  }));
}

/**
 * The whole report of a file of answers, without a library: mix-ups, directions, repeats, soundness, tags to check. What a
 * file cannot tell is left out and said. Source: docs/formats.md; docs/formulas.md.
 */
export function analyse({ responses, names, table, lessons: given }: AnalysisRequest) {
  const read = readRows(responses, () => undefined, MOST_REFUSED);
  if (!read.ok) return read;
  const { lines, refused, ignored } = read.rows;
  const vocabulary = vocabularyOf(CHARACTERS);
  const more = table === undefined ? null : readTable(table, vocabulary, 'table');
  if (more && !more.ok) return more;
  const species = [
    ...new Set([...lines.map((l) => l.species), ...(more?.value.map((t) => t.name) ?? [])]),
  ].sort();
  const reader = nameReader(species, names ?? null);
  if (!reader.ok) return reader;
  const rows = rowsOf(lines, reader.read);
  const students = new Set(rows.map((r) => r.student));
  const isSmall = students.size < SMALLEST_CLASS;
  const { lessons, refused: strange } = readLessons(given ?? '');
  const mixups = findMixUps(rows, species, isSmall, lessons);
  const report = {
    base: {
      rows: rows.length,
      students: students.size,
      sections: new Set(rows.map((r) => r.line.section)).size,
      quizzes: new Set(rows.map((r) => r.line.quiz)).size,
      stations: new Set(rows.map((r) => r.station)).size,
      species: new Set(rows.map((r) => r.line.species)).size,
    },
    outcomes: Object.fromEntries(NAMED.map((n) => [n, rows.filter((r) => r.named === n).length])),
    mixups,
    directions: findDirections(mixups, rows),
    repeats: findRepeats(rows),
    class_repeats: isSmall ? [] : findClassRepeats(rows),
    slips: slipRate(rows),
    soundness: findSoundness(rows),
    scale: findScale(rows),
    key_checks: findKeyChecks(rows),
    retaught: isSmall ? [] : findRetaught(sectionsOf(rows), lessons, mixups),
    refused: [
      ...refused.map((r) => ({ file: 'responses', line: r.line, column: r.column, reason: r.message })),
      ...strange.map((r) => ({ file: 'lessons', ...r })),
    ],
    ignored,
    left_out: [
      { part: 'characters', reason: 'characters are not fitted yet' },
      ...(given === undefined ? [{ part: 'retaught', reason: 'no lessons were given' }] : []),
    ],
    settings: {
      flag_level: FLAGS.level,
      fewest_students: FLAGS.fewestStudents,
      lowest_rate: FLAGS.lowest,
      smallest_class: SMALLEST_CLASS,
    },
    engine: ANALYSIS,
  };
  return { ok: true as const, report };
}
