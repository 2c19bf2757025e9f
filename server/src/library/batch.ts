import { v7 } from 'uuid';
import type { BatchDone, BatchEntry, StatementRow, Undone } from '@hurrow/contract';
import { asEntered } from '@hurrow/core/characters';
import type { Vocabulary } from '@hurrow/core/characters';
import type { Sql } from '../db/index.ts';
import { maybe } from '../db/index.ts';
import { conflict, isHttpProblem, stale } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { HttpProblem } from '../http/index.ts';
import { readStatement } from './described.ts';
import { applyEntry, checkAllApply, remember } from './statements.ts';
import { vocabularyToRead } from './vocabulary.ts';

interface Applied {
  readonly before: StatementRow | null;
  readonly after: StatementRow | null;
}

/** Applies one entry; a refusal names the entry it came from. */
async function applyNumbered(
  tx: Sql,
  call: Call<Account>,
  entry: BatchEntry,
  index: number,
  vocabulary: Vocabulary,
): Promise<Applied> {
  try {
    return await applyEntry(tx, call, entry, vocabulary);
  } catch (error) {
    if (!isHttpProblem(error)) throw error;
    const field = `entries.${index}${error.details.field ? `.${error.details.field}` : ''}`;
    throw new HttpProblem({ ...error.details, field });
  }
}

/** Records many statements whole or not at all, under one batch that can be undone. */
export async function recordBatch(call: CallOf<'statementBatch'>): Promise<ReplyOf<'statementBatch'>> {
  const { entries } = call.body;
  const batch = v7();
  const rows = await call.app.db.transaction(async (tx) => {
    const done: (StatementRow | null)[] = [];
    const vocabulary = await vocabularyToRead(tx, call.who.ws);
    for (const [i, entry] of entries.entries()) {
      const { before, after } = await applyNumbered(tx, call, entry, i, vocabulary);
      if (before || after) await remember(tx, call, (after ?? before)?.id ?? '', before, after, batch);
      done.push(after);
    }
    await checkAllApply(tx, call.who.ws, entries);
    return done;
  });
  const body: BatchDone = { batch, rows };
  return { status: 201, body };
}

interface ChangeRow {
  id: string;
  subject_id: string;
  before: StatementRow | null;
  after: StatementRow | null;
}

/** Puts back what one change of a statement did. @throws where somebody has changed it since. */
async function putBack(
  tx: Sql,
  call: Call<Account>,
  change: ChangeRow,
  batch: string,
  vocabulary: Vocabulary,
  act: 'undo' | 'redo',
): Promise<void> {
  const { ws } = call.who;
  const standing = await readStatement(tx, ws, change.subject_id);
  const expected = change.after?.version ?? null;
  if ((standing?.version ?? null) !== expected) {
    throw stale('Somebody has changed it since; it is not undone.', {
      remedy: 'Open the statement and decide there.',
      current: standing,
      sent: change.before,
    });
  }
  if (change.after === null && change.before) {
    await refuseReplaced(tx, ws, change.before);
    await tx.query(
      'update statement set retracted_at = null, version = version + 1, at = $3 where ws = $1 and id = $2',
      [ws, change.subject_id, call.app.clock().toISOString()],
    );
  } else if (change.after) {
    await applyEntry(
      tx,
      call,
      {
        taxon: change.after.taxon,
        character: change.after.character,
        source: change.after.source,
        life: change.after.life ?? null,
        value: change.before ? asEntered(change.before.value) : null,
        version: change.after.version,
      },
      vocabulary,
    );
  }
  const now = await readStatement(tx, ws, change.subject_id);
  await remember(tx, call, change.subject_id, change.after, now, batch, act);
  // What an earlier change wrote stands again, under a new version: undoing that one must find it.
  if (now && change.before) {
    await tx.query(
      `update change set after = jsonb_set(after, '{version}', to_jsonb($3::integer))
       where ws = $1 and subject_id = $2 and (undone_at is null or act = 'undo' and redone_at is null)
         and (after ->> 'version')::integer = $4`,
      [ws, change.subject_id, now.version, change.before.version],
    );
  }
}

