import { v7 } from 'uuid';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { LoggedAnswer } from './line.ts';

export interface StoreReceipt {
  readonly accepted: readonly string[];
  readonly conflicts: readonly { readonly id: string; readonly why: string }[];
}

export const OTHER_CONTENT = 'An answer with this id is already stored with other content; both are kept.';
export const AFTER_GRADING =
  'It came after grading. It is kept, and your instructor decides whether it counts.';

interface Known {
  id: string;
  student: string;
  sitting_station: string;
  ask: string;
  typed: string | null;
  value: { state?: string } | null;
  sure: string | null;
}

const same = (a: LoggedAnswer, k: Known): boolean =>
  k.student === a.student &&
  k.sitting_station === a.sittingStation &&
  k.ask === a.ask &&
  k.typed === a.typed &&
  (k.value?.state ?? null) === ((a.value?.['state'] as string | undefined) ?? null) &&
  k.sure === a.sure;

type AttemptOf = Pick<LoggedAnswer, 'ws' | 'sitting' | 'student' | 'takeover'>;

const attemptKey = (a: AttemptOf): string => `${a.sitting}/${a.student}/${a.takeover}`;

const columns = <T>(rows: readonly T[], ...of: ((row: T) => unknown)[]): unknown[][] =>
  of.map((pick) => rows.map(pick));

/**
 * The attempts of answers, by sitting, student and device number; made where the database does not know them.
 * They are locked, so that one batch sent twice at the same moment is stored by one and recognized by the other.
 */
async function attemptsFor(sql: Sql, answers: readonly AttemptOf[]): Promise<ReadonlyMap<string, string>> {
  const wanted = [...new Map(answers.map((a) => [attemptKey(a), a])).values()].sort((a, b) =>
    attemptKey(a) < attemptKey(b) ? -1 : 1,
  );
  const [ws, sitting, student, takeover] = columns(
    wanted,
    (a) => a.ws,
    (a) => a.sitting,
    (a) => a.student,
    (a) => a.takeover,
  );
  await sql.query(
    `insert into attempt (ws, id, sitting, student, takeover)
     select * from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::uuid[], $5::integer[])
     on conflict (ws, sitting, student, takeover) do nothing`,
    [ws, wanted.map(() => v7()), sitting, student, takeover],
  );
  const rows = await sql.query<{ id: string; sitting: string; student: string; takeover: number }>(
    `select t.id, t.sitting, t.student, t.takeover
     from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::integer[]) w(ws, sitting, student, takeover)
     join attempt t on t.ws = w.ws and t.sitting = w.sitting and t.student = w.student and t.takeover = w.takeover
     order by t.id for update of t`,
    [ws, sitting, student, takeover],
  );
  return new Map(rows.map((r) => [attemptKey({ ...r, ws: '' }), r.id]));
}

/** The attempt of a student on one device. */
export async function attemptFor(sql: Sql, a: AttemptOf): Promise<string> {
  const id = (await attemptsFor(sql, [a])).get(attemptKey(a));
  if (!id) throw new Error('The attempt could not be made');
  return id;
}

/** The answers under some ids that are stored already. */
export async function knownAnswers(
  sql: Sql,
  ids: readonly string[],
): Promise<{ readonly stored: ReadonlyMap<string, Known>; readonly kept: ReadonlySet<string> }> {
  const rows = await sql.query<Known>(
    `select r.id, t.student, r.sitting_station, r.ask, r.typed, r.value, r.sure
     from response r join attempt t on t.ws = r.ws and t.id = r.attempt where r.id = any($1::uuid[])`,
    [ids],
  );
  const kept = await sql.query<{ id: string }>(
    `select payload ->> 'id' as id from conflict where payload ->> 'id' = any($1::text[])`,
    [ids],
  );
  return { stored: new Map(rows.map((r) => [r.id, r])), kept: new Set(kept.map((k) => k.id)) };
}

/** Whether an answer is stored just as it is. */
export const isStored = (a: LoggedAnswer, stored: ReadonlyMap<string, Known>): boolean => {
  const k = stored.get(a.id);
  return k !== undefined && same(a, k);
};

/** Sittings by state, locked against being graded or closed until the answers are stored. */
async function statesOf(sql: Sql, answers: readonly LoggedAnswer[]): Promise<ReadonlyMap<string, string>> {
  const rows = await sql.query<{ id: string; state: string }>(
    'select id, state from sitting where id = any($1::uuid[]) order by id for share',
    [[...new Set(answers.map((a) => a.sitting))]],
  );
  return new Map(rows.map((r) => [r.id, r.state]));
}

type Placed = LoggedAnswer & { readonly attempt: string };

