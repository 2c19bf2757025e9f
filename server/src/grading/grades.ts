import type { ChangedTotal, Grades, StudentTotal } from '@hurrow/contract';
import { sentGrades } from '@hurrow/contract';
import { TO_LOOK_AT } from '@hurrow/core/grading';
import { maybe } from '../db/index.ts';
import type { Database, Sql } from '../db/index.ts';
import { readAllHeaders } from '../library/index.ts';
import { readKey, staleSince } from '../sittings/index.ts';
import type { LockedKey, SittingRow } from '../sittings/index.ts';
import { readDecisions } from './decisions.ts';
import type { Decisions } from './decisions.ts';
import { assembled, readRows } from './gradeRows.ts';
import type { ReadGrade } from './gradeRows.ts';
import { GRADED, TO_SEE } from './gradeSql.ts';
import type { Show } from './gradeSql.ts';

const TOTALS = `select t.student, st.code, st.first_name as "firstName", sum(coalesce(o.points, g.points))::double precision as points,
    count(*)::integer as answers, count(*) filter (where g.outcome <> 'blank')::integer as answered,
    count(*) filter (where ${TO_SEE})::integer as "toSee"
  ${GRADED} where t.ws = $1 and t.sitting = $2 group by t.student, st.code, st.first_name`;

interface Total {
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly points: number;
  readonly answers: number;
  readonly answered: number;
  readonly toSee: number;
}

/** Points by student, added up in the database. */
const readTotals = (
  sql: Sql,
  ws: string,
  sitting: string,
  run: string,
  byName: Decisions['byName'],
): Promise<readonly Total[]> => sql.query<Total>(TOTALS, [ws, sitting, run, TO_LOOK_AT, [...byName.keys()]]);

/** The same sums over grades that were read anyway. */
function totalsFrom(grades: readonly ReadGrade[]): readonly Total[] {
  const byStudent = new Map<string, Total>();
  for (const { row: r, value } of grades) {
    const had = byStudent.get(r.student) ?? {
      student: r.student,
      code: r.code,
      firstName: r.firstName,
      points: 0,
      answers: 0,
      answered: 0,
      toSee: 0,
    };
    const isToSee =
      (TO_LOOK_AT.includes(r.outcome) || r.late || value.kind === 'illegible') &&
      r.override === null &&
      !r.ruled;
    byStudent.set(r.student, {
      ...had,
      points: had.points + (r.override?.points ?? r.points),
      answers: had.answers + 1,
      answered: had.answered + (r.outcome === 'blank' ? 0 : 1),
      toSee: had.toSee + (isToSee ? 1 : 0),
    });
  }
  return [...byStudent.values()];
}

const rounded = (points: number): number => Math.round(points * 100) / 100;

/** Points of each student beside the most there are; a question without an answer earns nothing of its points. */
function totalsOf(key: LockedKey, totals: readonly Total[]): readonly StudentTotal[] {
  const asks = [...key.stations.values()].flatMap((s) => s.accept.asks).filter((a) => a.kind !== 'sureness');
  const most = asks.reduce((n, a) => n + a.most, 0);
  return totals
    .map(({ student, code, firstName, points, answered }) => ({
      student,
      code,
      firstName,
      points: rounded(points),
      most,
      unanswered: asks.length - answered,
    }))
    .sort((x, y) => x.code.length - y.code.length || (x.code < y.code ? -1 : x.code > y.code ? 1 : 0));
}

interface RunRow {
  readonly id: string;
  readonly at: string;
  readonly key_rev: number;
}

const readRun = (sql: Sql, ws: string, sitting: string): Promise<RunRow | null> =>
  maybe<RunRow>(
    sql,
    'select id, at, key_rev from grading_run where ws = $1 and sitting = $2 order by seq desc limit 1',
    [ws, sitting],
  );

/** Students whose points are other now than in the results they see. */
async function changedSince(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  newest: RunRow,
  now: readonly StudentTotal[],
  byName: Decisions['byName'],
): Promise<readonly ChangedTotal[]> {
  if (sitting.returned_run === null || sitting.returned_run === newest.id) return [];
  const returned = await readTotals(sql, ws, sitting.id, sitting.returned_run, byName);
  const before = new Map(returned.map((t) => [t.student, rounded(t.points)]));
  return now.flatMap((t): ChangedTotal[] => {
    const had = before.get(t.student) ?? 0;
    return had === t.points ? [] : [{ student: t.student, code: t.code, returned: had, now: t.points }];
  });
}

const UNGRADED: Grades = {
  run: null,
  at: null,
  keyRev: null,
  stale: [],
  changedSince: [],
  answers: 0,
  toLookAt: 0,
  species: [],
  rows: [],
  totals: [],
};

interface Graded {
  readonly key: LockedKey;
  readonly grades: readonly ReadGrade[];
}

/** Grades of a run with the key they were given by; null where that is not there. */
async function readGraded(
  db: Database,
  ws: string,
  sitting: SittingRow,
  run: RunRow,
  byName: Decisions['byName'],
  show: Show,
): Promise<Graded | null> {
  const [rows, key, headers] = await Promise.all([
    readRows(db, ws, sitting, run.id, byName, show),
    readKey(db, ws, sitting.id, run.key_rev),
    readAllHeaders(db, ws),
  ]);
  return key && { key, grades: assembled(rows, key, headers, (folded) => byName.has(folded)) };
}

/**
 * The newest run of a sitting with its totals and some of its grades, and what has changed since. Its parts are read beside
 * each other, the longest first, so this is not for a transaction.
 */
export async function readGrades(db: Database, ws: string, sitting: SittingRow, show: Show): Promise<Grades> {
  const [run, { byName }] = await Promise.all([readRun(db, ws, sitting.id), readDecisions(db, ws, sitting)]);
  if (!run) return UNGRADED;
  const [graded, stale] = await Promise.all([
    readGraded(db, ws, sitting, run, byName, show),
    staleSince(db, ws, sitting, run.id),
  ]);
  if (!graded) return UNGRADED;
  const { key, grades } = graded;
  const totals = show === 'all' ? totalsFrom(grades) : await readTotals(db, ws, sitting.id, run.id, byName);
  const students = totalsOf(key, totals);
  const sum = (of: (t: Total) => number): number => totals.reduce((n, t) => n + of(t), 0);
  return {
    run: run.id,
    at: run.at,
    keyRev: run.key_rev,
    stale,
    changedSince: await changedSince(db, ws, sitting, run, students, byName),
    answers: sum((t) => t.answers),
    toLookAt: sum((t) => t.toSee),
    ...sentGrades(grades.map((g) => g.row)),
    totals: students,
  };
}
