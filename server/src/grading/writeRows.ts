import type { StudentLook } from '@hurrow/core/grading';
import { readWide, runInOrder, writeDerived } from '../db/index.ts';
import type { Columns, Sql, Query } from '../db/index.ts';
import type { StationKey } from '../sittings/index.ts';
import type { Whose } from './answers.ts';
import type { Grading } from './graders.ts';
import type { KeptGrade, TextTask } from './gradeText.ts';
import { gradesInsert, lookRows, looksInsert } from './stationRows.ts';
import type { Run, StationRows } from './stationRows.ts';

interface GradeInForce extends Omit<KeptGrade, 'student'> {
  /** The run it was written by. */
  readonly run: string;
}

const IN_FORCE: Columns<GradeInForce> = {
  run: true,
  response: true,
  outcome: true,
  points: true,
  most: true,
  taxon: true,
  why: true,
  folded: true,
};

/**
 * The grades at a station that hold up to now. They are looked up answer by answer: joined at once, a planner that knows
 * the tables as they were before the class wrote reads all grades for each station.
 */
const inForce = (tx: Sql, ws: string, station: string, whose: Whose): Promise<readonly GradeInForce[]> =>
  readWide<GradeInForce>(
    tx,
    IN_FORCE,
    `select g.run, g.response, g.outcome, g.points, g.most, g.taxon, g.why, g.folded
     from (select r.id from response r join attempt t on t.ws = r.ws and t.id = r.attempt
       where r.ws = $1 and r.sitting_station = $2 and ($3::uuid[] is null or t.student = any($3::uuid[])) offset 0) r
     join lateral (select * from grade x where x.ws = $1 and x.response = r.id and x.last_seq is null offset 0) g on true`,
    [ws, station, whose],
  );

const isSame = (a: GradeInForce, b: KeptGrade): boolean =>
  a.outcome === b.outcome &&
  a.points === b.points &&
  a.most === b.most &&
  a.taxon === b.taxon &&
  a.why === b.why &&
  a.folded === b.folded;

const endLooks = (run: Run, station: string, whose: Whose): Query => ({
  text: 'delete from look where ws = $1 and sitting_station = $2 and ($3::uuid[] is null or student = any($3::uuid[]))',
  params: [run.ws, station, whose],
});

interface Changes {
  readonly insert: Query | null;
  /** Grades that held before and end now. */
  readonly ended: readonly GradeInForce[];
  /** How many grades are other than before. */
  readonly changed: number;
}

/** What is other than before among the grades of a station. */
async function changesOf(tx: Sql, run: Run, { station, whose, grades }: StationRows): Promise<Changes> {
  if (grades.kind === 'first') return { insert: grades.insert, ended: [], changed: grades.changed };
  return changesFrom(run, await inForce(tx, run.ws, station, whose), grades.now);
}

function changesFrom(run: Run, standing: readonly GradeInForce[], now: readonly KeptGrade[]): Changes {
  const before = new Map(standing.map((g) => [g.response, g]));
  const other = now.filter((g) => {
    const had = before.get(g.response);
    return had === undefined || !isSame(had, g);
  });
  const counting = new Set(now.map((g) => g.response));
  const gone = standing.filter((g) => !counting.has(g.response));
  return {
    insert: gradesInsert(run, other),
    ended: [...other.flatMap((g) => before.get(g.response) ?? []), ...gone],
    changed: other.length + gone.length,
  };
}

/** Ends grades, found by their whole key: of an answer there is one for each run that graded it otherwise. */
const endGrades = (run: Run, ended: readonly GradeInForce[]): Query | null =>
  ended.length === 0
    ? null
    : {
        text: `update grade g set last_seq = $4 from unnest($2::uuid[], $3::uuid[]) e(response, run)
     where g.ws = $1 and g.response = e.response and g.run = e.run`,
        params: [run.ws, ended.map((g) => g.response), ended.map((g) => g.run), run.seq - 1],
      };

/**
 * Keeps the grades of a station that are other than before, ends those they take the place of, and writes its looks in
 * place of those that were there, within a writing of derived rows. @returns how many grades are other than before.
 */
export async function writeStation(tx: Sql, run: Run, rows: StationRows): Promise<number> {
  const { insert, ended, changed } = await changesOf(tx, run, rows);
  await runInOrder(tx, [endGrades(run, ended), endLooks(run, rows.station, rows.whose), insert, rows.looks]);
  return changed;
}

/** Some students at one station whose answers are graded again. */
export interface Part {
  readonly station: StationKey;
  readonly students: readonly string[];
  readonly task: TextTask;
}

/** What grading some parts again gave. */
interface PartsGraded {
  readonly grades: readonly KeptGrade[];
  readonly looks: Query | null;
}

const partInForce = (
  tx: Sql,
  { ws, sitting }: Run,
  stations: readonly string[],
  students: readonly string[],
): Promise<readonly GradeInForce[]> =>
  readWide<GradeInForce>(
    tx,
    IN_FORCE,
    `select g.run, g.response, g.outcome, g.points, g.most, g.taxon, g.why, g.folded
     from unnest($3::uuid[], $4::uuid[]) w(station, student)
     join attempt t on t.ws = $1 and t.sitting = $2 and t.student = w.student
     join lateral (select id from response x where x.ws = $1 and x.attempt = t.id and x.sitting_station = w.station offset 0) r on true
     join lateral (select * from grade x where x.ws = $1 and x.response = r.id and x.last_seq is null offset 0) g on true`,
    [ws, sitting.id, stations, students],
  );

/** Grades parts and makes their looks ready. */
async function regrade(run: Run, parts: readonly Part[], grade: Grading['grade']): Promise<PartsGraded> {
  const graded = await Promise.all(parts.map(async (p) => ({ ...p, ...(await grade(p.task)) })));
  return {
    grades: graded.flatMap((g) => g.grades),
    looks: looksInsert(graded.flatMap((g) => lookRows(run, g.station, g.looks))),
  };
}

/**
 * The same for some students at some stations at once: a decision touches few answers at many stations, and asking
 * station by station takes longer than grading them. They are graded while the database looks up the grades they had.
 */
export async function writeParts(
  tx: Sql,
  run: Run,
  parts: readonly Part[],
  grade: Grading['grade'],
): Promise<number> {
  const stations = parts.flatMap((p) => p.students.map(() => p.station.sittingStation));
  const students = parts.flatMap((p) => p.students);
  if (students.length === 0) return 0;
  const [standing, now] = await Promise.all([
    partInForce(tx, run, stations, students),
    regrade(run, parts, grade),
  ]);
  const { insert, ended, changed } = changesFrom(run, standing, now.grades);
  const endLooksThere = {
    text: `delete from look l using unnest($2::uuid[], $3::uuid[]) w(station, student)
     where l.ws = $1 and l.sitting_station = w.station and l.student = w.student`,
    params: [run.ws, stations, students],
  };
  await runInOrder(tx, [endGrades(run, ended), endLooksThere, insert, now.looks]);
  return changed;
}

/** Writes the looks at a station in place of all that were there. */
export async function writeLooks(
  tx: Sql,
  run: Run,
  station: StationKey,
  looks: readonly StudentLook[],
): Promise<void> {
  await runInOrder(tx, [endLooks(run, station.sittingStation, null)]);
  await writeDerived(tx, () => runInOrder(tx, [looksInsert(lookRows(run, station, looks))]));
}
