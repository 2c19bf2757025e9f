import { sameAnswer } from '@hurrow/core/answers';
import type { DisputeKind } from '@hurrow/core/answers';
import type { Sql } from '../db/index.ts';
import { attemptsFor } from './attempts.ts';
import { columns } from './columns.ts';
import { disputesOf, giveWay, keepDisputes } from './disputed.ts';
import type { NewDispute } from './disputed.ts';
import { insertFree, insertSequenced, placed } from './insert.ts';
import type { From } from './insert.ts';
import { NOTHING_KNOWN, isOnRecord, isStored, knownAnswers } from './known.ts';
import type { KnownAnswers } from './known.ts';
import type { LoggedAnswer } from './line.ts';

export interface StoreReceipt {
  /** Answers that are stored and count as they are. */
  readonly accepted: readonly string[];
  /** Answers that are kept and wait for a decision. */
  readonly disputed: readonly { readonly id: string; readonly kind: DisputeKind }[];
}

const WHEN: Readonly<Record<string, LoggedAnswer['when']>> = {
  open: 'open',
  graded: 'graded',
  returned: 'graded',
};

/** How each sitting stands, locked against being graded or closed until the answers are stored. */
async function statesOf(
  sql: Sql,
  answers: readonly LoggedAnswer[],
): Promise<ReadonlyMap<string, LoggedAnswer['when']>> {
  const rows = await sql.query<{ id: string; state: string }>(
    `select s.id, s.state from unnest($1::uuid[], $2::uuid[]) w(ws, id)
     join sitting s on s.ws = w.ws and s.id = w.id order by s.id for share of s`,
    columns(
      [...new Map(answers.map((a) => [a.sitting, a])).values()],
      (a) => a.ws,
      (a) => a.sitting,
    ),
  );
  return new Map(rows.map((r) => [r.id, WHEN[r.state] ?? 'closed']));
}

/**
 * Stores answers of any number of students within a transaction, in a handful of statements. One sent twice is
 * accepted again. One with other content under the same id, one that comes too late, and one that contradicts what
 * another phone or sheet of the student said before, are kept as disputes.
 * @param from for answers from the log, how the sitting stood when they arrived is what the log says, though the
 * sitting has been graded since.
 * @throws what the database throws; then nothing of them is stored.
 */
export async function storeAnswers(
  sql: Sql,
  answers: readonly LoggedAnswer[],
  from: From = 'hand',
): Promise<StoreReceipt> {
  if (answers.length === 0) return { accepted: [], disputed: [] };
  const states = await statesOf(sql, answers);
  // The locks on the attempts come before anything is stored, so that a twin batch is seen.
  const attempts = await attemptsFor(sql, answers);
  const fresh = new Map<string, LoggedAnswer>();
  for (const a of answers) if (!fresh.has(a.id)) fresh.set(a.id, a);
  const rows = [...fresh.values()];
  const whenOf = (a: LoggedAnswer): LoggedAnswer['when'] =>
    from === 'hand' ? (states.get(a.sitting) ?? a.when) : a.when;
  const kinds = await disputesOf(sql, rows, whenOf);
  const late = new Set(rows.filter((a) => a.origin === 'phone' && whenOf(a) !== 'open').map((a) => a.id));
  const inserted = await insertFree(sql, placed(rows, attempts), late, from);
  // What is not in has its id or its sequence number taken; only then is it looked up which.
  const missing = rows.filter((a) => !inserted.has(a.id));
  const known = missing.length === 0 ? NOTHING_KNOWN : await knownAnswers(sql, missing);
  const behind = missing.filter((a) => !known.stored.has(a.id));
  await insertSequenced(sql, placed(behind, attempts), late, from);
  const isNew = new Set([...inserted, ...behind.map((a) => a.id)]);
  const beside = answers.flatMap((answer): NewDispute[] => {
    const first = fresh.get(answer.id) ?? answer;
    const same = isNew.has(answer.id) ? sameAnswer(first.value, answer.value) : isOnRecord(answer, known);
    return same ? [] : [{ answer, kind: 'other_content', beside: true }];
  });
  const disputes = rows.flatMap((answer): NewDispute[] => {
    const kind = isNew.has(answer.id) ? kinds.get(answer.id) : undefined;
    return kind === undefined ? [] : [{ answer, kind, beside: false }];
  });
  await keepDisputes(sql, [...disputes, ...beside]);
  await giveWay(
    sql,
    rows.filter((a) => a.precedence === 2 && isNew.has(a.id)),
  );
  return receiptOf(answers, new Map(disputes.map((d) => [d.answer.id, d.kind])), beside, known);
}

/** What became of each answer; one sent again hears the same as the first time. */
function receiptOf(
  answers: readonly LoggedAnswer[],
  kinds: ReadonlyMap<string, DisputeKind>,
  beside: readonly NewDispute[],
  known: KnownAnswers,
): StoreReceipt {
  const accepted: string[] = [];
  const disputed: { id: string; kind: DisputeKind }[] = [];
  const set = new Set(beside.map((b) => b.answer));
  const kindOf = (a: LoggedAnswer): DisputeKind | null => {
    if (set.has(a)) return 'other_content';
    if (isStored(a, known.stored)) return known.stored.get(a.id)?.waits ?? null;
    return known.kept.has(a.id) ? 'other_content' : (kinds.get(a.id) ?? null);
  };
  for (const a of answers) {
    const kind = kindOf(a);
    if (kind) disputed.push({ id: a.id, kind });
    else accepted.push(a.id);
  }
  return { accepted, disputed };
}
