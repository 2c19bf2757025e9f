import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { maybe } from '../db/index.ts';
import { refuseMadeForAnother } from './madeFor.ts';
import { gatherKey, lastRevision, writeRevision } from './key/index.ts';
import { needSitting, readSitting } from './store.ts';

/**
 * Puts another tree at one station of a sitting whose key is locked, and takes it into the key at once. While the sitting
 * is open, whoever was there before keeps the key as it was. What is printed stays valid: cards carry numbers only.
 */
export async function swapStation(call: CallOf<'stationSwap'>): Promise<ReplyOf<'stationSwap'>> {
  const { individual, why, reason = null } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const at = call.app.clock().toISOString();
  const sitting = await call.app.db.transaction(async (tx) => {
    const of = await maybe<{ sitting: string }>(
      tx,
      'select sitting from sitting_station where ws = $1 and id = $2',
      [ws, id],
    );
    if (!of) throw notFound('This station was deleted.', { remedy: 'Open the sitting again.' });
    const here = await needSitting(tx, call.who, of.sitting, true);
    if (here.state !== 'locked' && here.state !== 'open') {
      throw conflict(here.state === 'draft' ? 'The key is not locked yet.' : 'The sitting is over.', {
        remedy: here.state === 'draft' ? 'Choose another tree at the station.' : 'Revise the key instead.',
      });
    }
    const row = await maybe<{ version: number; station: string }>(
      tx,
      'select version, station from sitting_station where ws = $1 and id = $2 for update',
      [ws, id],
    );
    needVersion(call, row?.version ?? 0, row);
    if (
      !(await maybe(tx, 'select 1 from tree where ws = $1 and individual = $2 and retired_at is null', [
        ws,
        individual,
      ]))
    )
      throw invalid('This tree was deleted or retired.', {
        field: 'individual',
        remedy: 'Choose another tree.',
      });
    await refuseMadeForAnother(tx, ws, row?.station ?? '', individual);
    if ((await lastRevision(tx, ws, here.id)) === null)
      throw conflict('The key is not locked yet.', { remedy: 'Choose another tree at the station.' });
    await tx.query(
      `update sitting_station ss set version = version + 1, reason = $4, reason_note = null,
         swapped_individual = case when exists (select 1 from station st where st.ws = ss.ws and st.id = ss.station and st.individual = $3)
           then null else $3::uuid end
       where ss.ws = $1 and ss.id = $2`,
      [ws, id, individual, reason],
    );
    const now = await gatherKey(tx, ws, here);
    const station = now.stations.filter((s) => s.sittingStation === id);
    const [swapped] = station;
    if (swapped?.individual !== individual)
      throw conflict('This tree cannot stand there.', { remedy: 'Choose another tree.' });
    const fair = await now.judge(new Set([id]));
    if (fair.get(id)?.verdict === 'unfair' && reason === null) {
      throw conflict(`Station ${swapped.number} would be unfair with this tree.`, {
        field: 'reason',
        remedy: 'Choose another tree, or say why you use it.',
      });
    }
    const from = here.state === 'open' ? at : null;
    await writeRevision(tx, { ws, sitting: here.id, why, by: call.who.id, at, from }, now, station, false);
    await tx.query('update sitting set version = version + 1 where ws = $1 and id = $2', [ws, here.id]);
    return here.id;
  });
  const body = await readSitting(call.app.db, call.who, sitting);
  return { body };
}
