import { v7 } from 'uuid';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import { heldAt, lockKey, readKey } from '../sittings/index.ts';
import type { LockedKey, SittingRow } from '../sittings/index.ts';
import { countSums, lockSums } from '../sums/index.ts';
import type { Regraded } from '../sums/index.ts';
import { benchOf } from './context.ts';
import type { Bench } from './context.ts';
import { gradeStations } from './gradeStations.ts';
import type { Scope } from './gradeStations.ts';
import { namedGrades, placesOf } from './inForce.ts';
import type { Run } from './stationRows.ts';
import type { StationsWritten } from './writeRows.ts';

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

/** All stations, unless nothing but the decided name is new since the grading before. */
async function scopeOf(
  tx: Sql,
  { ws, sitting, decided }: RunInput,
  key: LockedKey,
  bench: Bench,
  before: Before | null,
): Promise<Scope> {
  const news = bench.decisions.all.filter((d) => d.seq > (before?.ruling_seq ?? 0));
  const isPart =
    decided !== undefined && before?.key_rev === key.rev && news.every((d) => d.folded === decided);
  if (!isPart) return { kind: 'whole', stations: [...key.stations.keys()] };
  const standing = await namedGrades(tx, ws, sitting.id, decided);
  return { kind: 'name', folded: decided, standing, places: placesOf(standing) };
}

/** What sums have to count again after a grading; null for all that is counted of the sitting. */
function partOf(key: LockedKey, scope: Scope, whoLooked: StationsWritten['whoLooked']): Regraded['part'] {
  if (scope.kind === 'whole') return null;
  const { places } = scope;
  const truths = [...places.keys()].flatMap((id) => {
    const station = key.stations.get(id);
    return station ? heldAt(key, station).map((k) => k.taxon) : [];
  });
  return {
    stations: [...places.keys()],
    truths,
    students: [...new Set([...places.values()].flat())],
    whoLooked,
  };
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
  const scope = await scopeOf(tx, input, key, bench, before);
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
  const written = await gradeStations(tx, run, bench, scope);
  await countSums(tx, ws, sitting.section, [
    { sitting: sitting.id, part: partOf(key, scope, written.whoLooked) },
  ]);
  if (sitting.state === 'closed')
    await tx.query(`update sitting set state = 'graded', version = version + 1 where ws = $1 and id = $2`, [
      ws,
      sitting.id,
    ]);
  return { run: run.id, changed: written.changed };
}
