import { v7 } from 'uuid';
import type { SittingState } from '@hurrow/contract';
import { hashToken } from '../access/index.ts';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { Account, CallOf, ReplyOf } from '../http/index.ts';
import { needQuiz, readStations } from '../quizzes/index.ts';
import { closeSegments } from '../answers/index.ts';
import { newCode } from './codes.ts';
import { lockKey } from './key/index.ts';
import { refuseStale, returnResults } from './returning.ts';
import { followQuiz, needSitting, publicId, readSitting } from './store.ts';
import type { SittingRow } from './store.ts';

const CODE_DAYS = 60;

export async function createSitting(call: CallOf<'sittingCreate'>): Promise<ReplyOf<'sittingCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const quiz = idParam(call, 'id');
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    const { list, list_name: listName } = await needQuiz(tx, ws, quiz);
    const section = await maybe<{ list: string; name: string }>(
      tx,
      'select list, name from section where ws = $1 and id = $2',
      [ws, body.section],
    );
    if (!section)
      throw invalid('There is no such section.', { field: 'section', remedy: 'Choose one under Classes.' });
    if (section.list !== list) {
      throw invalid(`${section.name} works with another list than ${listName}.`, {
        field: 'section',
        remedy: 'Choose a section of this list, or make the quiz from the section’s list.',
      });
    }
    const handling = withLook(body.handling);
    await insertRows(tx, 'sitting', [
      {
        ws,
        id,
        quiz,
        section: body.section,
        on_date: body.on,
        state: 'draft',
        handling,
        wet: body.wet,
        make_up: body.makeUp,
        led: false,
        version: 1,
      },
    ]);
    const made = await needSitting(tx, call.who, id);
    await followQuiz(tx, ws, made);
  });
  const made = await readSitting(call.app.db, call.who, id);
  return { status: 201, body: made, version: made.version };
}

const withLook = (handling: readonly string[]): readonly string[] =>
  handling.includes('look') ? handling : ['look', ...handling];

/** Moves a draft to another day or allows other handling; once opened, both stand. */
export async function changeSitting(call: CallOf<'sittingChange'>): Promise<ReplyOf<'sittingChange'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const sitting = await needSitting(tx, call.who, id, true);
    needVersion(call, sitting.version, sitting);
    if (sitting.state !== 'draft') {
      throw conflict('The key is locked, so the date and what students may do no longer change.', {
        remedy: 'Make a new sitting.',
      });
    }
    await tx.query(
      'update sitting set on_date = $3, handling = $4, wet = $5, version = version + 1 where ws = $1 and id = $2',
      [ws, id, body.on, withLook(body.handling), body.wet],
    );
  });
  const changed = await readSitting(call.app.db, call.who, id);
  return { body: changed, version: changed.version };
}

/** The tree that stands in at a station; the quiz's own tree is no stand-in. */
async function standIn(
  tx: Sql,
  ws: string,
  station: string,
  individual: string | null,
): Promise<string | null> {
  if (individual === null) return null;
  if (!(await maybe(tx, 'select 1 from tree where ws = $1 and individual = $2', [ws, individual])))
    throw invalid('This tree is not tagged.', { field: 'individual', remedy: 'Choose a tagged tree.' });
  const own = await maybe(tx, 'select 1 from station where ws = $1 and id = $2 and individual = $3', [
    ws,
    station,
    individual,
  ]);
  return own ? null : individual;
}

/**
 * Changes what is at hand at a station of a draft, and which tree stands there. Once the key is locked only the tree may
 * change: the key then lists it as a change, and a revision takes it over.
 */
export async function changeSittingStation(
  call: CallOf<'sittingStation'>,
): Promise<ReplyOf<'sittingStation'>> {
  const { distance, material, individual } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const sitting = await call.app.db.transaction(async (tx) => {
    const gone = () => notFound('This station was deleted.', { remedy: 'Open the sitting again.' });
    const of = await maybe<{ sitting: string }>(
      tx,
      'select sitting from sitting_station where ws = $1 and id = $2',
      [ws, id],
    );
    if (!of) throw gone();
    const standing = await needSitting(tx, call.who, of.sitting, true);
    const row = await maybe<{
      station: string;
      version: number;
      distance: string;
      material: string[];
      swapped: string | null;
    }>(
      tx,
      `select station, version, distance, material, swapped_individual as swapped
       from sitting_station where ws = $1 and id = $2 for update`,
      [ws, id],
    );
    if (!row) throw gone();
    needVersion(call, row.version, row);
    const same = distance === row.distance && [...material].sort().join() === [...row.material].sort().join();
    if (standing.state !== 'draft' && !same) {
      throw conflict('The key is locked, so what is at hand does not change any more.', {
        remedy: 'Make a new sitting.',
      });
    }
    const swapped = individual === undefined ? row.swapped : await standIn(tx, ws, row.station, individual);
    await tx.query(
      `update sitting_station set distance = $3, material = $4, swapped_individual = $5, version = version + 1
       where ws = $1 and id = $2`,
      [ws, id, distance, material, swapped],
    );
    return of.sitting;
  });
  return { body: await readSitting(call.app.db, call.who, sitting) };
}

/** Which states may follow which. Grading itself moves a closed sitting to *graded*. */
const FOLLOWS: Readonly<Record<SittingState, readonly SittingState[]>> = {
  draft: ['locked', 'open'],
  locked: ['open'],
  open: ['closed'],
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

async function putCode(tx: Sql, ws: string, sitting: string, now: Date): Promise<string> {
  const code = newCode();
  await tx.query('update sitting set code_hash = $3, code_expires = $4 where ws = $1 and id = $2', [
    ws,
    sitting,
    hashToken(code),
    new Date(now.getTime() + CODE_DAYS * 86_400_000).toISOString(),
  ]);
  return code;
}

/** Locks the key, opens, closes, or returns results. Opening answers with the join code, which is not kept and cannot be shown again. */
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
      await returnResults(tx, ws, sitting, now.toISOString());
    } else await tx.query('update sitting set state = $3 where ws = $1 and id = $2', [ws, id, to]);
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
  const code = await putCode(call.app.db, call.who.ws, id, call.app.clock());
  return { body: { code } };
}
