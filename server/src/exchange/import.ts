import { createHash } from 'node:crypto';
import { v7 } from 'uuid';
import { IMPORT_KINDS } from '@hurrow/contract';
import type { ImportKind, ImportReport, ImportRow } from '@hurrow/contract';
import type { Choices } from '@hurrow/core/responses';
import { insertRows, maybe, one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, notFound, stale } from '../http/index.ts';
import type { Account, App, Call, CallOf, ReplyOf } from '../http/index.ts';
import type { Progress } from '../jobs/index.ts';
import { applyPlan } from './apply.ts';
import { readDocument } from './document.ts';
import { applyResponses } from './applyResponses.ts';
import { makeReady, planned, plannedResponses } from './plan.ts';
import type { Planned } from './read.ts';
import type { Undo } from './recorder.ts';
import { applyRoster, planRoster } from './roster.ts';
import type { PlannedRoster } from './roster.ts';
import { reportOfResponses } from './responseReport.ts';
import { chosenOf, readResponseGround } from './responseGround.ts';
import type { PlannedResponses } from './responsePlan.ts';
import { undoImport } from './undo.ts';

/** A file to be taken in. */
export interface ImportRequest {
  readonly kind: ImportKind;
  readonly name: string;
  readonly text: string;
  /** How somebody decided what a responses file leaves open. */
  readonly choices?: Choices;
}

function requestOf(call: Call<Account>): ImportRequest {
  const kind = IMPORT_KINDS.find((k) => k === call.query['kind']);
  if (!kind) {
    throw invalid(`“${call.query['kind'] ?? ''}” is no kind of file.`, {
      field: 'kind',
      remedy: `Choose one of ${IMPORT_KINDS.join(', ')}.`,
    });
  }
  const name = (call.query['name'] ?? '').trim();
  if (name.length < 1 || name.length > 120) {
    throw invalid('The import has no name.', {
      field: 'name',
      remedy: 'Give it one of up to 120 letters; a table takes it as its source, names as their list.',
    });
  }
  if (typeof call.body !== 'string' || call.body.trim() === '') {
    throw invalid('The file is empty or no text.', { field: 'file', remedy: 'Choose a text file.' });
  }
  if (kind !== 'responses') return { kind, name, text: call.body };
  return { kind, name, ...chosenOf(call.body, call.query['with'] === 'choices') };
}

const stampOf = async (sql: Sql, ws: string): Promise<string> =>
  (await one<{ stamp: string }>(sql, 'select library_stamp as stamp from workspace where id = $1', [ws]))
    .stamp;

type AnyPlan =
  | { readonly of: 'library'; readonly planned: Planned; readonly stamp: string }
  | { readonly of: 'roster'; readonly planned: PlannedRoster }
  | { readonly of: 'responses'; readonly planned: PlannedResponses };

async function plan(
  db: Sql,
  ws: string,
  account: string | null,
  request: ImportRequest,
  progress: Progress,
  previewOnly: boolean,
): Promise<AnyPlan> {
  progress('reading', 0, null);
  if (request.kind === 'roster') return { of: 'roster', planned: await planRoster(db, ws, request.text) };
  if (request.kind === 'responses') {
    makeReady(request.text.length, 'responses');
    const ground = await readResponseGround(db, ws, account);
    const { text, choices = {} } = request;
    return { of: 'responses', planned: await plannedResponses({ text, choices, ground }, progress) };
  }
  makeReady(request.text.length, 'library');
  const stamp = await stampOf(db, ws);
  const current = await readDocument(db, ws);
  return {
    of: 'library',
    stamp,
    planned: await planned({ ...request, kind: request.kind, current, previewOnly }, progress),
  };
}

function reportOf(kind: ImportKind, found: AnyPlan, batch: string | null): ImportReport {
  if (found.of === 'responses') return reportOfResponses(found.planned, batch);
  const { planned: p } = found;
  if (!p.ok) {
    return {
      kind,
      counts: { new: 0, changed: 0, same: 0, refused: p.refused.length },
      changes: [],
      more: 0,
      refused: p.refused,
      questions: [],
      left: [],
      batch,
    };
  }
  const { fresh, changed, same, refused, changes, left } = p.outcome;
  return {
    kind,
    counts: { new: fresh, changed, same, refused: refused.length },
    changes,
    more: fresh + changed - changes.length,
    refused,
    questions: [],
    left,
    batch,
  };
}

