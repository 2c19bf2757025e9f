import { v7 } from 'uuid';
import type { FitBody } from '@hurrow/contract';
import { SMALLEST_CLASS } from '@hurrow/core/mixups';
import { MISS_ENGINE, packMisses } from '@hurrow/core/misses';
import type { MissFit } from '@hurrow/core/misses';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import type { App } from '../http/index.ts';
import type { Progress } from '../jobs/index.ts';
import { inThread } from '../threads/index.ts';
import { gather, inputHash, readSat } from './gather.ts';

/** Fits that are kept of a class; older ones are dropped unless they are applied. */
const MOST_KEPT = 12;

interface Asked {
  readonly ws: string;
  readonly by: string | null;
  readonly section: string;
}

async function keep(
  tx: Sql,
  { ws, by, section }: Asked,
  at: string,
  made: {
    readonly fit: MissFit;
    readonly leftOut: Readonly<Record<string, number>>;
    readonly sittings: readonly string[];
    readonly hash: string;
  },
): Promise<void> {
  const { fit, leftOut, sittings, hash } = made;
  const id = v7();
  await insertRows(tx, 'miss_fit', [
    {
      ws,
      id,
      section,
      at,
      input_hash: hash,
      engine: MISS_ENGINE,
      sittings,
      by_account: by,
      looks: fit.looks,
      students: fit.students,
      left_out: leftOut,
      found: {
        slips: fit.slips,
        slope: fit.slope,
        readiness: fit.readiness,
        passes: fit.passes,
        settled: fit.settled,
        dispersion: fit.dispersion,
      },
    },
  ]);
  await insertRows(
    tx,
    'miss_rate',
    fit.rates.map((r) => ({
      ws,
      fit: id,
      character: r.character,
      evidence_group: r.group,
      m: r.m.value,
      lo: r.m.low,
      hi: r.m.high,
      sd: r.sd,
      u: r.split?.u ?? null,
      e: r.split?.e ?? null,
      direct: r.direct,
      indirect: r.indirect,
      verdict: r.verdict,
      bundle: r.bundle,
      avoided: r.avoided,
      pairs: r.pairs,
    })),
  );
  await tx.query(
    `delete from miss_fit f where f.ws = $1 and f.section = $2
       and f.id not in (select x.id from miss_fit x where x.ws = $1 and x.section = $2 order by x.at desc, x.id desc limit ${MOST_KEPT})
       and not exists (select 1 from applied_fit a where a.ws = f.ws and a.fit = f.id)`,
    [ws, section],
  );
}

/** Students who ever had an answer in a class. */
export async function studentsOf(sql: Sql, ws: string, section: string): Promise<number> {
  const row = await maybe<{ n: number }>(
    sql,
    'select count(distinct student)::integer as n from look where ws = $1 and section = $2',
    [ws, section],
  );
  return row?.n ?? 0;
}

/**
 * Fits a class's miss rates in a thread and keeps them. What is read is one moment's answers: those graded meanwhile make
 * the fit old, which its hash says. Stopped, it leaves nothing.
 */
export async function fitClass(
  { db, clock }: Pick<App, 'db' | 'clock'>,
  asked: Asked,
  { from }: FitBody,
  progress: Progress,
): Promise<null> {
  const { ws, section } = asked;
  progress('gathering answers', 0, null);
  const ground = await db.transaction(async (tx) => {
    const sat = (await readSat(tx, ws, section)).filter((s) => from === null || s.on >= from);
    const sittings = sat.map((s) => s.id);
    return {
      sittings,
      hash: await inputHash(tx, ws, section, sat, MISS_ENGINE),
      chosen: await gather(tx, ws, section, sittings),
    };
  });
  progress('fitting', 0, 60);
  const fit = await inThread<MissFit>(
    new URL('./fit.worker.ts', import.meta.url),
    packMisses(ground.chosen.data),
    {
      onProgress: (done, total) => progress('fitting', done, total),
      onCancel: progress.onCancel,
    },
  );
  progress('finishing', 1, 1);
  await db.transaction((tx) =>
    keep(tx, asked, clock().toISOString(), {
      fit,
      leftOut: ground.chosen.leftOut,
      sittings: ground.sittings,
      hash: ground.hash,
    }),
  );
  return null;
}

/** @throws where a class is too small for rates, or has no graded answers on or after the day. */
export async function mustFit(sql: Sql, ws: string, section: string, { from }: FitBody): Promise<void> {
  const students = await studentsOf(sql, ws, section);
  if (students < SMALLEST_CLASS)
    throw conflict(`This class has ${students} students with answers; rates need ${SMALLEST_CLASS}.`, {
      remedy: 'Counts by student are under Mix-ups, Students.',
    });
  const sat = (await readSat(sql, ws, section)).filter((s) => from === null || s.on >= from);
  if (sat.length === 0)
    throw conflict('No graded quiz of this class was held on or after that day.', {
      remedy: 'Choose an earlier day, or grade a quiz first.',
    });
}
