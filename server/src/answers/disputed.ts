import { v7 } from 'uuid';
import { disputeOf } from '@hurrow/core/answers';
import type { DisputeKind, Placed } from '@hurrow/core/answers';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { columns } from './columns.ts';
import { LINE_VERSION } from './line.ts';
import type { LoggedAnswer } from './line.ts';

const slotOf = (a: Pick<LoggedAnswer, 'student' | 'sittingStation' | 'ask'>): string =>
  `${a.student}/${a.sittingStation}/${a.ask}`;

/** What other phones and sheets of some students have answered to the same questions, as far as it is undisputed. */
async function othersOf(
  sql: Sql,
  answers: readonly LoggedAnswer[],
): Promise<ReadonlyMap<string, readonly Placed[]>> {
  const people = [...new Map(answers.map((a) => [`${a.sitting}/${a.student}`, a])).values()];
  const several = await sql.query<{ sitting: string; student: string }>(
    `select t.sitting, t.student from unnest($1::uuid[], $2::uuid[], $3::uuid[]) w(ws, sitting, student)
     join attempt t on t.ws = w.ws and t.sitting = w.sitting and t.student = w.student
     group by t.sitting, t.student having count(*) > 1`,
    columns(
      people,
      (a) => a.ws,
      (a) => a.sitting,
      (a) => a.student,
    ),
  );
  if (several.length === 0) return new Map();
  const has = new Set(several.map((s) => `${s.sitting}/${s.student}`));
  const asked = answers.filter((a) => has.has(`${a.sitting}/${a.student}`));
  const rows = await sql.query<Placed & { student: string; sittingStation: string; ask: string }>(
    `select t.student, r.sitting_station as "sittingStation", r.ask, t.origin, t.takeover, r.precedence, r.value
     from attempt t join response r on r.ws = t.ws and r.attempt = t.id
     left join answer_dispute d on d.ws = r.ws and d.response = r.id
     where t.ws = $1 and t.sitting = any($2::uuid[]) and t.student = any($3::uuid[]) and r.ask = any($4::uuid[])
       and (d.state is null or d.state = 'counted')`,
    [
      asked[0]?.ws,
      [...new Set(asked.map((a) => a.sitting))],
      [...new Set(asked.map((a) => a.student))],
      [...new Set(asked.map((a) => a.ask))],
    ],
  );
  const found = new Map<string, Placed[]>();
  for (const r of rows) {
    const had = found.get(slotOf(r));
    if (had) had.push(r);
    else found.set(slotOf(r), [r]);
  }
  return found;
}

/**
 * Which of some new answers do not simply count, and why: each is held against what was there and against those before
 * it in the batch.
 * @param whenOf how the sitting stood when an answer arrived.
 */
export async function disputesOf(
  sql: Sql,
  answers: readonly LoggedAnswer[],
  whenOf: (a: LoggedAnswer) => LoggedAnswer['when'],
): Promise<ReadonlyMap<string, DisputeKind>> {
  const others = new Map([...(await othersOf(sql, answers))].map(([k, v]) => [k, [...v]]));
  const found = new Map<string, DisputeKind>();
  for (const a of answers) {
    const slot = slotOf(a);
    const before = others.get(slot) ?? [];
    const kind = disputeOf(a, before, whenOf(a));
    if (kind === null) others.set(slot, [...before, a]);
    else found.set(a.id, kind);
  }
  return found;
}

export interface NewDispute {
  readonly answer: LoggedAnswer;
  readonly kind: DisputeKind;
  /** Kept here alone, because another answer is stored under its id. */
  readonly beside: boolean;
}

/** Puts disputes before the instructor. */
export const keepDisputes = (sql: Sql, disputes: readonly NewDispute[]): Promise<void> =>
  insertRows(
    sql,
    'answer_dispute',
    disputes.map(({ answer: a, kind, beside }) => ({
      ws: a.ws,
      id: v7(),
      sitting: a.sitting,
      student: a.student,
      response: beside ? null : a.id,
      payload: beside ? { v: LINE_VERSION, ...a } : null,
      kind,
      state: 'open',
      at: a.receivedAt,
    })),
  );

/** A correction by staff is newer than any decision before it, so decisions for the same questions give way to it. */
export async function giveWay(sql: Sql, corrections: readonly LoggedAnswer[]): Promise<void> {
  if (corrections.length === 0) return;
  await sql.query(
    `update answer_dispute d set state = 'kept'
     from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::uuid[]) w(ws, student, sitting_station, ask)
     join response r on r.ws = w.ws and r.sitting_station = w.sitting_station and r.ask = w.ask
     join attempt t on t.ws = r.ws and t.id = r.attempt and t.student = w.student
     where d.ws = r.ws and d.response = r.id and d.state = 'counted'`,
    columns(
      corrections,
      (a) => a.ws,
      (a) => a.student,
      (a) => a.sittingStation,
      (a) => a.ask,
    ),
  );
}
