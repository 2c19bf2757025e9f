import type { GradeEffect, TagDecision } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid } from '../http/index.ts';
import type { Account, CallOf, ReplyOf } from '../http/index.ts';
import { gradeSitting, reviseStations, revisionEffect } from '../grading/index.ts';
import { determine } from '../material/index.ts';
import { needSitting, readKey } from '../sittings/index.ts';
import type { SittingRow, StationKey } from '../sittings/index.ts';
import { readSoundness } from './soundness.ts';

/** Carries what was worked out of a transaction that is not to be kept. */
class NotKept extends Error {
  readonly effect: GradeEffect;
  constructor(effect: GradeEffect) {
    super('This transaction only looked ahead');
    this.effect = effect;
  }
}

async function needStation(
  tx: Sql,
  who: Account,
  id: string,
  { station, taxon }: TagDecision,
): Promise<{ readonly sitting: SittingRow; readonly station: StationKey }> {
  const sitting = await needSitting(tx, who, id, true);
  const found = (await readKey(tx, who.ws, sitting.id))?.stations.get(station);
  if (!found)
    throw invalid('This station is not in this sitting.', {
      field: 'station',
      remedy: 'Choose a station of this sitting.',
    });
  if (taxon === null) return { sitting, station: found };
  if (!(await maybe(tx, 'select 1 from taxon where ws = $1 and id = $2', [who.ws, taxon])))
    throw invalid('There is no such species.', { field: 'taxon', remedy: 'Choose one of the library.' });
  if (taxon === found.taxon)
    throw conflict('The key says this species already.', { remedy: 'Nothing else is needed.' });
  return { sitting, station: found };
}

/** Says what the tree at a station is from now on: its own ID, or the station's where no tree is recorded. */
async function identify(
  tx: Sql,
  who: Account,
  station: StationKey,
  taxon: string,
  at: string,
): Promise<void> {
  if (station.individual !== null) return determine(tx, who.ws, station.individual, taxon, who.id, at);
  await tx.query(
    `update station set taxon = $3, version = version + 1
     where ws = $1 and id = (select ss.station from sitting_station ss where ss.ws = $1 and ss.id = $2)`,
    [who.ws, station.sittingStation, taxon],
  );
}

/** Who would gain and lose if the tree at a station were another species; nothing is kept. */
export async function previewTag(call: CallOf<'tagPreview'>): Promise<ReplyOf<'tagPreview'>> {
  const { body, who } = call;
  const at = call.app.clock().toISOString();
  try {
    return await call.app.db.transaction<never>(async (tx) => {
      const { sitting, station } = await needStation(tx, who, idParam(call, 'id'), body);
      if (body.taxon !== null) await identify(tx, who, station, body.taxon, at);
      throw new NotKept(await revisionEffect(tx, who.ws, sitting, [station.sittingStation]));
    });
  } catch (error) {
    if (error instanceof NotKept) return { body: error.effect };
    throw error;
  }
}

/**
 * Changes the ID of the tree at a station, revises the key of the sitting there and grades it again, all at once; or keeps
 * that somebody looked and found the tag right. Results that were returned stay until they are returned again.
 */
export async function decideTag(call: CallOf<'tagDecide'>): Promise<ReplyOf<'tagDecide'>> {
  const { body, who } = call;
  const { ws } = who;
  const at = call.app.clock().toISOString();
  const decided = await call.app.db.transaction(async (tx) => {
    const { sitting, station } = await needStation(tx, who, idParam(call, 'id'), body);
    await tx.query('delete from tag_found_right where ws = $1 and sitting_station = $2', [ws, body.station]);
    if (body.taxon === null) {
      await insertRows(tx, 'tag_found_right', [
        { ws, sitting_station: body.station, why: body.why, by_account: who.id, at },
      ]);
      return sitting;
    }
    await identify(tx, who, station, body.taxon, at);
    await reviseStations(tx, { ws, sitting: sitting.id, why: body.why, by: who.id, at }, sitting, [
      body.station,
    ]);
    await gradeSitting(tx, { ws, sitting, by: who.id, at, cause: 'an ID was changed' });
    return sitting;
  });
  return { status: 201, body: await readSoundness(call.app.db, who, decided, false) };
}
