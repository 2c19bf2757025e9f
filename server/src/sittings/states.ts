import { v7 } from 'uuid';
import type { SittingState } from '@hurrow/contract';
import { hashToken } from '../access/index.ts';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { Account, Call, Reply } from '../http/index.ts';
import { needQuiz, readStations } from '../quizzes/index.ts';
import { closeSegments } from '../answers/index.ts';
import { newCode } from './codes.ts';
import { writeKey } from './key.ts';
import { followQuiz, needSitting, publicId, readSitting } from './store.ts';
import type { SittingRow } from './store.ts';

const CODE_DAYS = 60;

export async function createSitting(call: Call<Account>): Promise<Reply> {
  const body = call.body as {
    section: string;
    on: string;
    handling: string[];
    wet: boolean;
    makeUp: boolean;
  };
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
export async function changeSitting(call: Call<Account>): Promise<Reply> {
  const body = call.body as { on: string; handling: string[]; wet: boolean };
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const sitting = await needSitting(tx, call.who, id, true);
    needVersion(call, sitting.version, sitting);
    if (sitting.state !== 'draft') {
      throw conflict('The sitting has been opened; its date and handling stand.', {
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

export async function changeSittingStation(call: Call<Account>): Promise<Reply> {
  const { distance, material } = call.body as { distance: string; material: string[] };
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const sitting = await call.app.db.transaction(async (tx) => {
    const row = await maybe<{ sitting: string; version: number; distance: string; material: string[] }>(
      tx,
      'select sitting, version, distance, material from sitting_station where ws = $1 and id = $2 for update',
      [ws, id],
    );
    if (!row) throw notFound('There is no such station.', { remedy: 'Read the sitting again.' });
    const standing = await needSitting(tx, call.who, row.sitting);
    needVersion(call, row.version, row);
    if (standing.state !== 'draft') {
      throw conflict('The sitting has been opened; what is at hand stands.', {
        remedy: 'Make a new sitting.',
      });
    }
    await tx.query(
      'update sitting_station set distance = $3, material = $4, version = version + 1 where ws = $1 and id = $2',
      [ws, id, distance, material],
    );
    return row.sitting;
  });
  return { body: await readSitting(call.app.db, call.who, sitting) };
}

/** Which states may follow which. Marking itself moves a closed sitting to *marked*. */
const FOLLOWS: Readonly<Record<SittingState, readonly SittingState[]>> = {
  draft: ['open'],
  frozen: ['open', 'draft'],
  open: ['closed'],
  closed: ['open'],
  marked: ['given_back', 'open'],
  given_back: [],
};

async function open(tx: Sql, ws: string, sitting: SittingRow, now: Date): Promise<string> {
  await followQuiz(tx, ws, sitting);
  const stations = await readStations(tx, ws, sitting.quiz);
  if (stations.length === 0) {
    throw conflict('The quiz has no station yet.', {
      remedy: 'Add stations to the quiz, then open the sitting.',
    });
  }
  await writeKey(tx, ws, stations, now);
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
  return putCode(tx, ws, sitting.id, now);
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

/** Opens, closes or gives back. Opening answers with the join code, which is not kept and cannot be shown again. */
export async function changeState(call: Call<Account>): Promise<Reply> {
  const { to } = call.body as { to: SittingState };
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
          remedy: to === 'given_back' ? 'Mark it first.' : 'Look at its state and choose the next step.',
        },
      );
    }
    const made = to === 'open' ? await open(tx, ws, sitting, now) : null;
    if (to === 'given_back') {
      await refuseStale(tx, ws, sitting);
      await giveBack(tx, ws, id, now.toISOString());
    } else await tx.query('update sitting set state = $3 where ws = $1 and id = $2', [ws, id, to]);
    await tx.query('update sitting set version = version + 1 where ws = $1 and id = $2', [ws, id]);
    return made;
  });
  if (to === 'closed' || to === 'given_back') {
    // The change is done; a segment that cannot be closed now is closed by the next start.
    await closeSegments(call.app.db, call.app.answers, id).catch(() => undefined);
  }
  const body = { ...(await readSitting(call.app.db, call.who, id)), code };
  return { body, version: body.version };
}

/** Students would see scores that leave out what they wrote, and grading is over once results are returned. */
async function refuseStale(tx: Sql, ws: string, sitting: SittingRow): Promise<void> {
  const run = await newestRun(tx, ws, sitting.id);
  if (run === null || !(await isStale(tx, ws, sitting.id, run))) return;
  throw conflict('Answers came in after grading.', {
    field: 'to',
    remedy: 'Grade again, then return the results.',
  });
}

/** The run with the highest number, whatever any clock says; null where there is none. */
export async function newestRun(sql: Sql, ws: string, sitting: string): Promise<string | null> {
  const row = await maybe<{ id: string }>(
    sql,
    'select id from marking_run where ws = $1 and sitting = $2 order by seq desc limit 1',
    [ws, sitting],
  );
  return row?.id ?? null;
}

/** Whether an answer that counts has no grade in a run. */
export async function isStale(sql: Sql, ws: string, sitting: string, run: string): Promise<boolean> {
  const row = await maybe(
    sql,
    `select 1 from (
       select distinct on (t.student, r.sitting_station, r.ask) r.ws, r.id, r.ask
       from response r join attempt t on t.ws = r.ws and t.id = r.attempt
       where r.ws = $1 and t.sitting = $2
       order by t.student, r.sitting_station, r.ask, t.takeover desc, r.seq desc) c
     join ask a on a.ws = c.ws and a.id = c.ask
     where a.kind <> 'sureness'
       and not exists (select 1 from mark m where m.ws = c.ws and m.run = $3 and m.response = c.id) limit 1`,
    [ws, sitting, run],
  );
  return row !== null;
}

/** The newest run becomes the one the students see. @throws where there is none. */
export async function giveBack(tx: Sql, ws: string, sitting: string, at: string): Promise<void> {
  const run = await newestRun(tx, ws, sitting);
  if (run === null) throw conflict('The sitting has not been marked.', { remedy: 'Mark it first.' });
  await tx.query(
    `update sitting set state = 'given_back', given_run = $3, given_at = $4 where ws = $1 and id = $2`,
    [ws, sitting, run, at],
  );
}

export async function renewCode(call: Call<Account>): Promise<Reply> {
  const id = idParam(call, 'id');
  const sitting = await needSitting(call.app.db, call.who, id);
  if (sitting.state === 'draft' || sitting.state === 'frozen') {
    throw conflict('The sitting is not open yet.', { remedy: 'Open it; that makes its code.' });
  }
  const code = await putCode(call.app.db, call.who.ws, id, call.app.clock());
  return { body: { code } };
}
