import { readWide } from '../db/index.ts';
import type { Columns, Sql } from '../db/index.ts';
import type { Whose } from './answers.ts';
import type { KeptGrade } from './gradeText.ts';

/** A grade that holds up to now. */
export interface GradeInForce extends Omit<KeptGrade, 'student'> {
  /** The run it was written by. */
  readonly run: string;
}

/** One of a written name, with where it was written and by whom. */
export interface NamedGrade extends GradeInForce {
  readonly station: string;
  readonly student: string;
}

const GRADE: Columns<GradeInForce> = {
  run: true,
  response: true,
  outcome: true,
  points: true,
  most: true,
  taxon: true,
  why: true,
  folded: true,
};
const OF_GRADE = Object.keys(GRADE)
  .map((column) => `g.${column}`)
  .join(', ');

/**
 * The grades in force at a station. They are looked up answer by answer: joined at once, a planner that knows the tables as they
 * were before the class wrote reads all grades for each station.
 */
export const gradesAt = (
  sql: Sql,
  ws: string,
  station: string,
  whose: Whose,
): Promise<readonly GradeInForce[]> =>
  readWide<GradeInForce>(
    sql,
    GRADE,
    `select ${OF_GRADE}
     from (select r.id from response r join attempt t on t.ws = r.ws and t.id = r.attempt
       where r.ws = $1 and r.sitting_station = $2 and ($3::uuid[] is null or t.student = any($3::uuid[])) offset 0) r
     join lateral (select * from grade x where x.ws = $1 and x.response = r.id and x.last_seq is null offset 0) g on true`,
    [ws, station, whose],
  );

/**
 * The grades in force of a written name in a sitting, by station and student.
 * @param folded the normal form of the name.
 */
export const namedGrades = (
  sql: Sql,
  ws: string,
  sitting: string,
  folded: string,
): Promise<readonly NamedGrade[]> =>
  readWide<NamedGrade>(
    sql,
    { ...GRADE, station: true, student: true },
    `with own as materialized (select id, student from attempt where ws = $1 and sitting = $2)
     select ${OF_GRADE}, r.sitting_station as station, own.student
     from grade g join response r on r.ws = g.ws and r.id = g.response join own on own.id = r.attempt
     where g.ws = $1 and g.folded = $3 and g.last_seq is null order by r.sitting_station, own.student, g.response`,
    [ws, sitting, folded],
  );

/** Where a written name stands: at which stations, by whom. */
export function placesOf(grades: readonly NamedGrade[]): ReadonlyMap<string, readonly string[]> {
  const places = new Map<string, Set<string>>();
  for (const { station, student } of grades)
    places.set(station, (places.get(station) ?? new Set()).add(student));
  return new Map([...places].map(([station, students]) => [station, [...students]]));
}
