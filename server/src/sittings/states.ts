import type { SittingState } from '@hurrow/contract';
import { hashToken } from '../access/index.ts';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, needVersion } from '../http/index.ts';
import type { Account, CallOf, ReplyOf } from '../http/index.ts';
import { readStations } from '../quizzes/index.ts';
import { closeSegments } from '../answers/index.ts';
import { newCode, readCode } from './codes.ts';
import { lockKey } from './key/index.ts';
import { refuseStale, returnResults } from './returning.ts';
import { followQuiz, needSitting, publicId, readSitting } from './store.ts';
import type { SittingRow } from './store.ts';

const CODE_DAYS = 60;

/** Which states may follow which. Grading itself moves a closed sitting to *graded*. */
const FOLLOWS: Readonly<Record<SittingState, readonly SittingState[]>> = {
  draft: ['locked', 'open'],
  locked: ['open', 'draft'],
  open: ['closed', 'draft'],
  closed: ['open'],
  graded: ['returned', 'open'],
  // Results that a later grading changed are returned again.
  returned: ['returned'],
};

/** Locks the key: from here on the stations, their trees and what they accept no longer change by themselves. */
async function lock(tx: Sql, who: Account, sitting: SittingRow, now: Date): Promise<void> {
  const { ws } = who;
  await followQuiz(tx, ws, sitting);
  const stations = await readStations(tx, ws, sitting.quiz);
  if (stations.length === 0) {
    throw conflict('The quiz has no station yet.', {
      remedy: 'Add stations to the quiz, then open the sitting.',
    });
  }
  await lockKey(tx, ws, sitting, who.id, now.toISOString());
  await refuseUnfair(tx, ws, sitting.id);
  const asks = await tx.query<{ sitting_station: string; ask: string }>(
    `select ss.id as sitting_station, a.id as ask from sitting_station ss
     join ask a on a.ws = ss.ws and a.station = ss.station
     where ss.ws = $1 and ss.sitting = $2
       and not exists (select 1 from sitting_ask sa where sa.ws = ss.ws and sa.sitting_station = ss.id and sa.ask = a.id)`,
    [ws, sitting.id],
  );
  await insertRows(
    tx,
    'sitting_ask',
    asks.map((a) => ({ ws, ...a, public_id: publicId() })),
  );
}

/** @throws where a station is unfair and nobody said why it is used. */
async function refuseUnfair(tx: Sql, ws: string, sitting: string): Promise<void> {
  const rows = await tx.query<{ number: number }>(
    `select st.number from station_key k join sitting_station ss on ss.ws = k.ws and ss.id = k.sitting_station
     join station st on st.ws = ss.ws and st.id = ss.station
     where k.ws = $1 and k.sitting = $2 and k.fairness ->> 'verdict' = 'unfair' and ss.reason is null
       and not exists (select 1 from station_key l where l.ws = k.ws and l.sitting_station = k.sitting_station and l.rev > k.rev)
     order by st.number`,
    [ws, sitting],
  );
  if (rows.length === 0) return;
  const [first] = rows;
  const many = rows.length > 1;
  const which = rows.map((r) => r.number).join(', ');
  throw conflict(
    `Station${many ? 's' : ''} ${which} ${many ? 'are' : 'is'} unfair and nobody has said why ${many ? 'they are' : 'it is'} used.`,
    {
      field: `stations.${first?.number ?? 0}`,
      remedy: 'Apply a fix, or give a reason for each.',
    },
  );
}

/** Goes back to a draft: the key is dropped. @throws once a phone has joined or a sheet was entered. */
async function unlock(tx: Sql, ws: string, sitting: SittingRow): Promise<void> {
  const used = await maybe(
    tx,
    `select 1 from attempt where ws = $1 and sitting = $2
     union all select 1 from device where ws = $1 and sitting = $2 limit 1`,
    [ws, sitting.id],
  );
  if (used) {
    throw conflict('A student has joined or answered, so this sitting is no draft any more.', {
      remedy: 'Close it and schedule another one, or swap the tree of a station.',
    });
  }
  const own = 'in (select id from sitting_station where ws = $1 and sitting = $2)';
  for (const table of ['station_value', 'station_rival'])
    await tx.query(`delete from ${table} where ws = $1 and sitting_station ${own}`, [ws, sitting.id]);
  for (const table of ['station_key', 'sitting_taxon', 'sitting_key'])
    await tx.query(`delete from ${table} where ws = $1 and sitting = $2`, [ws, sitting.id]);
  await tx.query(`delete from sitting_ask where ws = $1 and sitting_station ${own}`, [ws, sitting.id]);
  await tx.query('update sitting set code_hash = null, code_expires = null where ws = $1 and id = $2', [
    ws,
    sitting.id,
  ]);
}

async function putCode(tx: Sql, ws: string, sitting: string, now: Date): Promise<string> {
  const code = newCode();
  await tx.query('update sitting set code_hash = $3, code_expires = $4 where ws = $1 and id = $2', [
    ws,
    sitting,
    hashToken(readCode(code)),
    new Date(now.getTime() + CODE_DAYS * 86_400_000).toISOString(),
  ]);
  await tx.query(`update sitting set code = $3 where ws = $1 and id = $2 and state = 'open'`, [
    ws,
    sitting,
    code,
  ]);
  return code;
}

/** Locks the key, opens, closes, returns results, or goes back to a draft. Opening answers with the join code. */
export async function changeState(call: CallOf<'sittingState'>): Promise<ReplyOf<'sittingState'>> {
  const { to } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const now = call.app.clock();
  const code = await call.app.db.transaction(async (tx) => {
    const sitting = await needSitting(tx, call.who, id, true);
    needVersion(call, sitting.version, { state: sitting.state, version: sitting.version });
    if (!FOLLOWS[sitting.state].includes(to)) {
      throw conflict(
        `A sitting that is ${sitting.state.replace('_', ' ')} cannot become ${to.replace('_', ' ')}.`,
        {
          field: 'to',
          remedy: to === 'returned' ? 'Grade it first.' : 'Look at its state and choose the next step.',
        },
      );
    }
    if (to === 'locked' || to === 'open') await lock(tx, call.who, sitting, now);
    const made = to === 'open' ? await putCode(tx, ws, id, now) : null;
    if (to === 'returned') {
      await refuseStale(tx, ws, sitting);
      await returnResults(tx, ws, sitting, now.toISOString(), call.body.by);
    } else {
      if (to === 'draft') await unlock(tx, ws, sitting);
      await tx.query(
        `update sitting set state = $3, code = case when $3 = 'open' then $4::text end where ws = $1 and id = $2`,
        [ws, id, to, made],
      );
    }
    await tx.query('update sitting set version = version + 1 where ws = $1 and id = $2', [ws, id]);
    return made;
  });
  if (to === 'closed' || to === 'returned') {
    // The change is done; a segment that cannot be closed now is closed by the next start.
    await closeSegments(call.app.db, call.app.answers, id).catch(() => undefined);
  }
  const body = { ...(await readSitting(call.app.db, call.who, id)), code };
  return { body, version: body.version };
}

export async function renewCode(call: CallOf<'sittingCode'>): Promise<ReplyOf<'sittingCode'>> {
  const id = idParam(call, 'id');
  const sitting = await needSitting(call.app.db, call.who, id);
  if (sitting.state === 'draft' || sitting.state === 'locked') {
    throw conflict('The sitting is not open yet.', { remedy: 'Open it; that makes its code.' });
  }
  const code = await call.app.db.transaction((tx) => putCode(tx, call.who.ws, id, call.app.clock()));
  return { body: { code } };
}
