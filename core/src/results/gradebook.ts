import { writeCsv } from '../csv/index.ts';

export interface GradebookColumn {
  readonly sitting: string;
  /** The quiz with its date, as a column is headed. */
  readonly title: string;
  readonly most: number;
}

export interface GradebookStudent {
  readonly schoolId: string | null;
  readonly code: string;
  readonly firstName: string | null;
  /** Points by sitting; missing where the student was not there. */
  readonly points: ReadonlyMap<string, number>;
}

const HEAD = ['school_id', 'student_number', 'first_name'] as const;

/** Two sittings of one quiz on one day are told apart by a number. */
function titlesOf(columns: readonly GradebookColumn[]): readonly string[] {
  const seen = new Map<string, number>();
  return columns.map(({ title }) => {
    const n = (seen.get(title) ?? 0) + 1;
    seen.set(title, n);
    return n === 1 ? title : `${title} (${n})`;
  });
}

/**
 * A gradebook of a class as CSV: one row a student by school ID, one column a sitting, and a first row with the points
 * possible. A student who was not at a sitting has an empty cell, which is not zero.
 */
export function writeGradebook(
  columns: readonly GradebookColumn[],
  students: readonly GradebookStudent[],
): string {
  return writeCsv([
    [...HEAD, ...titlesOf(columns)],
    ['', 'points possible', '', ...columns.map((c) => c.most)],
    ...students.map((s) => [
      s.schoolId,
      s.code,
      s.firstName,
      ...columns.map((c) => s.points.get(c.sitting) ?? null),
    ]),
  ]);
}

/** One graded answer to one question. */
export interface AskGrade {
  readonly quiz: string;
  readonly on: string;
  readonly section: string;
  readonly code: string;
  readonly station: number;
  readonly species: string;
  /** What is asked, in words. */
  readonly asked: string;
  readonly answer: string;
  readonly outcome: string;
  readonly points: number;
  readonly most: number;
  readonly why: string;
  /** Whether a person changed the grade. */
  readonly changed: boolean;
}

/** Grades by question as CSV, one row an answer. */
export const writeAskGrades = (grades: readonly AskGrade[]): string =>
  writeCsv([
    [
      'quiz',
      'date',
      'section',
      'student',
      'station',
      'species',
      'asked',
      'answer',
      'outcome',
      'points',
      'points_possible',
      'why',
      'changed_by_hand',
    ],
    ...grades.map((g) => [
      g.quiz,
      g.on,
      g.section,
      g.code,
      g.station,
      g.species,
      g.asked,
      g.answer,
      g.outcome,
      g.points,
      g.most,
      g.why,
      g.changed ? 'yes' : '',
    ]),
  ]);
