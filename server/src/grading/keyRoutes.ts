import type { KeyChange, KeyEffect, KeyRevision, SittingKey } from '@hurrow/contract';
import type { StationAnswer } from '@hurrow/core/grading';
import type { FrozenRival } from '@hurrow/core/stations';
import { maybe } from '../db/index.ts';
import type { RowsText, Sql } from '../db/index.ts';
import { conflict, idParam, invalid } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { vocabularyToRead } from '../library/index.ts';
import {
  changesSince,
  gatherKey,
  needSitting,
  readKey,
  readKeyTaxa,
  readValues,
  truthOf,
  writeRevision,
} from '../sittings/index.ts';
import type { Gathered, LockedKey, SittingRow, StationKey } from '../sittings/index.ts';
import { countAnswers, countedAnswers } from './answers.ts';
import { benchFor, benchOf } from './context.ts';
import { startGrading } from './graders.ts';
import type { Grading } from './graders.ts';
import type { KeptGrade } from './gradeText.ts';

const readRevisions = (sql: Sql, ws: string, sitting: string): Promise<readonly KeyRevision[]> =>
  sql.query<KeyRevision>(
    `select k.rev, k.why, a.name as by, k.at,
       (select count(*) from station_key s where s.ws = k.ws and s.sitting = k.sitting and s.rev = k.rev)::integer as stations,
       (select min(s.valid_from) from station_key s where s.ws = k.ws and s.sitting = k.sitting and s.rev = k.rev) as "from"
     from sitting_key k left join account a on a.ws = k.ws and a.id = k.by_account
     where k.ws = $1 and k.sitting = $2 order by k.rev desc`,
    [ws, sitting],
  );

async function readRivals(sql: Sql, ws: string, sitting: string, key: LockedKey) {
  const rows = await sql.query<FrozenRival & { sitting_station: string; rev: number }>(
    `select r.sitting_station, r.rev, r.rival, r.verdict, r.tells from station_key k
     join station_rival r on r.ws = k.ws and r.sitting_station = k.sitting_station and r.rev = k.rev
     where k.ws = $1 and k.sitting = $2`,
    [ws, sitting],
  );
  const found = new Map<string, FrozenRival[]>();
  for (const { sitting_station: station, rev, ...r } of rows) {
    if (key.stations.get(station)?.rev !== rev) continue;
    const had = found.get(station);
    if (had) had.push(r);
    else found.set(station, [r]);
  }
  return found;
}

async function changesOf(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  key: LockedKey,
  now: Gathered,
): Promise<readonly KeyChange[]> {
  const whole = {
    namesHash: key.namesHash,
    stations: key.stations,
    values: await readValues(sql, ws, [...key.stations.values()]),
    rivals: await readRivals(sql, ws, sitting.id, key),
    list: await readKeyTaxa(sql, ws, sitting.id, key.listRev),
  };
  return changesSince(whole, now, await vocabularyToRead(sql, ws));
}

/** The stations of a key after a revision that takes everything over. */
function revised(key: LockedKey, now: Gathered): ReadonlyMap<string, StationKey> {
  const next = new Map(key.stations);
  for (const s of now.stations)
    next.set(s.sittingStation, { ...s, rev: key.rev + 1, validFrom: null, fairness: null });
  return next;
}

/** The points of each answer at a station by a key that may be another than the one in force, with whose it is. */
async function pointsAt(
  grading: Grading,
  station: StationKey | undefined,
  answers: RowsText<StationAnswer>,
): Promise<ReadonlyMap<string, KeptGrade>> {
  if (!station) return new Map();
  const { asks } = station.accept;
  const { grades } = await grading.grade({
    asks,
    truth: truthOf(station),
    answers,
    calls: '[]',
    students: [],
  });
  return new Map(grades.map((g) => [g.response, g]));
}

const sum = (n: readonly number[]): number => Math.round(n.reduce((a, b) => a + b, 0) * 100) / 100;

/** Students by their number, with what they gain or lose, the largest change first. */
async function namedStudents(
  sql: Sql,
  ws: string,
  by: ReadonlyMap<string, number>,
): Promise<KeyEffect['byStudent']> {
  const rows = await sql.query<{ id: string; code: string; firstName: string | null }>(
    'select id, code, first_name as "firstName" from student where ws = $1 and id = any($2::uuid[])',
    [ws, [...by.keys()]],
  );
  return rows
    .map(({ id, code, firstName }) => ({ code, firstName, by: sum([by.get(id) ?? 0]) }))
    .filter((s) => s.by !== 0)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by) || a.code.localeCompare(b.code, 'en', { numeric: true }));
}

