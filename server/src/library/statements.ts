import { v7 } from 'uuid';
import type { BatchEntry, EnteredStatement, StatementBody, StatementRow } from '@hurrow/contract';
import { applies, readValue } from '@hurrow/core/characters';
import type { Character, Value, Vocabulary } from '@hurrow/core/characters';
import { describeTaxa } from '@hurrow/core/tells';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound, stale } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { readLibrary, readStatement } from './described.ts';
import { vocabularyToRead } from './vocabulary.ts';

function characterIn(vocabulary: Vocabulary, id: string): Character {
  const found = vocabulary.get(id);
  if (found) return found;
  throw invalid(`The vocabulary has no character “${id}”.`, {
    field: 'character',
    remedy: 'Choose a character of the vocabulary.',
  });
}

const characterOf = async (sql: Sql, ws: string, id: string): Promise<Character> =>
  characterIn(await vocabularyToRead(sql, ws), id);

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

export async function writeValue(
  sql: Sql,
  ws: string,
  id: string,
  character: string,
  value: Value,
): Promise<void> {
  await sql.query('delete from statement_state where ws = $1 and statement = $2', [ws, id]);
  await sql.query('delete from statement_range where ws = $1 and statement = $2', [ws, id]);
  if (value.kind === 'states') {
    await insertRows(
      sql,
      'statement_state',
      value.states.map((s) => ({ ws, statement: id, character, state: s.state, freq: s.freq })),
    );
  } else if (value.kind === 'range') {
    const { xlow, low, high, xhigh, more = false, entered } = value;
    await insertRows(sql, 'statement_range', [{ ws, statement: id, xlow, low, high, xhigh, more, entered }]);
  }
}

async function readOne(sql: Sql, ws: string, id: string): Promise<StatementRow> {
  const row = await readStatement(sql, ws, id);
  if (row) return row;
  throw notFound('There is no such statement.', {
    remedy: 'It may have been retracted; read the profile again.',
  });
}

/**
 * Every change of a statement is kept with what it was before.
 * @param undo whether this change itself takes another back, so that undoing again goes further into the past.
 */
export async function remember(
  sql: Sql,
  call: Call<Account>,
  id: string,
  before: StatementRow | null,
  after: StatementRow | null,
  batch: string | null = null,
  act: 'change' | 'undo' | 'redo' = 'change',
): Promise<void> {
  const at = call.app.clock().toISOString();
  await insertRows(sql, 'change', [
    {
      ws: call.who.ws,
      id: v7(),
      at,
      account: call.who.id,
      subject_kind: 'statement',
      subject_id: id,
      before,
      after,
      batch,
      act,
      undone_at: act === 'undo' ? at : null,
    },
  ]);
}

async function checkTargets(
  sql: Sql,
  ws: string,
  body: Pick<StatementBody, 'taxon' | 'character' | 'source' | 'life' | 'note'>,
): Promise<void> {
  if (!(await maybe(sql, 'select 1 from taxon where ws = $1 and id = $2', [ws, body.taxon]))) {
    throw invalid('There is no such taxon.', { field: 'taxon', remedy: 'Open the species again.' });
  }
  if (!(await maybe(sql, 'select 1 from source where ws = $1 and id = $2', [ws, body.source]))) {
    throw invalid('There is no such source.', { field: 'source', remedy: 'Choose one of the sources.' });
  }
  const standing = await maybe<{ id: string }>(
    sql,
    `select id from statement where ws = $1 and taxon = $2 and character = $3 and source = $4
       and life is not distinct from $5::text and coalesce(note, '') = $6 and retracted_at is null`,
    [ws, body.taxon, body.character, body.source, body.life ?? null, body.note ?? ''],
  );
  if (standing) {
    throw conflict('This source already says something of this character.', {
      field: 'source',
      remedy: 'Change what it says, choose another source, or say in the note where else the source says it.',
    });
  }
}

/** @throws where one of some entries is a value of a character that does not apply, with what controls it. */
export async function checkAllApply(
  sql: Sql,
  ws: string,
  entries: readonly Pick<BatchEntry, 'taxon' | 'character' | 'value'>[],
): Promise<void> {
  const stated = entries.filter((e) => e.value !== null && e.value.kind !== 'inapplicable');
  const taxa = [...new Set(stated.map((e) => e.taxon))];
  const vocabulary = await vocabularyToRead(sql, ws);
  const described = describeTaxa(taxa, await readLibrary(sql, ws, taxa), vocabulary, null);
  const profiles = new Map(described.map((d) => [d.id, d.profile]));
  for (const e of stated) {
    const [character, profile] = [vocabulary.get(e.character), profiles.get(e.taxon)];
    if (!character || !profile || applies(character, profile, vocabulary) !== 'no') continue;
    const controllers = character.appliesIf.map((r) => vocabulary.get(r.character)?.term ?? r.character);
    throw invalid(`${character.term} does not apply to it, by its ${controllers.join(' and ')}.`, {
      field: entries.length === 1 ? 'value' : `entries.${entries.indexOf(e)}.value`,
      remedy: `Record ${controllers.at(-1) ?? 'what controls it'} first, or leave this empty.`,
    });
  }
}