/** @throws where the source has said something else since its statement was taken back. */
async function refuseReplaced(tx: Sql, ws: string, before: StatementRow): Promise<void> {
  const other = await maybe<{ id: string }>(
    tx,
    `select id from statement where ws = $1 and taxon = $2 and character = $3 and source = $4 and id <> $5
       and life is not distinct from $6::text and retracted_at is null`,
    [ws, before.taxon, before.character, before.source, before.id, before.life ?? null],
  );
  if (!other) return;
  throw stale('The source has said something else since; it is not undone.', {
    remedy: 'Open the statement and decide there.',
    current: await readStatement(tx, ws, other.id),
    sent: before,
  });
}

/** What was undone or redone, of which species. */
function told(rows: readonly ChangeRow[]): Undone {
  const changes = rows.flatMap((r) => {
    const said = r.after ?? r.before;
    return said ? [{ taxon: said.taxon, character: said.character }] : [];
  });
  return { taxa: [...new Set(changes.map((c) => c.taxon))], statements: rows.length, changes };
}

/** Undoes the latest change of statements made by the one who asks, a whole batch at once. */
export async function undoLatest(call: CallOf<'undo'>): Promise<ReplyOf<'undo'>> {
  const { ws, id: account } = call.who;
  const undone = await call.app.db.transaction(async (tx): Promise<Undone> => {
    const latest = await maybe<{ id: string; batch: string | null }>(
      tx,
      `select id, batch from change where ws = $1 and account = $2 and subject_kind = 'statement' and undone_at is null
       order by seq desc limit 1`,
      [ws, account],
    );
    if (!latest) throw conflict('You have nothing to undo.', { remedy: 'Change something first.' });
    const rows = await tx.query<ChangeRow>(
      `select id, subject_id, before, after from change
       where ws = $1 and account = $2 and undone_at is null and subject_kind = 'statement' and (id = $3 or batch = $4)
       order by seq desc`,
      [ws, account, latest.id, latest.batch],
    );
    const now = call.app.clock().toISOString();
    const batch = v7();
    const vocabulary = await vocabularyToRead(tx, ws);
    for (const row of rows) await putBack(tx, call, row, batch, vocabulary, 'undo');
    await tx.query('update change set undone_at = $3 where ws = $1 and id = any($2::uuid[])', [
      ws,
      rows.map((r) => r.id),
      now,
    ]);
    return told(rows);
  });
  return { body: undone };
}

/**
 * Redoes what the one who asks undid last, as long as they changed nothing since. An undo is kept as a batch of its own,
 * which undoing puts back.
 */
export async function redoLatest(call: CallOf<'redo'>): Promise<ReplyOf<'redo'>> {
  const { ws, id: account } = call.who;
  const redone = await call.app.db.transaction(async (tx): Promise<Undone> => {
    // The newest of what was changed or undone: a change that stands says that there is nothing to redo.
    const latest = await maybe<{ batch: string | null; redoable: boolean }>(
      tx,
      `select batch, act = 'undo' as redoable from change
       where ws = $1 and account = $2 and subject_kind = 'statement'
         and (act = 'change' and undone_at is null or act = 'undo' and redone_at is null)
       order by seq desc limit 1`,
      [ws, account],
    );
    if (!latest?.redoable || latest.batch === null)
      throw conflict('You have nothing to redo.', { remedy: 'Undo something first.' });
    const rows = await tx.query<ChangeRow>(
      `select id, subject_id, before, after from change where ws = $1 and account = $2 and batch = $3 order by seq desc`,
      [ws, account, latest.batch],
    );
    const batch = v7();
    const vocabulary = await vocabularyToRead(tx, ws);
    for (const row of rows) await putBack(tx, call, row, batch, vocabulary, 'redo');
    await tx.query('update change set redone_at = $3 where ws = $1 and id = any($2::uuid[])', [
      ws,
      rows.map((r) => r.id),
      call.app.clock().toISOString(),
    ]);
    return told(rows);
  });
  return { body: redone };
}
