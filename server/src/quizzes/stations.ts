import { v7 } from 'uuid';
import type { AskBody, StationBody, StationSetting } from '@hurrow/contract';
import type { Material } from '@hurrow/core/conditions';
import { insertRows, maybe, written } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { needUnlocked } from './locks.ts';
import { checkStation } from './stationFits.ts';
import { needQuiz, planOf, readQuiz, readStations } from './store.ts';

/** Numbers above this exist only between the two steps of a renumbering. */
const MOST_STATIONS = 200;

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
      form: a.kind === 'choice' ? 'choice' : 'typed',
      params: a.params ?? {},
      points: a.kind === 'sureness' ? 0 : a.points,
    })),
  );
}

const DEFAULT_MATERIAL: readonly Material[] = ['tree', 'twig', 'leaf'];

/** What lies at a station as it is stored; what is not said stays as it was. */
function settingRow(body: StationBody, before: StationSetting | null) {
  const { material, distance, accepts, notTellable } = { ...before, ...definedOf(body) };
  return {
    material: material ?? DEFAULT_MATERIAL,
    distance: distance ?? 'hand',
    accepts: accepts ?? [],
    not_tellable_on_purpose: notTellable ?? false,
  };
}

const definedOf = (body: StationBody): Partial<StationSetting> =>
  Object.fromEntries(Object.entries(body).filter(([, v]) => v !== undefined));

async function writeClues(tx: Sql, ws: string, station: string, clues: StationBody['clues']): Promise<void> {
  if (!clues) return;
  await tx.query('delete from clue where ws = $1 and station = $2', [ws, station]);
  await insertRows(
    tx,
    'clue',
    clues.map((c, i) => ({ ws, station, ord: i + 1, ...c })),
  );
}

/** How a quiz is run decides what its stations may ask. */
const planFor = async (tx: Sql, ws: string, quiz: string) => planOf(await needQuiz(tx, ws, quiz));

const stationOf = async (tx: Sql, ws: string, quiz: string, id: string) =>
  (await readStations(tx, ws, quiz)).find((s) => s.id === id);

export async function createStation(call: CallOf<'stationCreate'>): Promise<ReplyOf<'stationCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const quiz = idParam(call, 'id');
  const made = await call.app.db.transaction(async (tx) => {
    await needUnlocked(tx, ws, quiz);
    const { material } = settingRow(body, null);
    await checkStation(tx, ws, body, material, await planFor(tx, ws, quiz));
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
    { ws, id, quiz, number, individual, ...settingRow(body, null), version: 1 },
  ]);
  await writeClues(tx, ws, id, body.clues);
  await writeAsks(tx, ws, id, body.asks);
  return id;
}

/** Adds many trees as stations that ask the same, in their order, all or none. */
export async function addStations(call: CallOf<'stationsAdd'>): Promise<ReplyOf<'stationsAdd'>> {
  const { individuals, askEach = [] } = call.body;
  const { ws } = call.who;
  const quiz = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await needUnlocked(tx, ws, quiz);
    const plan = await planFor(tx, ws, quiz);
    for (const [i, individual] of individuals.entries()) {
      const asks = [...call.body.asks, ...(askEach[i] ?? [])];
      if (asks.length === 0) {
        throw invalid('A station asks nothing.', { field: `askEach.${i}`, remedy: 'Add a question.' });
      }
      await checkStation(tx, ws, { individual, asks }, DEFAULT_MATERIAL, plan);
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
    const before = await stationOf(tx, ws, standing.quiz, id);
    needVersion(call, standing.version, before);
    const row = settingRow(body, before ?? null);
    await checkStation(tx, ws, body, row.material, await planFor(tx, ws, standing.quiz));
    await tx.query(
      `update station set individual = $3, material = $4, distance = $5, accepts = $6::uuid[],
         not_tellable_on_purpose = $7, version = version + 1 where ws = $1 and id = $2`,
      [ws, id, body.individual, row.material, row.distance, row.accepts, row.not_tellable_on_purpose],
    );
    await followStation(tx, ws, id, before ?? null, row);
    await writeClues(tx, ws, id, body.clues);
    await writeAsks(tx, ws, id, body.asks);
    if (body.number !== undefined && body.number !== standing.number) {
      await moveTo(tx, ws, standing.quiz, id, body.number);
    }
    return stationOf(tx, ws, standing.quiz, id);
  });
  return { body: written(changed), version: written(changed).version };
}

/** Drafts that have at a station what the quiz had there go along with it; those that differ stay as they are. */
async function followStation(
  tx: Sql,
  ws: string,
  station: string,
  before: StationSetting | null,
  now: { readonly material: readonly string[]; readonly distance: string },
): Promise<void> {
  if (!before) return;
  await tx.query(
    `update sitting_station ss set material = $5, distance = $6, version = ss.version + 1
     from sitting s where s.ws = ss.ws and s.id = ss.sitting and s.state = 'draft' and ss.ws = $1 and ss.station = $2
       and ss.material = $3::text[] and ss.distance = $4 and (ss.material <> $5::text[] or ss.distance <> $6)`,
    [ws, station, before.material, before.distance, now.material, now.distance],
  );
}

/** Puts the stations of a quiz in another order: all of them, each once. */
export async function orderStations(call: CallOf<'stationsOrder'>): Promise<ReplyOf<'stationsOrder'>> {
  const { ws } = call.who;
  const quiz = idParam(call, 'id');
  const { stations } = call.body;
  await call.app.db.transaction(async (tx) => {
    await needUnlocked(tx, ws, quiz);
    const { version, name } = await needQuiz(tx, ws, quiz);
    needVersion(call, version, { version, name });
    const known = (await readStations(tx, ws, quiz)).map((s) => s.id);
    if (known.length !== stations.length || !known.every((id) => stations.includes(id))) {
      throw conflict('The stations have changed in the meantime.', {
        field: 'stations',
        remedy: 'Load the quiz again, then move the station.',
      });
    }
    await renumber(tx, ws, stations);
    await tx.query('update quiz set version = version + 1 where ws = $1 and id = $2', [ws, quiz]);
  });
  const body = await readQuiz(call.app.db, ws, call.who.id, quiz);
  return { body, version: body.version };
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
