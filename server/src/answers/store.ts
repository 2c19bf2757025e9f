import { v7 } from 'uuid';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { attemptsFor } from './attempts.ts';
import { columns } from './columns.ts';
import { insertResponses } from './insert.ts';
import { isStored, knownAnswers } from './known.ts';
import type { LoggedAnswer } from './line.ts';

/**
 * Where answers come from. Those of the log are looked up before, so that only what the database lacks is given here;
 * *keys checked* where every row they refer to was looked up too, by the only process on the database.
 */
export type From = 'phone' | 'log' | 'log, keys checked';

export interface StoreReceipt {
  readonly accepted: readonly string[];
  readonly conflicts: readonly { readonly id: string; readonly why: string }[];
}

export const OTHER_CONTENT = 'An answer with this id is already stored with other content; both are kept.';
export const AFTER_GRADING =
  'It came after grading. It is kept, and your instructor decides whether it counts.';

/** Sittings by state, locked against being graded or closed until the answers are stored. */
async function statesOf(sql: Sql, answers: readonly LoggedAnswer[]): Promise<ReadonlyMap<string, string>> {
  const rows = await sql.query<{ id: string; state: string }>(
    `select s.id, s.state from unnest($1::uuid[], $2::uuid[]) w(ws, id)
     join sitting s on s.ws = w.ws and s.id = w.id order by s.id for share of s`,
    columns(
      [...new Map(answers.map((a) => [a.sitting, a])).values()],
      (a) => a.ws,
      (a) => a.sitting,
    ),
  );
  return new Map(rows.map((r) => [r.id, r.state]));
}

const keepConflicts = (sql: Sql, answers: readonly { readonly a: LoggedAnswer; readonly why: string }[]) =>
  insertRows(
    sql,
    'conflict',
    answers.map(({ a, why }) => ({ ws: a.ws, id: v7(), payload: a, why, at: a.receivedAt })),
  );

const NOTHING_KNOWN: Awaited<ReturnType<typeof knownAnswers>> = { stored: new Map(), kept: new Set() };

/**
 * Stores answers of any number of students within a transaction, in a handful of statements. One sent twice is
 * accepted again; one with other content under the same id, and one that comes after grading, is kept as a conflict.
 * @param from answers from the log are those the database lacks, looked up before; one that came in time is stored
 * though its sitting has been graded since.
 * @throws what the database throws; then nothing of them is stored.
 */
export async function storeAnswers(
  sql: Sql,
  answers: readonly LoggedAnswer[],
  from: From = 'phone',
): Promise<StoreReceipt> {
  if (answers.length === 0) return { accepted: [], conflicts: [] };
  const states = await statesOf(sql, answers);
  // The locks on the attempts come before the look at what is stored, so that a twin batch is seen.
  const attempts = await attemptsFor(sql, answers);
  const known = from !== 'phone' ? NOTHING_KNOWN : await knownAnswers(sql, answers);
  const accepted: string[] = [];
  const conflicts: { a: LoggedAnswer; why: string; said: string }[] = [];
  const fresh = new Map<string, LoggedAnswer>();
  for (const a of answers) {
    const first = fresh.get(a.id);
    const state = states.get(a.sitting);
    // Staff may still enter a sheet after grading; a phone comes too late then, and everybody once results are returned.
    const over = state === 'given_back' || (state === 'marked' && a.origin === 'phone');
    if (isStored(a, known.stored) || (first && JSON.stringify(first) === JSON.stringify(a)))
      accepted.push(a.id);
    else if (known.stored.has(a.id) || first)
      conflicts.push({ a, why: 'the same id with other content', said: OTHER_CONTENT });
    else if (a.afterGrading === true || (over && (from === 'phone' || a.late)))
      conflicts.push({ a, why: 'came after grading', said: AFTER_GRADING });
    else {
      fresh.set(a.id, a);
      accepted.push(a.id);
    }
  }
  const rows = [...fresh.values()];
  const late = new Set(
    rows
      .filter((a) => from === 'phone' && a.origin === 'phone' && states.get(a.sitting) !== 'open')
      .map((a) => a.id),
  );
  if (rows.length > 0) await insertResponses(sql, rows, attempts, late, from);
  await keepConflicts(
    sql,
    conflicts.filter(({ a }) => !known.kept.has(a.id)),
  );
  return { accepted, conflicts: conflicts.map(({ a, said }) => ({ id: a.id, why: said })) };
}
