import { v7 } from 'uuid';
import type { EnteredStatement, StatementBody, StatementRow } from '@hurrow/contract';
import { readValue } from '@hurrow/core/characters';
import type { Character, Value } from '@hurrow/core/characters';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { Account, Call, Reply } from '../http/index.ts';
import { readStatement } from './described.ts';
import { readVocabulary } from './vocabulary.ts';

async function characterOf(sql: Sql, ws: string, id: string): Promise<Character> {
  const found = (await readVocabulary(sql, ws)).find((c) => c.id === id);
  if (found) return found;
  throw invalid(`The vocabulary has no character “${id}”.`, {
    field: 'character',
    remedy: 'Choose a character of the vocabulary.',
  });
}

function checkValue(character: Character, entered: EnteredStatement): Value {
  const read = readValue(character, entered);
  if (read.ok) return read.value;
  const { message, remedy, offer } = read.problem;
  throw invalid(message, {
    field: entered.kind === 'range' ? 'value.entered' : 'value.states',
    remedy,
    ...(offer ? { offer } : {}),
  });
}

async function writeValue(sql: Sql, ws: string, id: string, character: string, value: Value): Promise<void> {
  await sql.query('delete from statement_state where ws = $1 and statement = $2', [ws, id]);
  await sql.query('delete from statement_range where ws = $1 and statement = $2', [ws, id]);
  if (value.kind === 'states') {
    await insertRows(
      sql,
      'statement_state',
      value.states.map((s) => ({ ws, statement: id, character, state: s.state, freq: s.freq })),
    );
  } else if (value.kind === 'range') {
    const { xlow, low, high, xhigh, entered } = value;
    await insertRows(sql, 'statement_range', [{ ws, statement: id, xlow, low, high, xhigh, entered }]);
  }
}

async function readOne(sql: Sql, ws: string, id: string): Promise<StatementRow> {
  const row = await readStatement(sql, ws, id);
  if (row) return row;
  throw notFound('There is no such statement.', {
    remedy: 'It may have been retracted; read the profile again.',
  });
}

/** Every change of a statement is kept with what it was before. */
async function remember(
  sql: Sql,
  call: Call<Account>,
  id: string,
  before: StatementRow | null,
  after: StatementRow | null,
): Promise<void> {
  await insertRows(sql, 'change', [
    {
      ws: call.who.ws,
      id: v7(),
      at: call.app.clock().toISOString(),
      account: call.who.id,
      subject_kind: 'statement',
      subject_id: id,
      before,
      after,
    },
  ]);
}

async function checkTargets(sql: Sql, ws: string, body: StatementBody): Promise<void> {
  if (!(await maybe(sql, 'select 1 from taxon where ws = $1 and id = $2', [ws, body.taxon]))) {
    throw invalid('There is no such taxon.', { field: 'taxon', remedy: 'Open the species again.' });
  }
  if (!(await maybe(sql, 'select 1 from source where ws = $1 and id = $2', [ws, body.source]))) {
    throw invalid('There is no such source.', { field: 'source', remedy: 'Choose one of the sources.' });
  }
  const standing = await maybe<{ id: string }>(
    sql,
    `select id from statement where ws = $1 and taxon = $2 and character = $3 and source = $4 and life is null and retracted_at is null`,
    [ws, body.taxon, body.character, body.source],
  );
  if (standing) {
    throw conflict('This source already says something of this character.', {
      field: 'source',
      remedy: 'Change what it says, or choose another source.',
    });
  }
}

export async function createStatement(call: Call<Account>): Promise<Reply> {
  const body = call.body as StatementBody;
  const { ws } = call.who;
  const row = await call.app.db.transaction(async (tx) => {
    const character = await characterOf(tx, ws, body.character);
    const value = checkValue(character, body.value);
    await checkTargets(tx, ws, body);
    const id = v7();
    await insertRows(tx, 'statement', [
      {
        ws,
        id,
        taxon: body.taxon,
        character: body.character,
        kind: value.kind,
        source: body.source,
        note: body.note || null,
        exception: false,
        at: call.app.clock().toISOString(),
        version: 1,
      },
    ]);
    await writeValue(tx, ws, id, body.character, value);
    const written = await readOne(tx, ws, id);
    await remember(tx, call, id, null, written);
    return written;
  });
  return { status: 201, body: row, version: row.version };
}

export async function changeStatement(call: Call<Account>): Promise<Reply> {
  const { value: entered, note } = call.body as { value: EnteredStatement; note?: string | null };
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const row = await call.app.db.transaction(async (tx) => {
    await tx.query('select 1 from statement where ws = $1 and id = $2 for update', [ws, id]);
    const before = await readOne(tx, ws, id);
    needVersion(call, before.version, before);
    const value = checkValue(await characterOf(tx, ws, before.character), entered);
    await tx.query(
      'update statement set kind = $3, note = $4, version = version + 1, at = $5 where ws = $1 and id = $2',
      [ws, id, value.kind, note === undefined ? before.note : note || null, call.app.clock().toISOString()],
    );
    await writeValue(tx, ws, id, before.character, value);
    const after = await readOne(tx, ws, id);
    await remember(tx, call, id, before, after);
    return after;
  });
  return { body: row, version: row.version };
}

export async function retractStatement(call: Call<Account>): Promise<Reply> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await tx.query('select 1 from statement where ws = $1 and id = $2 for update', [ws, id]);
    const before = await readOne(tx, ws, id);
    needVersion(call, before.version, before);
    await tx.query(
      'update statement set retracted_at = $3, version = version + 1 where ws = $1 and id = $2',
      [ws, id, call.app.clock().toISOString()],
    );
    await remember(tx, call, id, before, null);
  });
  return { status: 204 };
}