/** The statement a source makes of a character of a taxon, if it makes one. */
async function standingOf(
  tx: Sql,
  ws: string,
  e: Pick<BatchEntry, 'taxon' | 'character' | 'source' | 'life'>,
): Promise<StatementRow | null> {
  const found = await maybe<{ id: string }>(
    tx,
    `select id from statement
     where ws = $1 and taxon = $2 and character = $3 and source = $4
       and life is not distinct from $5::text and retracted_at is null for update`,
    [ws, e.taxon, e.character, e.source, e.life ?? null],
  );
  return found ? readStatement(tx, ws, found.id) : null;
}

function refuseStale(before: StatementRow | null, entry: BatchEntry): void {
  if ((before?.version ?? null) === entry.version) return;
  throw stale(
    before
      ? `It is at version ${before.version} now; this was written against ${entry.version === null ? 'an empty place' : `version ${entry.version}`}.`
      : 'It has been taken back in the meantime.',
    { remedy: 'Compare both and save again.', current: before, sent: entry.value },
  );
}

/**
 * Writes one entry over what stands: makes it, changes it or takes it back. Whether the character applies is left to
 * the caller, since a batch may bring what decides it.
 */
export async function applyEntry(
  tx: Sql,
  call: Call<Account>,
  entry: BatchEntry,
  vocabulary: Vocabulary,
): Promise<{ readonly before: StatementRow | null; readonly after: StatementRow | null }> {
  const { ws } = call.who;
  const at = call.app.clock().toISOString();
  const before = await standingOf(tx, ws, entry);
  refuseStale(before, entry);
  if (entry.value === null) {
    if (!before) return { before, after: null };
    await tx.query(
      'update statement set retracted_at = $3, version = version + 1 where ws = $1 and id = $2',
      [ws, before.id, at],
    );
    return { before, after: null };
  }
  const value = checkValue(characterIn(vocabulary, entry.character), entry.value);
  if (before) {
    await tx.query(
      'update statement set kind = $3, version = version + 1, at = $4 where ws = $1 and id = $2',
      [ws, before.id, value.kind, at],
    );
    await writeValue(tx, ws, before.id, entry.character, value);
    return { before, after: await readOne(tx, ws, before.id) };
  }
  await checkTargets(tx, ws, entry);
  const id = v7();
  await insertRows(tx, 'statement', [
    {
      ws,
      id,
      taxon: entry.taxon,
      character: entry.character,
      kind: value.kind,
      source: entry.source,
      life: entry.life ?? null,
      exception: false,
      at,
      version: 1,
    },
  ]);
  await writeValue(tx, ws, id, entry.character, value);
  return { before, after: await readOne(tx, ws, id) };
}

export async function createStatement(call: CallOf<'statementCreate'>): Promise<ReplyOf<'statementCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const row = await call.app.db.transaction(async (tx) => {
    const character = await characterOf(tx, ws, body.character);
    const value = checkValue(character, body.value);
    await checkTargets(tx, ws, body);
    await checkAllApply(tx, ws, [body]);
    const id = v7();
    await insertRows(tx, 'statement', [
      {
        ws,
        id,
        taxon: body.taxon,
        character: body.character,
        kind: value.kind,
        source: body.source,
        life: body.life ?? null,
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

export async function changeStatement(call: CallOf<'statementChange'>): Promise<ReplyOf<'statementChange'>> {
  const { value: entered, note } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const row = await call.app.db.transaction(async (tx) => {
    await tx.query('select 1 from statement where ws = $1 and id = $2 for update', [ws, id]);
    const before = await readOne(tx, ws, id);
    needVersion(call, before.version, before);
    const character = await characterOf(tx, ws, before.character);
    const value = checkValue(character, entered);
    await checkAllApply(tx, ws, [{ ...before, value: entered }]);
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

export async function retractStatement(
  call: CallOf<'statementRetract'>,
): Promise<ReplyOf<'statementRetract'>> {
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