/** Says what a file would change; nothing is changed. */
export const preview = async (
  db: Sql,
  ws: string,
  account: string | null,
  request: ImportRequest,
  progress: Progress,
): Promise<ImportReport> =>
  reportOf(request.kind, await plan(db, ws, account, request, progress, true), null);

async function write(
  tx: Sql,
  ws: string,
  batch: string,
  account: string | null,
  found: AnyPlan,
  at: string,
  progress: Progress,
): Promise<Undo> {
  // Between two writes the progress can be read, and the work stopped.
  const tell = async (done: number, total: number): Promise<void> => {
    progress('writing', done, total);
    await new Promise((go) => setImmediate(go));
  };
  if (!found.planned.ok) throw new Error('A refused file is not applied');
  if (found.of === 'roster') return applyRoster(tx, ws, batch, found.planned.lines, at, tell);
  if (found.of === 'responses') return applyResponses(tx, ws, batch, account, found.planned.plan, at, tell);
  if (!found.planned.plan) throw new Error('A preview is not applied');
  if ((await stampOf(tx, ws)) !== found.stamp) {
    throw stale('Somebody has changed the library while the file was compared.', {
      remedy: 'Look at the preview again and take it in then; nothing was changed.',
    });
  }
  return applyPlan(tx, ws, batch, found.planned.plan, at, tell);
}

/**
 * Takes a file in, whole or not at all, so that it can be undone. A file with anything refused changes nothing.
 * @param account who does it; null from the command line.
 */
export async function takeIn(
  { db, clock }: Pick<App, 'db' | 'clock'>,
  ws: string,
  account: string | null,
  request: ImportRequest,
  progress: Progress,
): Promise<ImportReport> {
  const found = await plan(db, ws, account, request, progress, false);
  const refused = reportOf(request.kind, found, null);
  const isOpen = refused.questions.some((q) => q.chosen === undefined);
  if (refused.counts.refused > 0 || isOpen || refused.changes.length === 0) return refused;
  const batch = v7();
  const report = reportOf(request.kind, found, batch);
  await db.transaction(async (tx) => {
    const undo = await write(tx, ws, batch, account, found, clock().toISOString(), progress);
    // The last moment at which it can be stopped.
    progress('finishing', 1, 1);
    await insertRows(tx, 'import_batch', [
      {
        ws,
        id: batch,
        kind: request.kind,
        name: request.name,
        account,
        file_hash: createHash('sha256').update(request.text).digest('hex'),
        report: { counts: report.counts },
        undo,
        applied_at: clock().toISOString(),
      },
    ]);
  });
  return report;
}

export function previewImport(call: CallOf<'importPreview'>): Promise<ReplyOf<'importPreview'>> {
  const request = requestOf(call);
  const job = call.app.jobs.start((progress) =>
    preview(call.app.db, call.who.ws, call.who.id, request, progress),
  );
  return Promise.resolve({ status: 202, body: { job } });
}

export function applyImport(call: CallOf<'importApply'>): Promise<ReplyOf<'importApply'>> {
  const request = requestOf(call);
  const { ws, id } = call.who;
  const job = call.app.jobs.start((progress) => takeIn(call.app, ws, id, request, progress));
  return Promise.resolve({ status: 202, body: { job } });
}

export const readImports = (sql: Sql, ws: string): Promise<readonly ImportRow[]> =>
  sql.query<ImportRow>(
    `select b.id, b.kind, coalesce(b.name, '') as name, b.report -> 'counts' as counts, a.name as by,
       b.applied_at as "appliedAt", b.undone_at as "undoneAt"
     from import_batch b left join account a on a.ws = b.ws and a.id = b.account
     where b.ws = $1 and b.applied_at is not null order by b.applied_at desc, b.id desc`,
    [ws],
  );

export async function undoBatch(call: CallOf<'importUndo'>): Promise<ReplyOf<'importUndo'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const batch = await maybe<{ undo: Undo | null; undone_at: string | null }>(
      tx,
      'select undo, undone_at from import_batch where ws = $1 and id = $2 for update',
      [ws, id],
    );
    if (!batch?.undo) throw notFound('There is no such import.', { remedy: 'Choose one of those listed.' });
    if (batch.undone_at !== null)
      throw conflict('It is undone already.', { remedy: 'Take the file in again to have it back.' });
    await undoImport(tx, ws, id, batch.undo);
    // What undoing needed is not kept once it is done: it may hold names of students.
    await tx.query('update import_batch set undone_at = $3, undo = null where ws = $1 and id = $2', [
      ws,
      id,
      call.app.clock().toISOString(),
    ]);
  });
  return { status: 204 };
}
