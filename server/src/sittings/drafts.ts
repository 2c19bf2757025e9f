import { v7 } from 'uuid';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { needQuiz } from '../quizzes/index.ts';
import { refuseMadeForAnother } from './madeFor.ts';
import { followQuiz, needSitting, readSitting } from './store.ts';

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
      throw invalid('This class was deleted.', { field: 'section', remedy: 'Choose one under Classes.' });
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
  if (own) return null;
  await refuseMadeForAnother(tx, ws, station, individual);
  return individual;
}

/**
 * Changes what is at hand at a station of a draft, and which tree stands there. Once the key is locked only the tree may
 * change: the key then lists it as a change, and a revision takes it over.
 */
export async function changeSittingStation(
  call: CallOf<'sittingStation'>,
): Promise<ReplyOf<'sittingStation'>> {
  const { distance, material, individual, reason, reasonNote } = call.body;
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
      `update sitting_station set distance = $3, material = $4, swapped_individual = $5, version = version + 1,
         reason = case when $6 then $7::text else reason end, reason_note = case when $8 then $9::text else reason_note end
       where ws = $1 and id = $2`,
      [
        ws,
        id,
        distance,
        material,
        swapped,
        reason !== undefined,
        reason ?? null,
        reasonNote !== undefined,
        reasonNote || null,
      ],
    );
    return of.sitting;
  });
  return { body: await readSitting(call.app.db, call.who, sitting) };
}

/** Deletes a draft. */
export async function removeSitting(call: CallOf<'sittingRemove'>): Promise<ReplyOf<'sittingRemove'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const sitting = await needSitting(tx, call.who, id, true);
    needVersion(call, sitting.version, { state: sitting.state, version: sitting.version });
    if (sitting.state !== 'draft') {
      throw conflict('Only a draft can be deleted.', {
        remedy: 'Put it back to draft while nobody has answered, or archive the quiz.',
      });
    }
    await tx.query(
      'delete from sitting_ask where ws = $1 and sitting_station in (select id from sitting_station where ws = $1 and sitting = $2)',
      [ws, id],
    );
    await tx.query('delete from sitting_station where ws = $1 and sitting = $2', [ws, id]);
    await tx.query('delete from sitting where ws = $1 and id = $2', [ws, id]);
  });
  return { status: 204 };
}
