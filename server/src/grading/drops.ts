import type { GradeEffect } from '@hurrow/contract';
import { conflict, idParam, invalid } from '../http/index.ts';
import type { Account, CallOf, ReplyOf } from '../http/index.ts';
import type { Sql } from '../db/index.ts';
import { heldAt, needSitting, readKey, writeAccepted } from '../sittings/index.ts';
import type { LockedKey, SittingRow, StationKey } from '../sittings/index.ts';
import { benchOf } from './context.ts';
import { effectOfStations } from './effects.ts';
import { dropped, restored } from './keepDropped.ts';
import { readSittingKey } from './keyRoutes.ts';

interface Found {
  readonly sitting: SittingRow;
  readonly key: LockedKey;
  readonly station: StationKey;
}

async function needStation(
  sql: Sql,
  who: Account,
  id: string,
  station: string,
  drop: boolean,
  lock: boolean,
): Promise<Found> {
  const sitting = await needSitting(sql, who, id, lock);
  const key = await readKey(sql, who.ws, sitting.id);
  if (!key)
    throw conflict('The key is not locked yet.', { remedy: 'Remove the station from the quiz instead.' });
  const found = key.stations.get(station);
  if (!found)
    throw invalid('This station is not in this sitting.', {
      field: 'station',
      remedy: 'Choose a station of this sitting.',
    });
  if (drop === (found.accept.dropped ?? false))
    throw conflict(`Station ${found.number} ${drop ? 'was dropped already' : 'counts already'}.`, {
      remedy: 'Nothing else is needed.',
    });
  return { sitting, key, station: found };
}

/** Who would gain and lose if a station did not count. */
export async function previewDrop(
  call: CallOf<'stationDropPreview'>,
): Promise<ReplyOf<'stationDropPreview'>> {
  const { db } = call.app;
  const { ws } = call.who;
  const { sitting, key, station } = await needStation(
    db,
    call.who,
    idParam(call, 'id'),
    call.body.station,
    call.body.drop,
    false,
  );
  const changed = call.body.drop ? dropped : restored;
  const bench = await benchOf(db, ws, sitting, key);
  const at = station.sittingStation;
  const stations = new Map([...bench.stations, [at, changed(station)] as const]);
  const held = (bench.earlier.get(at) ?? []).map(changed);
  const earlier = held.length === 0 ? bench.earlier : new Map([...bench.earlier, [at, held] as const]);
  const body: GradeEffect = await effectOfStations(db, ws, sitting, bench, { stations, earlier });
  return { body };
}

/**
 * Drops a station by a revision of the key, so that it earns nothing and counts as no look, or lets it count again. Grades
 * change when the sitting is graded again, and returned results when they are returned again.
 */
export async function dropStation(call: CallOf<'stationDrop'>): Promise<ReplyOf<'stationDrop'>> {
  const { ws } = call.who;
  const { station: id, drop, why } = call.body;
  await call.app.db.transaction(async (tx) => {
    const { sitting, key, station } = await needStation(tx, call.who, idParam(call, 'id'), id, drop, true);
    const at = call.app.clock().toISOString();
    const revision = { ws, sitting: sitting.id, why, by: call.who.id, at };
    // Where its tree changed during the sitting, each revision that holds for somebody is followed by one of its own.
    for (const held of [...heldAt(key, station)].reverse())
      await writeAccepted(tx, revision, [drop ? dropped(held) : restored(held)]);
    await tx.query('update sitting set version = version + 1 where ws = $1 and id = $2', [ws, sitting.id]);
  });
  return { status: 201, body: await readSittingKey(call) };
}
