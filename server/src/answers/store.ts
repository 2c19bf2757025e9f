import { v7 } from 'uuid';
import { insertRows, maybe } from '../db/index.ts';
import type { Database, Sql } from '../db/index.ts';
import type { LoggedAnswer } from './log.ts';

export interface StoreReceipt {
  readonly accepted: readonly string[];
  readonly conflicts: readonly { readonly id: string; readonly why: string }[];
}

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

/** The attempt of a student on one device; made where a restored database does not know it. */
export async function attemptFor(
  sql: Sql,
  a: Pick<LoggedAnswer, 'ws' | 'sitting' | 'student' | 'takeover'>,
): Promise<string> {
  await sql.query(
    `insert into attempt (ws, id, sitting, student, takeover) values ($1, $2, $3, $4, $5)
     on conflict (ws, sitting, student, takeover) do nothing`,
    [a.ws, v7(), a.sitting, a.student, a.takeover],
  );
  const row = await maybe<{ id: string }>(
    sql,
    'select id from attempt where ws = $1 and sitting = $2 and student = $3 and takeover = $4',
    [a.ws, a.sitting, a.student, a.takeover],
  );
  if (!row) throw new Error('The attempt could not be made');
  return row.id;
}

async function keepConflict(sql: Sql, a: LoggedAnswer, why: string): Promise<void> {
  await insertRows(sql, 'conflict', [{ ws: a.ws, id: v7(), payload: a, why, at: a.receivedAt }]);
}

/** Calls given before a name are kept with it, at the value they first had. */
async function keepFirstCalls(sql: Sql, response: string, attempt: string, a: LoggedAnswer): Promise<void> {
  await sql.query(
    `insert into response_call (ws, response, character, state, value)
     select distinct on (k.character) $1::uuid, $2::uuid, k.character,
       case when st.id is null then null else r.value ->> 'state' end, r.value
     from response r
     join ask k on k.ws = r.ws and k.id = r.ask and k.kind = 'call'
     left join state st on st.ws = r.ws and st.character = k.character and st.id = r.value ->> 'state'
     where r.ws = $1 and r.attempt = $3 and r.sitting_station = $4 and r.id <> $2 and r.value ? 'state'
     order by k.character, r.seq`,
    [a.ws, response, attempt, a.sittingStation],
  );
}

async function storeOne(sql: Sql, a: LoggedAnswer): Promise<string | null> {
  const known = await maybe<Known>(
    sql,
    `select r.id, t.student, r.sitting_station, r.ask, r.typed, r.value, r.sure
     from response r join attempt t on t.ws = r.ws and t.id = r.attempt where r.ws = $1 and r.id = $2`,
    [a.ws, a.id],
  );
  if (known) {
    if (same(a, known)) return null;
    await keepConflict(sql, a, 'the same id with other content');
    return 'An answer with this id is already stored with other content; both are kept.';
  }
  const attempt = await attemptFor(sql, a);
  // Two answers may carry one sequence number when a device was set back; the later one takes the next free.
  const seq = await maybe<{ seq: number }>(
    sql,
    `select coalesce(max(seq), 0) + 1 as seq from response
     where ws = $1 and attempt = $2 and sitting_station = $3 and ask = $4 and seq >= $5
     having count(*) filter (where seq = $5) > 0`,
    [a.ws, attempt, a.sittingStation, a.ask, a.seq],
  );
  await insertRows(sql, 'response', [
    {
      ws: a.ws,
      id: a.id,
      attempt,
      sitting_station: a.sittingStation,
      ask: a.ask,
      seq: seq?.seq ?? a.seq,
      typed: a.typed,
      value: a.value,
      sure: a.sure,
      device_at: a.deviceAt,
      received_at: a.receivedAt,
      origin: a.origin,
      clues_open: 0,
      late: a.late,
    },
  ]);
  if (a.typed !== null) await keepFirstCalls(sql, a.id, attempt, a);
  return null;
}

/** Stores answers; one sent twice is accepted again, one with other content under the same id is kept as a conflict. */
export async function storeAnswers(sql: Sql, answers: readonly LoggedAnswer[]): Promise<StoreReceipt> {
  const accepted: string[] = [];
  const conflicts: { id: string; why: string }[] = [];
  for (const a of answers) {
    const why = await storeOne(sql, a);
    if (why === null) accepted.push(a.id);
    else conflicts.push({ id: a.id, why });
  }
  return { accepted, conflicts };
}

export interface Replayed {
  readonly stored: number;
  /** Answers whose sitting or student the database does not know; the log goes on holding them. */
  readonly left: number;
}

/** Brings a database up to what the log holds, student by student, so that one that fails holds up no other. */
export async function replayAnswers(db: Database, logged: readonly LoggedAnswer[]): Promise<Replayed> {
  if (logged.length === 0) return { stored: 0, left: 0 };
  const ids = async (text: string, params: unknown[] = []): Promise<Set<string>> =>
    new Set((await db.query<{ id: string }>(text, params)).map((r) => r.id));
  const known = await ids('select id from response where id = any($1::uuid[])', [logged.map((a) => a.id)]);
  const sittings = await ids('select id from sitting');
  const students = await ids('select id from student');
  const groups = new Map<string, LoggedAnswer[]>();
  let left = 0;
  for (const a of logged) {
    if (known.has(a.id)) continue;
    if (!sittings.has(a.sitting) || !students.has(a.student)) {
      left += 1;
      continue;
    }
    const key = `${a.sitting}/${a.student}`;
    groups.set(key, [...(groups.get(key) ?? []), a]);
  }
  let stored = 0;
  for (const group of groups.values()) {
    try {
      await db.transaction((tx) => storeAnswers(tx, group));
      stored += group.length;
    } catch {
      left += group.length;
    }
  }
  return { stored, left };
}
