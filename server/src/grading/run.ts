import { v7 } from 'uuid';
import { insertRows, maybe, writeDerived } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import { heldAt, lockKey, readKey, truthOf } from '../sittings/index.ts';
import type { LockedKey, SittingRow, StationKey } from '../sittings/index.ts';
import { countSums, lockSums } from '../sums/index.ts';
import { attendees, countAnswers, countedAnswers, firstCalls, participants } from './answers.ts';
import type { Whose } from './answers.ts';
import { benchOf } from './context.ts';
import type { Bench } from './context.ts';
import { startGrading } from './graders.ts';
import type { Grading } from './graders.ts';
import type { TextTask } from './gradeText.ts';
import { placesOf } from './places.ts';
import { byRevision } from './revisions.ts';
import type { Run, StationOfRun } from './stationRows.ts';
import { writeParts, writeStation } from './writeRows.ts';

/** Changes whenever the same answers under the same key could be graded otherwise. */
export const ENGINE = 'grading-2';

export interface RunInput {
  readonly ws: string;
  readonly sitting: SittingRow;
  readonly by: string | null;
  readonly at: string;
  readonly cause: string;
  /** The normal form of a name that was just decided. Where nothing else is new, only answers with it are graded again. */
  readonly decided?: string;
}

export interface RunDone {
  readonly run: string;
  /** Answers whose grade is other than before. */
  readonly changed: number;
}

/** The stations to be graded, with the students there. */
type Scope = ReadonlyMap<string, Whose>;

const STATE_WORDS: Readonly<Record<string, string>> = {
  draft: 'a draft',
  locked: 'not open yet',
  open: 'still open',
};

async function lockedKey(tx: Sql, { ws, sitting, by, at }: RunInput): Promise<LockedKey> {
  await lockKey(tx, ws, sitting, by, at);
  const key = await readKey(tx, ws, sitting.id);
  if (!key) throw new Error('A key that was locked is not there');
  return key;
}

/** Keeps which revision of each station's key a run graded by. */
export const writeRunKeys = (tx: Sql, ws: string, run: string, key: LockedKey): Promise<void> =>
  insertRows(
    tx,
    'run_key',
    [...key.stations.values()]
      .flatMap((s) => heldAt(key, s))
      .map((s) => ({ ws, run, sitting_station: s.sittingStation, rev: s.rev })),
  );

interface Before {
  readonly seq: number;
  readonly key_rev: number;
  readonly ruling_seq: number;
}

const runBefore = (tx: Sql, ws: string, sitting: string): Promise<Before | null> =>
  maybe<Before>(
    tx,
    'select seq, key_rev, ruling_seq from grading_run where ws = $1 and sitting = $2 order by seq desc limit 1',
    [ws, sitting],
  );

interface Scoped {
  readonly scope: Scope;
  /** Whether only answers with the decided name are graded. */
  readonly isPart: boolean;
}

/** All stations, unless nothing but the decided name is new since the grading before. */
async function scopeOf(
  tx: Sql,
  { ws, sitting, decided }: RunInput,
  key: LockedKey,
  bench: Bench,
  before: Before | null,
): Promise<Scoped> {
  const news = bench.decisions.all.filter((d) => d.seq > (before?.ruling_seq ?? 0));
  const isPart =
    decided !== undefined && before?.key_rev === key.rev && news.every((d) => d.folded === decided);
  const scope = isPart
    ? await placesOf(tx, ws, sitting.id, decided)
    : new Map([...key.stations.keys()].map((s) => [s, null] as const));
  return { scope, isPart };
}

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
  scope: Scope,
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

/** Grades some answers at some stations, and writes them all at once. */
async function gradeParts(tx: Sql, run: Run, bench: Bench, scope: Scope, grading: Grading): Promise<number> {
  const given = await readStations(tx, run, bench, scope, (task) => Promise.resolve(task));
  const parts = await Promise.all(
    given.map(async ({ station, whose, made }) => ({ station, students: whose ?? [], task: await made })),
  );
  return writeDerived(tx, () => writeParts(tx, run, parts, grading.grade));
}

/** Grades whole stations: while one is graded, the next is read, and while one is written, the next is made ready. */
async function gradeWhole(tx: Sql, run: Run, bench: Bench, scope: Scope, grading: Grading): Promise<number> {
  const given = await readStations(tx, run, bench, scope, grading.rows);
  return writeDerived(tx, async () => {
    let changed = 0;
    for (const { made } of given) changed += await writeStation(tx, run, await made);
    return changed;
  });
}

/**
 * Grades the stations in scope.
 * @returns how many grades are other than before.
 */
async function gradeStations(tx: Sql, run: Run, bench: Bench, { scope, isPart }: Scoped): Promise<number> {
  const answers = isPart ? 0 : await countAnswers(tx, run.ws, run.sitting.id);
  const grading = startGrading(bench.context, answers);
  try {
    return await (isPart ? gradeParts : gradeWhole)(tx, run, bench, scope, grading);
  } finally {
    grading.end();
  }
}

/**
 * Grades the counted answers of a sitting as a new run, by the key in force, and derives looks and sums from it, all in
 * the caller's transaction. The run keeps what is other than in the run before. A returned sitting keeps showing the run
 * that was returned.
 */
export async function gradeSitting(tx: Sql, input: RunInput): Promise<RunDone> {
  const { ws, sitting } = input;
  if (sitting.state !== 'closed' && sitting.state !== 'graded' && sitting.state !== 'returned') {
    throw conflict(
      `This sitting is ${STATE_WORDS[sitting.state] ?? sitting.state}, so it cannot be graded.`,
      {
        remedy: 'Close it first.',
      },
    );
  }
  await lockSums(tx, ws, sitting.section);
  const key = await lockedKey(tx, input);
  const bench = await benchOf(tx, ws, sitting, key);
  // The sitting is locked, so no two runs take one number.
  const before = await runBefore(tx, ws, sitting.id);
  const { scope, isPart } = await scopeOf(tx, input, key, bench, before);
  const run: Run = { ws, id: v7(), seq: (before?.seq ?? 0) + 1, sitting };
  await insertRows(tx, 'grading_run', [
    {
      ws,
      id: run.id,
      sitting: sitting.id,
      seq: run.seq,
      at: input.at,
      cause: input.cause,
      engine: ENGINE,
      by_account: input.by,
      key_rev: key.rev,
      ruling_seq: bench.decisions.seq,
    },
  ]);
  await writeRunKeys(tx, ws, run.id, key);
  const changed = await gradeStations(tx, run, bench, { scope, isPart });
  const truths = [...scope.keys()].flatMap((id) => {
    const station = key.stations.get(id);
    return station ? heldAt(key, station).map((k) => k.taxon) : [];
  });
  await countSums(tx, ws, sitting.section, [
    {
      sitting: sitting.id,
      part: isPart
        ? {
            stations: [...scope.keys()],
            truths,
            students: [...new Set([...scope.values()].flatMap((w) => w ?? []))],
          }
        : null,
    },
  ]);
  if (sitting.state === 'closed')
    await tx.query(`update sitting set state = 'graded', version = version + 1 where ws = $1 and id = $2`, [
      ws,
      sitting.id,
    ]);
  return { run: run.id, changed };
}
