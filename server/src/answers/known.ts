import { sameAnswer } from '@hurrow/core/answers';
import type { AnswerValue, DisputeKind } from '@hurrow/core/answers';
import type { Sql } from '../db/index.ts';
import type { LoggedAnswer } from './line.ts';

/** An answer as the database has it. */
export interface Known {
  readonly id: string;
  readonly student: string;
  readonly sitting_station: string;
  readonly ask: string;
  readonly value: AnswerValue;
  /** Why it waits for a decision; null where it does not. */
  readonly waits: DisputeKind | null;
}

export interface KnownAnswers {
  readonly stored: ReadonlyMap<string, Known>;
  /** Answers kept beside the one stored under their id, by that id. */
  readonly kept: ReadonlyMap<string, readonly AnswerValue[]>;
}

export const NOTHING_KNOWN: KnownAnswers = { stored: new Map(), kept: new Map() };

const same = (a: LoggedAnswer, k: Known): boolean =>
  k.student === a.student &&
  k.sitting_station === a.sittingStation &&
  k.ask === a.ask &&
  sameAnswer(k.value, a.value);

/** Answers by the workspace they are of; an installation has one. */
function byWorkspace<T extends Pick<LoggedAnswer, 'ws'>>(
  answers: readonly T[],
): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const a of answers) groups.set(a.ws, [...(groups.get(a.ws) ?? []), a]);
  return groups;
}

/**
 * The answers under some ids that are stored already.
 * Ids go in as one array: joined row by row, a table that has grown since it was last analyzed would be read whole
 * for every one of them.
 */
export async function knownAnswers(
  sql: Sql,
  answers: readonly Pick<LoggedAnswer, 'ws' | 'id'>[],
): Promise<KnownAnswers> {
  const stored = new Map<string, Known>();
  const kept = new Map<string, AnswerValue[]>();
  for (const [ws, group] of byWorkspace(answers)) {
    const ids = group.map((a) => a.id);
    const rows = await sql.query<Known>(
      `select r.id, r.sitting_station, r.ask, r.value,
         (select t.student from attempt t where t.ws = r.ws and t.id = r.attempt) as student,
         (select d.kind from answer_dispute d where d.ws = r.ws and d.response = r.id and d.state = 'open') as waits
       from response r where r.ws = $1 and r.id = any($2::uuid[])`,
      [ws, ids],
    );
    for (const r of rows) stored.set(r.id, r);
    const beside = await sql.query<{ id: string; value: AnswerValue }>(
      `select payload ->> 'id' as id, payload -> 'value' as value from answer_dispute
       where payload ->> 'id' = any($1::text[])`,
      [ids],
    );
    for (const { id, value } of beside) kept.set(id, [...(kept.get(id) ?? []), value]);
  }
  return { stored, kept };
}

/** Whether an answer is stored just as it is. */
export const isStored = (a: LoggedAnswer, stored: ReadonlyMap<string, Known>): boolean => {
  const k = stored.get(a.id);
  return k !== undefined && same(a, k);
};

/** Whether an answer is on record, stored or kept beside the one under its id. */
export const isOnRecord = (a: LoggedAnswer, known: KnownAnswers): boolean =>
  isStored(a, known.stored) || (known.kept.get(a.id) ?? []).some((v) => sameAnswer(v, a.value));