/** What taking everything over does to the grades: both keys grade the same answers, and the points are compared. */
async function effectOf(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  key: LockedKey,
  now: Gathered,
): Promise<KeyEffect> {
  const count = await countAnswers(sql, ws, sitting.id);
  const old = await benchOf(sql, ws, sitting, key);
  const next = await benchFor(
    sql,
    ws,
    sitting,
    { stations: revised(key, now), earlier: new Map() },
    now.list,
    now.names,
    now.policy,
  );
  const [before, after] = [startGrading(old.context, count), startGrading(next.context, count)];
  const changed: { readonly student: string; readonly by: number }[] = [];
  try {
    for (const id of next.stations.keys()) {
      const answers = await countedAnswers(sql, ws, id);
      const was = await pointsAt(before, old.stations.get(id), answers);
      const is = await pointsAt(after, next.stations.get(id), answers);
      for (const g of new Map([...was, ...is]).values()) {
        const by = (is.get(g.response)?.points ?? 0) - (was.get(g.response)?.points ?? 0);
        if (by !== 0) changed.push({ student: g.student, by });
      }
    }
  } finally {
    before.end();
    after.end();
  }
  const by = new Map<string, number>();
  for (const c of changed) by.set(c.student, (by.get(c.student) ?? 0) + c.by);
  return {
    byStudent: await namedStudents(sql, ws, by),
    answers: changed.length,
    students: new Set(changed.map((c) => c.student)).size,
    gained: sum(changed.flatMap((c) => (c.by > 0 ? c.by : []))),
    lost: sum(changed.flatMap((c) => (c.by < 0 ? -c.by : []))),
  };
}

/** The key of a sitting with what has changed since it was locked, and what taking that over would do to the grades. */
export async function readSittingKey(call: Call<Account>): Promise<SittingKey> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const key = await readKey(db, ws, sitting.id);
  if (!key) return { rev: null, revisions: [], changes: [], effect: null };
  const now = await gatherKey(db, ws, sitting);
  const changes = await changesOf(db, ws, sitting, key, now);
  const graded = await maybe(db, 'select 1 from grading_run where ws = $1 and sitting = $2 limit 1', [
    ws,
    sitting.id,
  ]);
  return {
    rev: key.rev,
    revisions: await readRevisions(db, ws, sitting.id),
    changes,
    effect: graded && changes.length > 0 ? await effectOf(db, ws, sitting, key, now) : null,
  };
}

/**
 * Takes what has changed since into a new revision of the key. Grades stay as they are until the sitting is graded
 * again, and results that were returned until they are returned again.
 */
export async function reviseKey(call: CallOf<'keyRevise'>): Promise<ReplyOf<'keyRevise'>> {
  const { stations, why, from = null } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const sitting = await needSitting(tx, call.who, id, true);
    const key = await readKey(tx, ws, sitting.id);
    if (!key) {
      throw conflict('The key is not locked yet, so it follows every change by itself.', {
        remedy: 'Lock the key first.',
      });
    }
    const now = await gatherKey(tx, ws, sitting);
    const changes = await changesOf(tx, ws, sitting, key, now);
    const changed = new Set(changes.flatMap((c) => c.sittingStation ?? []));
    const strange = (stations ?? []).findIndex((s) => !key.stations.has(s));
    if (strange >= 0) {
      throw invalid('This station is not in this sitting.', {
        field: `stations.${strange}`,
        remedy: 'Choose stations of this sitting.',
      });
    }
    const wanted = new Set(stations ?? changed);
    const taken = now.stations.filter((s) => changed.has(s.sittingStation) && wanted.has(s.sittingStation));
    if (taken.length === 0 && (stations !== null || changes.length === 0)) {
      throw conflict('Nothing has changed since the key was locked.', {
        remedy: 'Change the profile, the tree or the names first.',
      });
    }
    await writeRevision(
      tx,
      { ws, sitting: sitting.id, why, by: call.who.id, at: call.app.clock().toISOString(), from },
      now,
      taken,
      stations === null,
    );
  });
  return { status: 201, body: await readSittingKey(call) };
}
