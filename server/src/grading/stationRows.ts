import type { StudentLook } from '@hurrow/core/grading';
import { materialClass } from '@hurrow/core/quizzes';
import { sharingInsert } from '../db/index.ts';
import type { Query } from '../db/index.ts';
import type { SittingRow, StationKey } from '../sittings/index.ts';
import type { Whose } from './answers.ts';
import type { KeptGrade, TextGrades } from './gradeText.ts';

/** The grading under way. */
export interface Run {
  readonly ws: string;
  readonly id: string;
  readonly seq: number;
  readonly sitting: SittingRow;
}

/** A station that a run writes, with the students whose answers there were graded. */
export interface StationOfRun {
  readonly run: Run;
  readonly station: StationKey;
  readonly whose: Whose;
}

/** The insert of grades of a run. */
export const gradesInsert = (run: Run, grades: readonly KeptGrade[]): Query | null =>
  sharingInsert(
    'grade',
    ['response'],
    grades.map(({ student: _student, ...g }) => ({ ws: run.ws, run: run.id, ...g })),
  );

/** Looks of a run as rows of their table. */
export const lookRows = ({ ws, id, sitting }: Run, station: StationKey, looks: readonly StudentLook[]) =>
  looks.map((look) => ({
    ws,
    run: id,
    section: sitting.section,
    sitting: sitting.id,
    sitting_station: station.sittingStation,
    student: look.student,
    response: look.response,
    attempt: look.attempt,
    key_rev: station.rev,
    individual: station.individual,
    met_before: false,
    on_date: sitting.on_date,
    form: look.form,
    options_shown: look.optionsShown,
    origin: look.origin,
    clues_open: look.cluesOpen,
    calls: look.calls,
    truth: station.taxon,
    named: look.named,
    answer: look.answer,
    outcome: look.outcome,
    sure: look.sure,
    material_class: materialClass(station.conditions.material),
  }));

/** The insert of rows of looks. */
export const looksInsert = (rows: ReturnType<typeof lookRows>): Query | null =>
  sharingInsert('look', ['student', 'response', 'attempt'], rows);

/** What a look is known by, and what follows from other looks. */
const KEPT: readonly string[] = ['ws', 'sitting_station', 'student', 'met_before'];

/**
 * The insert of looks in place of those that the same students had at the same stations, which tells of each whether it is new. Who
 * met the tree before stays: it follows from who looked where and when, not from what they wrote.
 */
export function looksOver(rows: ReturnType<typeof lookRows>): Query | null {
  const insert = looksInsert(rows);
  if (insert === null) return null;
  const columns = Object.keys(rows[0] ?? {}).filter((c) => !KEPT.includes(c));
  return {
    // No transaction has yet ended or locked a row that is new.
    text: `${insert.text} on conflict (ws, sitting_station, student) do update set ${columns.map((c) => `${c} = excluded.${c}`).join(', ')}
     returning look.xmax = 0 as new`,
    params: insert.params,
  };
}

/** Grades of a station: all that there are in a first run, or those to be compared with the ones that hold. */
type GradesOfRun =
  | { readonly kind: 'first'; readonly insert: Query | null; readonly changed: number }
  | { readonly kind: 'again'; readonly now: readonly KeptGrade[] };

/** What a run writes of one station, made ready as far as that needs nothing from the database. */
export interface StationRows {
  readonly station: string;
  readonly whose: Whose;
  readonly grades: GradesOfRun;
  readonly looks: Query | null;
}

/**
 * Makes ready what a run writes of a station. It stands apart from the writing, so that a thread can do it: of many answers it holds
 * the event loop longer than grading them.
 */
export const stationRows = (
  { run, station, whose }: StationOfRun,
  { grades, looks }: TextGrades,
): StationRows => ({
  station: station.sittingStation,
  whose,
  grades:
    run.seq === 1
      ? { kind: 'first', insert: gradesInsert(run, grades), changed: grades.length }
      : { kind: 'again', now: grades },
  looks: looksInsert(lookRows(run, station, looks)),
});