/** Two answers may carry one sequence number when a device was set back; the later one takes the next free. */
async function sequenced(sql: Sql, answers: readonly Placed[]): Promise<readonly Placed[]> {
  const rows = await sql.query<{ attempt: string; sitting_station: string; ask: string; seqs: number[] }>(
    `select r.attempt, r.sitting_station, r.ask, array_agg(r.seq) as seqs
     from (select distinct * from unnest($1::uuid[], $2::uuid[], $3::uuid[]) w(attempt, sitting_station, ask)) w
     join response r on r.attempt = w.attempt and r.sitting_station = w.sitting_station and r.ask = w.ask
     group by r.attempt, r.sitting_station, r.ask`,
    columns(
      answers,
      (a) => a.attempt,
      (a) => a.sittingStation,
      (a) => a.ask,
    ),
  );
  const taken = new Map(rows.map((r) => [`${r.attempt}/${r.sitting_station}/${r.ask}`, new Set(r.seqs)]));
  return answers.map((a) => {
    const key = `${a.attempt}/${a.sittingStation}/${a.ask}`;
    const seqs = taken.get(key) ?? new Set<number>();
    const seq = seqs.has(a.seq) ? Math.max(...seqs) + 1 : a.seq;
    seqs.add(seq);
    taken.set(key, seqs);
    return { ...a, seq };
  });
}

/** Calls given before a name are kept with it, at the value they first had. */
async function keepFirstCalls(sql: Sql, names: readonly Placed[]): Promise<void> {
  if (names.length === 0) return;
  await sql.query(
    `insert into response_call (ws, response, character, state, value)
     select distinct on (w.response, k.character) r.ws, w.response, k.character,
       case when st.id is null then null else r.value ->> 'state' end, r.value
     from unnest($1::uuid[], $2::uuid[], $3::uuid[]) w(response, attempt, sitting_station)
     join response r on r.attempt = w.attempt and r.sitting_station = w.sitting_station
     join ask k on k.ws = r.ws and k.id = r.ask and k.kind = 'call'
     left join state st on st.ws = r.ws and st.character = k.character and st.id = r.value ->> 'state'
     where r.id <> w.response and r.value ? 'state'
     order by w.response, k.character, r.seq`,
    columns(
      names,
      (a) => a.id,
      (a) => a.attempt,
      (a) => a.sittingStation,
    ),
  );
}

async function insertResponses(sql: Sql, answers: readonly LoggedAnswer[], late: ReadonlySet<string>) {
  const attempts = await attemptsFor(sql, answers);
  const placed = await sequenced(
    sql,
    answers.map((a) => ({ ...a, attempt: attempts.get(attemptKey(a)) ?? '' })),
  );
  await insertRows(
    sql,
    'response',
    placed.map((a) => ({
      ws: a.ws,
      id: a.id,
      attempt: a.attempt,
      sitting_station: a.sittingStation,
      ask: a.ask,
      seq: a.seq,
      typed: a.typed,
      value: a.value,
      sure: a.sure,
      device_at: a.deviceAt,
      received_at: a.receivedAt,
      origin: a.origin,
      clues_open: 0,
      late: a.late || late.has(a.id),
    })),
  );
  await keepFirstCalls(
    sql,
    placed.filter((a) => a.typed !== null),
  );
}

const keepConflicts = (sql: Sql, answers: readonly { readonly a: LoggedAnswer; readonly why: string }[]) =>
  insertRows(
    sql,
    'conflict',
    answers.map(({ a, why }) => ({ ws: a.ws, id: v7(), payload: a, why, at: a.receivedAt })),
  );

/**
 * Stores answers of any number of students within a transaction, in a handful of statements. One sent twice is
 * accepted again; one with other content under the same id, and one that comes after grading, is kept as a conflict.
 * @param from an answer from the log that came in time is stored though its sitting has been graded since.
 * @throws what the database throws; then nothing of them is stored.
 */
export async function storeAnswers(
  sql: Sql,
  answers: readonly LoggedAnswer[],
  from: 'phone' | 'log' = 'phone',
): Promise<StoreReceipt> {
  if (answers.length === 0) return { accepted: [], conflicts: [] };
  const states = await statesOf(sql, answers);
  // The locks on the attempts come before the look at what is stored, so that a twin batch is seen.
  await attemptsFor(sql, answers);
  const known = await knownAnswers(
    sql,
    answers.map((a) => a.id),
  );
  const accepted: string[] = [];
  const conflicts: { a: LoggedAnswer; why: string; said: string }[] = [];
  const fresh = new Map<string, LoggedAnswer>();
  for (const a of answers) {
    const first = fresh.get(a.id);
    const state = states.get(a.sitting);
    const graded = state === 'marked' || state === 'given_back';
    if (isStored(a, known.stored) || (first && JSON.stringify(first) === JSON.stringify(a)))
      accepted.push(a.id);
    else if (known.stored.has(a.id) || first)
      conflicts.push({ a, why: 'the same id with other content', said: OTHER_CONTENT });
    else if (a.afterGrading === true || (graded && (from === 'phone' || a.late)))
      conflicts.push({ a, why: 'came after grading', said: AFTER_GRADING });
    else {
      fresh.set(a.id, a);
      accepted.push(a.id);
    }
  }
  const rows = [...fresh.values()];
  const late = new Set(rows.filter((a) => states.get(a.sitting) !== 'open').map((a) => a.id));
  if (rows.length > 0) await insertResponses(sql, rows, late);
  await keepConflicts(
    sql,
    conflicts.filter(({ a }) => !known.kept.has(a.id)),
  );
  return { accepted, conflicts: conflicts.map(({ a, said }) => ({ id: a.id, why: said })) };
}
