import { v7 } from 'uuid';
import type { AskBody, StationBody } from '@hurrow/contract';
import { insertRows, maybe, written } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { readVocabulary } from '../library/index.ts';
import { needQuiz, readQuiz, readStations } from './store.ts';

/** Numbers above this exist only between the two steps of a renumbering. */
const MOST_STATIONS = 200;

async function checkStation(tx: Sql, ws: string, body: StationBody): Promise<void> {
  const tree = await maybe<{ tag: string; retired: boolean }>(
    tx,
    'select tag, retired_at is not null as retired from tree where ws = $1 and individual = $2',
    [ws, body.individual],
  );
  if (!tree)
    throw invalid('This tree was deleted.', { field: 'individual', remedy: 'Choose a tagged tree.' });
  const known = new Map((await readVocabulary(tx, ws)).map((c) => [c.id, c]));
  body.asks.forEach((a, i) => {
    if (a.kind === 'call' && !known.has(a.character ?? '')) {
      throw invalid(`The vocabulary has no character “${a.character ?? ''}”.`, {
        field: `asks.${i}.character`,
        remedy: 'Choose a character of the vocabulary.',
      });
    }
  });
  const keys = body.asks.map((a) => `${a.kind}/${a.character ?? ''}`);
  const twice = keys.findIndex((k, i) => keys.indexOf(k) < i);
  if (twice >= 0) {
    throw conflict('A station asks the same thing twice.', {
      field: `asks.${twice}`,
      remedy: 'Ask each name and each character once.',
    });
  }
  const firstName = body.asks.findIndex((a) => a.kind !== 'call' && a.kind !== 'sureness');
  const lateCall = body.asks.findIndex((a, i) => a.kind === 'call' && firstName >= 0 && i > firstName);
  if (lateCall >= 0) {
    throw invalid('A call stands after the name.', {
      field: `asks.${lateCall}`,
      remedy: 'Ask calls before the name, so that the name does not decide them.',
    });
  }
}

async function writeAsks(tx: Sql, ws: string, station: string, asks: readonly AskBody[]): Promise<void> {
  await tx.query(
    'delete from sitting_ask where ws = $1 and ask in (select id from ask where ws = $1 and station = $2)',
    [ws, station],
  );
  await tx.query('delete from ask where ws = $1 and station = $2', [ws, station]);
  await insertRows(
    tx,
    'ask',
    asks.map((a, i) => ({
      ws,
      id: v7(),
      station,
      ord: i + 1,
      kind: a.kind,
      character: a.kind === 'call' ? a.character : null,
      form: 'typed',
      params: {},
      points: a.kind === 'sureness' ? 0 : a.points,
    })),
  );
}

async function needUnlocked(tx: Sql, ws: string, quiz: string): Promise<void> {
  await tx.query('select 1 from quiz where ws = $1 and id = $2 for update', [ws, quiz]);
  const { locked } = await needQuiz(tx, ws, quiz);
  if (locked) {
    throw conflict('The key of a sitting of this quiz is locked, so its stations no longer change.', {
      remedy: 'Make a new quiz for other stations.',
    });
  }
}

const stationOf = async (tx: Sql, ws: string, quiz: string, id: string) =>
  (await readStations(tx, ws, quiz)).find((s) => s.id === id);

export async function createStation(call: CallOf<'stationCreate'>): Promise<ReplyOf<'stationCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const quiz = idParam(call, 'id');
  const made = await call.app.db.transaction(async (tx) => {
    await needUnlocked(tx, ws, quiz);
    await checkStation(tx, ws, body);
    const id = await append(tx, ws, quiz, body);
    return stationOf(tx, ws, quiz, id);
  });
  return { status: 201, body: written(made), version: written(made).version };
}

/** Adds a station behind the last one. */
async function append(tx: Sql, ws: string, quiz: string, body: StationBody): Promise<string> {
  const next = await maybe<{ n: number }>(
    tx,
    'select coalesce(max(number), 0) + 1 as n from station where ws = $1 and quiz = $2 and removed_at is null',
    [ws, quiz],
  );
  const number = next?.n ?? 1;
  if (number > MOST_STATIONS) {
    throw conflict(`A quiz has at most ${MOST_STATIONS} stations.`, {
      remedy: 'Make another quiz for the rest.',
    });
  }
  const id = v7();
  const { individual } = body;
  await insertRows(tx, 'station', [
    { ws, id, quiz, number, individual, not_tellable_on_purpose: false, version: 1 },
  ]);
  await writeAsks(tx, ws, id, body.asks);
  return id;
}

