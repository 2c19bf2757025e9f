import { SMALLEST_CLASS, FLAGS } from '../mixups/index.ts';
import { LEFT_OUT } from '../misses/index.ts';
import type { LeftOut } from '../misses/index.ts';
import { describeFile } from '../scripted/index.ts';
import { characterParts, findCharacters } from './characters.ts';
import type { Characters } from './characters.ts';
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
export const ANALYSIS = 'analysis-3';

export interface AnalysisRequest {
  readonly responses: string;
  /** A list of names to read answers by. */
  readonly names?: string;
  /** A character table, for the species it names. */
  readonly table?: string;
  /** Lessons: date, section, species, other, kind. */
  readonly lessons?: string;
  /** A library file whose characters are used; the shipped ones where it is missing. */
  readonly vocabulary?: string;
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

/** What of characters could not be said, and which answers say nothing of them. */
function leftOutOf(
  fitted: Characters | null,
  isSmall: boolean,
): readonly { readonly part: string; readonly reason: string }[] {
  if (!fitted) {
    const reason = isSmall
      ? `fewer than ${SMALLEST_CLASS} students`
      : 'no character table was given, so nothing says what separates two species';
    return [{ part: 'characters', reason }];
  }
  const reasons: Readonly<Record<LeftOut, string>> = {
    doubted: 'answers at stations whose tag is to be checked',
    not_named: 'answers that name no listed species',
    guessing: 'guesses',
    met_before: 'answers at trees the student met before',
    not_recorded: 'answers with a name that nothing recorded tells from the tree',
  };
  return [
    ...LEFT_OUT.flatMap((r) =>
      fitted.leftOut[r] > 0 ? [{ part: 'characters', reason: `${reasons[r]}: ${fitted.leftOut[r]}` }] : [],
    ),
    ...(fitted.fit.slope ? [] : [{ part: 'slope', reason: 'no lessons say when species were taught' }]),
  ];
}

/**
 * The whole report of a file of answers, without a library: mix-ups, directions, repeats, soundness, tags to check. What a
 * file cannot tell is left out and said. Source: docs/formats.md; docs/formulas.md.
 */
export function analyse(request: AnalysisRequest) {
  const { responses, names, table, lessons: given } = request;
  const read = readRows(responses, () => undefined, MOST_REFUSED);
  if (!read.ok) return read;
  const { lines, refused, ignored } = read.rows;
  const more = table === undefined ? null : describeFile({ ...request, table });
  if (more && !more.ok) return more;
  const species = [
    ...new Set([...lines.map((l) => l.species), ...(more?.described.map((t) => t.id) ?? [])]),
  ].sort();
  const reader = nameReader(species, names ?? null);
  if (!reader.ok) return reader;
  const rows = rowsOf(lines, reader.read);
  const students = new Set(rows.map((r) => r.student));
  const isSmall = students.size < SMALLEST_CLASS;
  const { lessons, refused: strange } = readLessons(given ?? '');
  const mixups = findMixUps(rows, species, isSmall, lessons);
  const keyChecks = findKeyChecks(rows);
  const doubted = new Set(
    keyChecks.flatMap((c) => (c.verdict === 'check' ? [`${c.quiz}/${c.station}`] : [])),
  );
  const fitted =
    more && !isSmall ? findCharacters(rows, more, lessons, (station) => doubted.has(station)) : null;
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
    ...characterParts(fitted),
    slips: fitted
      ? { rate: fitted.fit.slips.value, low: fitted.fit.slips.low, high: fitted.fit.slips.high }
      : slipRate(rows),
    soundness: findSoundness(rows),
    scale: findScale(rows),
    key_checks: keyChecks,
    retaught: isSmall ? [] : findRetaught(sectionsOf(rows), lessons, mixups),
    refused: [
      ...refused.map((r) => ({ file: 'responses', line: r.line, column: r.column, reason: r.message })),
      ...strange.map((r) => ({ file: 'lessons', ...r })),
    ],
    ignored,
    left_out: [
      ...leftOutOf(fitted, isSmall),
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
