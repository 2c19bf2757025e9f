import type { GradeEffect, KeyChange, KeyEffect, KeyRevision, SittingKey } from '@hurrow/contract';
import type { FrozenRival } from '@hurrow/core/stations';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
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
  writeRevision,
} from '../sittings/index.ts';
import type { Gathered, LockedKey, RevisionInput, SittingRow, StationKey } from '../sittings/index.ts';
import { benchFor, benchOf } from './context.ts';
import { keepDropped } from './keepDropped.ts';
import { effectBetween, named } from './effects.ts';

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

/** The stations of a key after a revision that takes some of them over, or all. */
function revised(
  key: LockedKey,
  now: Gathered,
  only: readonly string[] | null = null,
): ReadonlyMap<string, StationKey> {
  const next = new Map(key.stations);
  const held = (id: string): string | null => key.stations.get(id)?.validFrom ?? null;
  for (const s of keepDropped(key, now.stations))
    if (only === null || only.includes(s.sittingStation))
      next.set(s.sittingStation, {
        ...s,
        rev: key.rev + 1,
        validFrom: held(s.sittingStation),
        fairness: null,
      });
  return next;
}

/** What taking everything over does to the grades: both keys grade the same answers, and the points are compared. */
async function effectOf(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  key: LockedKey,
  now: Gathered,
): Promise<KeyEffect> {
  const old = await benchOf(sql, ws, sitting, key);
  const stations = { stations: revised(key, now), earlier: new Map<string, never>() };
  const next = await benchFor(sql, ws, sitting, stations, now.list, now.names, now.policy);
  return effectBetween(sql, ws, sitting, old, next);
}

/** What taking some stations over as they are now would do to the grades of a sitting. */
export async function revisionEffect(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  only: readonly string[],
): Promise<GradeEffect> {
  const key = await readKey(sql, ws, sitting.id);
  if (!key) throw conflict('The key is not locked yet.', { remedy: 'Lock the key first.' });
  const old = await benchOf(sql, ws, sitting, key);
  const stations = revised(key, await gatherKey(sql, ws, sitting), only);
  const effect = await effectBetween(sql, ws, sitting, old, { ...old, stations });
  return { sittings: [await named(sql, ws, sitting, effect)] };
}

/** Takes some stations over into a new revision as they are now. The caller has locked the sitting. */
export async function reviseStations(
  tx: Sql,
  revision: RevisionInput,
  sitting: SittingRow,
  only: readonly string[],
): Promise<void> {
  const key = await readKey(tx, revision.ws, sitting.id);
  if (!key) throw conflict('The key is not locked yet.', { remedy: 'Lock the key first.' });
  const now = await gatherKey(tx, revision.ws, sitting);
  const taken = keepDropped(key, now.stations).filter((s) => only.includes(s.sittingStation));
  await writeRevision(tx, revision, now, taken, false);
}

/** The key of a sitting with what has changed since it was locked, and what taking that over would do to the grades. */
export async function readSittingKey(call: Call<Account>): Promise<SittingKey> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const key = await readKey(db, ws, sitting.id);
  if (!key) return { dropped: [], rev: null, revisions: [], changes: [], effect: null };
  const now = await gatherKey(db, ws, sitting);
  const changes = await changesOf(db, ws, sitting, key, now);
  const graded = await maybe(db, 'select 1 from grading_run where ws = $1 and sitting = $2 limit 1', [
    ws,
    sitting.id,
  ]);
  return {
    dropped: [...key.stations.values()]
      .filter((s) => s.accept.dropped)
      .map(({ sittingStation, number }) => ({ sittingStation, number })),
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
    const taken = keepDropped(key, now.stations).filter(
      (s) => changed.has(s.sittingStation) && wanted.has(s.sittingStation),
    );
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
