import { runInOrder, writeDerived } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { truthOf } from '../sittings/index.ts';
import type { StationKey } from '../sittings/index.ts';
import { attendees, countAnswers, countedAnswers, firstCalls, participants } from './answers.ts';
import type { Whose } from './answers.ts';
import type { Bench } from './context.ts';
import { startGrading } from './graders.ts';
import type { Grading } from './graders.ts';
import type { TextTask } from './gradeText.ts';
import type { NamedGrade } from './inForce.ts';
import { byRevision } from './revisions.ts';
import { runKeys } from './runKeys.ts';
import type { Run, StationOfRun } from './stationRows.ts';
import { writeRenamed, writeStation } from './writeRows.ts';
import type { StationsWritten } from './writeRows.ts';

/** What a run grades: whole stations, or the answers with one written name. */
export type Scope =
  | { readonly kind: 'whole'; readonly stations: readonly string[] }
  | {
      readonly kind: 'name';
      /** The normal form of the name. */
      readonly folded: string;
      /** The grades in force that it has. */
      readonly standing: readonly NamedGrade[];
      /** Whoever wrote it, by station. */
      readonly places: ReadonlyMap<string, readonly string[]>;
    };

/** A station that was read, with what its task was given for. */
interface Given<T> extends StationOfRun {
  readonly made: Promise<T>;
}

/** Students whose sheet may be off by a line, by the number of the station, while nobody has decided. */
async function waitingLines(
  sql: Sql,
  ws: string,
  sitting: string,
): Promise<ReadonlyMap<number, readonly string[]>> {
  const rows = await sql.query<{ number: number; students: readonly string[] }>(
    `select n as number, array_agg(distinct s.student) as students
     from sheet_shift s, generate_series(s.first, s.last) n
     where s.ws = $1 and s.sitting = $2 and s.state = 'open' group by n`,
    [ws, sitting],
  );
  return new Map(rows.map((r) => [r.number, r.students]));
}

/**
 * Reads the answers of each station in scope and gives them away to be graded, without waiting for the grades.
 * @param give what takes the task of a station.
 */
async function readStations<T>(
  tx: Sql,
  run: Run,
  bench: Bench,
  scope: ReadonlyMap<string, Whose>,
  give: (task: TextTask, of: StationOfRun) => Promise<T>,
): Promise<Given<T>[]> {
  const { ws } = run;
  const given: Given<T>[] = [];
  const isWhole = [...scope.values()].some((w) => w === null);
  const everybody = isWhole ? await participants(tx, ws, run.sitting.id) : [];
  const took = new Set(everybody);
  const waiting = await waitingLines(tx, ws, run.sitting.id);
  const read = async (station: StationKey, whose: Whose, students: readonly string[]): Promise<void> => {
    const answers = await countedAnswers(tx, ws, station.sittingStation, whose);
    const calls = await firstCalls(tx, ws, station.sittingStation, whose);
    const of = { run, station, whose };
    const task: TextTask = {
      asks: station.accept.asks,
      truth: truthOf(station),
      answers,
      calls,
      students,
      waiting: waiting.get(station.number) ?? [],
    };
    const made = give(task, of);
    // What fails is told where it is waited for.
    made.catch(() => undefined);
    given.push({ ...of, made });
  };
  for (const station of bench.stations.values()) {
    const whose = scope.get(station.sittingStation);
    if (whose === undefined) continue;
    if (!bench.earlier.has(station.sittingStation)) {
      await read(station, whose, whose ?? everybody);
      continue;
    }
    // Also of whoever no answer counts any more, so that what they had is ended.
    const all = whose ?? (await attendees(tx, ws, run.sitting.id));
    for (const [key, own] of await byRevision(tx, ws, bench, station, all))
      if (own.length > 0) await read(key, own, whose === null ? own.filter((s) => took.has(s)) : own);
  }
  return given;
}

/** Grades the answers with one name wherever it stands, and writes them all at once. */
async function gradeNamed(
  tx: Sql,
  run: Run,
  bench: Bench,
  { folded, standing, places }: Extract<Scope, { kind: 'name' }>,
  grading: Grading,
): Promise<StationsWritten> {
  const given = await readStations(tx, run, bench, places, (task) => Promise.resolve(task));
  const parts = await Promise.all(
    given.map(async ({ station, whose, made }) => ({ station, students: whose ?? [], task: await made })),
  );
  return writeDerived(tx, () =>
    writeRenamed(tx, run, { folded, standing, parts }, grading.grade, [runKeys(run.ws, run.id, bench)]),
  );
}

/** Grades whole stations: while one is graded, the next is read, and while one is written, the next is made ready. */
async function gradeWhole(
  tx: Sql,
  run: Run,
  bench: Bench,
  stations: readonly string[],
  grading: Grading,
): Promise<StationsWritten> {
  const everybody = new Map(stations.map((s) => [s, null]));
  const given = await readStations(tx, run, bench, everybody, grading.rows);
  return writeDerived(tx, async () => {
    await runInOrder(tx, [runKeys(run.ws, run.id, bench)]);
    let changed = 0;
    for (const { made } of given) changed += await writeStation(tx, run, await made);
    return { changed, whoLooked: 'other' };
  });
}

/** Grades the stations in scope, and writes what a run keeps of them. */
export async function gradeStations(tx: Sql, run: Run, bench: Bench, scope: Scope): Promise<StationsWritten> {
  const answers = scope.kind === 'name' ? 0 : await countAnswers(tx, run.ws, run.sitting.id);
  const grading = startGrading(bench.context, answers);
  try {
    return scope.kind === 'name'
      ? await gradeNamed(tx, run, bench, scope, grading)
      : await gradeWhole(tx, run, bench, scope.stations, grading);
  } finally {
    grading.end();
  }
}
