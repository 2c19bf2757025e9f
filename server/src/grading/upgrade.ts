import { grader, looksAt } from '@hurrow/core/grading';
import type { AnswerGrade, Graded } from '@hurrow/core/grading';
import { normalise } from '@hurrow/core/names';
import { rowsOf, runInOrder } from '../db/index.ts';
import type { Database, Sql } from '../db/index.ts';
import { lockEarlier, readKey, sittingById, truthOf } from '../sittings/index.ts';
import type { LockedKey, SittingRow, StationKey } from '../sittings/index.ts';
import { countSums, lockSums } from '../sums/index.ts';
import { countedAnswers, firstCalls, participants } from './answers.ts';
import { benchOf } from './context.ts';
import type { Bench } from './context.ts';
import { runKeys } from './runKeys.ts';
import type { Run } from './stationRows.ts';
import { writeLooks } from './writeRows.ts';

interface Earlier {
  readonly ws: string;
  readonly id: string;
}

/** Makes the looks at a station from the grades that a run gave there; nothing is graded again. */
async function upgradeLooks(
  tx: Sql,
  run: Run,
  station: StationKey,
  bench: Bench,
  students: readonly string[],
): Promise<void> {
  const { ws } = run;
  const grades = new Map(
    (
      await tx.query<Graded & { response: string }>(
        `select g.response, g.outcome, g.points, g.taxon, g.why, g.folded
         from response r join grade g on g.ws = r.ws and g.response = r.id and g.run = $3
         where r.ws = $1 and r.sitting_station = $2`,
        [ws, station.sittingStation, run.id],
      )
    ).map(({ response, ...g }) => [response, g] as const),
  );
  const answers = rowsOf(await countedAnswers(tx, ws, station.sittingStation));
  const graded = answers.flatMap((answer): AnswerGrade[] => {
    const ask = station.accept.asks.find((a) => a.id === answer.ask);
    if (!ask) return [];
    const grade = grades.get(answer.response) ?? null;
    return ask.kind === 'sureness' || grade !== null ? [{ answer, ask, grade }] : [];
  });
  const calls = rowsOf(await firstCalls(tx, ws, station.sittingStation));
  const task = { asks: station.accept.asks, truth: truthOf(station), answers, calls, students };
  await writeLooks(tx, run, station, looksAt(task, graded, grader(bench.context)));
}

/** Grades of earlier versions get the normal form of the name that was written. */
async function foldNames(tx: Sql, ws: string, run: string): Promise<void> {
  const rows = await tx.query<{ response: string; text: string }>(
    `select g.response, r.value ->> 'text' as text from grade g join response r on r.ws = g.ws and r.id = g.response
     where g.ws = $1 and g.run = $2 and g.folded is null and r.value ->> 'kind' = 'name'`,
    [ws, run],
  );
  await tx.query(
    `update grade g set folded = w.folded from unnest($3::uuid[], $4::text[]) w(response, folded)
     where g.ws = $1 and g.run = $2 and g.response = w.response`,
    [ws, run, rows.map((r) => r.response), rows.map((r) => normalise(r.text))],
  );
}

async function upgradeRuns(tx: Sql, ws: string, sitting: SittingRow, key: LockedKey): Promise<void> {
  const runs = await tx.query<{ id: string }>(
    'select id from grading_run where ws = $1 and sitting = $2 and key_rev = 0 order by seq',
    [ws, sitting.id],
  );
  if (runs.length === 0) return;
  await lockSums(tx, ws, sitting.section);
  const bench = await benchOf(tx, ws, sitting, key);
  for (const { id } of runs) {
    await tx.query('update grading_run set key_rev = $3, ruling_seq = $4 where ws = $1 and id = $2', [
      ws,
      id,
      key.rev,
      bench.decisions.seq,
    ]);
    await runInOrder(tx, [runKeys(ws, id, key)]);
    await foldNames(tx, ws, id);
  }
  const newest: Run = { ws, id: runs.at(-1)?.id ?? '', seq: runs.length, sitting };
  const students = await participants(tx, ws, sitting.id);
  for (const station of bench.stations.values()) await upgradeLooks(tx, newest, station, bench, students);
  await countSums(tx, ws, sitting.section, [{ sitting: sitting.id, part: null }]);
}

/**
 * Gives sittings that an earlier version opened their key, and their gradings the revision they go by. Grades and
 * returned results stay as they were. Does nothing where everything has its key. @returns how many sittings got one.
 */
export async function upgradeSittings(db: Database, now: Date): Promise<number> {
  const earlier = await db.query<Earlier>(
    `select s.ws, s.id from sitting s where s.state <> 'draft'
       and not exists (select 1 from sitting_key k where k.ws = s.ws and k.sitting = s.id)
     order by s.on_date, s.id`,
  );
  for (const { ws, id } of earlier)
    await db.transaction(async (tx) => {
      await tx.query('select 1 from sitting where ws = $1 and id = $2 for update', [ws, id]);
      const sitting = await sittingById(tx, ws, id);
      if (!sitting) return;
      await lockEarlier(tx, ws, sitting, now.toISOString());
      const key = await readKey(tx, ws, id);
      if (key) await upgradeRuns(tx, ws, sitting, key);
    });
  return earlier.length;
}
