import type { StudentLook } from '@hurrow/core/grading';
import { runInOrder, writeDerived } from '../db/index.ts';
import type { Sql, Query } from '../db/index.ts';
import type { StationKey } from '../sittings/index.ts';
import type { Whose } from './answers.ts';
import type { Grading } from './graders.ts';
import type { KeptGrade, TextGrades, TextTask } from './gradeText.ts';
import { gradesAt } from './inForce.ts';
import type { GradeInForce, NamedGrade } from './inForce.ts';
import { gradesInsert, lookRows, looksInsert, looksOver } from './stationRows.ts';
import type { Run, StationRows } from './stationRows.ts';

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
  return changesFrom(run, await gradesAt(tx, run.ws, station, whose), grades.now);
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

/** Answers with one written name that are graded again. */
export interface Renamed {
  /** The normal form of the name. */
  readonly folded: string;
  /** The grades it had. */
  readonly standing: readonly NamedGrade[];
  /** Whoever wrote it, at each station where it stands. */
  readonly parts: readonly Part[];
}

/** What writing stations changed. */
export interface StationsWritten {
  /** How many grades are other than before. */
  readonly changed: number;
  /** Whether the same students looked at the same trees as before. */
  readonly whoLooked: 'same' | 'other';
}

/** Takes away the looks of whoever looks no more. @returns whether there were any. */
async function endLooksOf(
  tx: Sql,
  ws: string,
  gone: readonly (readonly [string, string])[],
): Promise<boolean> {
  if (gone.length === 0) return false;
  const ended = await tx.query(
    `delete from look l using unnest($2::uuid[], $3::uuid[]) w(station, student)
     where l.ws = $1 and l.sitting_station = w.station and l.student = w.student returning 1`,
    [ws, gone.map(([station]) => station), gone.map(([, student]) => student)],
  );
  return ended.length > 0;
}

/** Looks that take the place of those that were there. */
interface LooksOver {
  readonly write: Query | null;
  /** Stations with a student who looks no more. */
  readonly gone: readonly (readonly [string, string])[];
}

/** Makes ready what is written of the looks of some parts. */
function looksOf(
  run: Run,
  parts: readonly Part[],
  graded: readonly (Pick<Part, 'station'> & Pick<TextGrades, 'looks'>)[],
): LooksOver {
  const looks = graded.flatMap((g) => lookRows(run, g.station, g.looks));
  const there = new Set(looks.map((l) => `${l.sitting_station}/${l.student}`));
  const gone = parts.flatMap(({ station: { sittingStation }, students }) =>
    students.flatMap((s) => (there.has(`${sittingStation}/${s}`) ? [] : [[sittingStation, s] as const])),
  );
  return { write: looksOver(looks), gone };
}

/** Writes looks in place of those that were there. @returns whether the same students looked at the same trees. */
async function overwriteLooks(
  tx: Sql,
  run: Run,
  { write, gone }: LooksOver,
): Promise<StationsWritten['whoLooked']> {
  const written = write === null ? [] : await tx.query<{ new: boolean }>(write.text, write.params);
  const isGone = await endLooksOf(tx, run.ws, gone);
  return isGone || written.some((l) => l.new) ? 'other' : 'same';
}

/**
 * The same for one written name wherever it stands, at once: a decision touches few answers at many stations, and asking station by
 * station takes longer than grading them. What else the same students answered there is read for their looks, and its grades stay.
 * @param besides what the database can do while they are graded.
 */
export async function writeRenamed(
  tx: Sql,
  run: Run,
  { folded, standing, parts }: Renamed,
  grade: Grading['grade'],
  besides: readonly Query[],
): Promise<StationsWritten> {
  // Handed over first: grading holds the event loop until it is done.
  const [, graded] = await Promise.all([
    runInOrder(tx, besides),
    Promise.all(parts.map(async ({ station, task }) => ({ station, ...(await grade(task)) }))),
  ]);
  const now = graded.flatMap((g) => g.grades).filter((g) => g.folded === folded);
  const { insert, ended, changed } = changesFrom(run, standing, now);
  const [, looks] = await Promise.all([
    runInOrder(tx, [endGrades(run, ended), insert]),
    Promise.resolve().then(() => looksOf(run, parts, graded)),
  ]);
  return { changed, whoLooked: await overwriteLooks(tx, run, looks) };
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