/** Adds many trees as stations that ask the same, in their order, all or none. */
export async function addStations(call: CallOf<'stationsAdd'>): Promise<ReplyOf<'stationsAdd'>> {
  const { individuals, asks } = call.body;
  const { ws } = call.who;
  const quiz = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await needUnlocked(tx, ws, quiz);
    for (const individual of individuals) {
      await checkStation(tx, ws, { individual, asks });
      await append(tx, ws, quiz, { individual, asks });
    }
  });
  return { status: 201, body: await readQuiz(call.app.db, ws, call.who.id, quiz) };
}

/**
 * Locks the quiz of a station, then the station: every change of stations locks in this order, so that two people
 * who change two stations of one quiz never wait for each other.
 */
async function needStation(
  tx: Sql,
  ws: string,
  id: string,
): Promise<{ quiz: string; version: number; number: number }> {
  const gone = () => notFound('This station was deleted.', { remedy: 'Open the quiz again.' });
  const of = await maybe<{ quiz: string }>(tx, 'select quiz from station where ws = $1 and id = $2', [
    ws,
    id,
  ]);
  if (!of) throw gone();
  await needUnlocked(tx, ws, of.quiz);
  const row = await maybe<{ quiz: string; version: number; number: number }>(
    tx,
    'select quiz, version, number from station where ws = $1 and id = $2 and removed_at is null for update',
    [ws, id],
  );
  if (!row) throw gone();
  return row;
}

/** Moves a station to another number; those between make room. */
async function moveTo(tx: Sql, ws: string, quiz: string, id: string, to: number): Promise<void> {
  const ids = (
    await tx.query<{ id: string }>(
      'select id from station where ws = $1 and quiz = $2 and removed_at is null order by number',
      [ws, quiz],
    )
  ).map((r) => r.id);
  const order = ids.filter((i) => i !== id);
  order.splice(Math.min(to, ids.length) - 1, 0, id);
  await renumber(tx, ws, order);
}

/** Numbers stations from 1 on, in two steps, so that no two stations ever have one number. */
async function renumber(tx: Sql, ws: string, order: readonly string[]): Promise<void> {
  await tx.query(
    `update station s set number = $3 + o.n from unnest($2::uuid[]) with ordinality o(id, n)
     where s.ws = $1 and s.id = o.id`,
    [ws, order, MOST_STATIONS],
  );
  await tx.query('update station set number = number - $3 where ws = $1 and id = any($2::uuid[])', [
    ws,
    order,
    MOST_STATIONS,
  ]);
}

export async function changeStation(call: CallOf<'stationChange'>): Promise<ReplyOf<'stationChange'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const changed = await call.app.db.transaction(async (tx) => {
    const standing = await needStation(tx, ws, id);
    needVersion(call, standing.version, await stationOf(tx, ws, standing.quiz, id));
    await checkStation(tx, ws, body);
    await tx.query('update station set individual = $3, version = version + 1 where ws = $1 and id = $2', [
      ws,
      id,
      body.individual,
    ]);
    await writeAsks(tx, ws, id, body.asks);
    if (body.number !== undefined && body.number !== standing.number) {
      await moveTo(tx, ws, standing.quiz, id, body.number);
    }
    return stationOf(tx, ws, standing.quiz, id);
  });
  return { body: written(changed), version: written(changed).version };
}

export async function removeStation(call: CallOf<'stationRemove'>): Promise<ReplyOf<'stationRemove'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const standing = await needStation(tx, ws, id);
    needVersion(call, standing.version, await stationOf(tx, ws, standing.quiz, id));
    await tx.query('update station set removed_at = $3, version = version + 1 where ws = $1 and id = $2', [
      ws,
      id,
      call.app.clock().toISOString(),
    ]);
    const rest = await tx.query<{ id: string }>(
      'select id from station where ws = $1 and quiz = $2 and removed_at is null order by number',
      [ws, standing.quiz],
    );
    await renumber(
      tx,
      ws,
      rest.map((r) => r.id),
    );
  });
  return { status: 204 };
}
