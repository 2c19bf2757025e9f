import { v7 } from 'uuid';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
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
): Promise<{ readonly stored: ReadonlyMap<string, Known>; readonly kept: ReadonlySet<string> }> {
  const stored = new Map<string, Known>();
  const kept = new Set<string>();
  for (const [ws, group] of byWorkspace(answers)) {
    const ids = group.map((a) => a.id);
    const rows = await sql.query<Known>(
      `select r.id, r.sitting_station, r.ask, r.typed, r.value, r.sure,
         (select t.student from attempt t where t.ws = r.ws and t.id = r.attempt) as student
       from response r where r.ws = $1 and r.id = any($2::uuid[])`,
      [ws, ids],
    );
    for (const r of rows) stored.set(r.id, r);
    const conflicts = await sql.query<{ id: string }>(
      `select payload ->> 'id' as id from conflict where payload ->> 'id' = any($1::text[])`,
      [ids],
    );
    for (const c of conflicts) kept.add(c.id);
  }
  return { stored, kept };
}

/** Whether an answer is stored just as it is. */
export const isStored = (a: LoggedAnswer, stored: ReadonlyMap<string, Known>): boolean => {
  const k = stored.get(a.id);
  return k !== undefined && same(a, k);
};

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

type Placed = LoggedAnswer & { readonly attempt: string };

const slotOf = (a: Pick<Placed, 'attempt' | 'sittingStation' | 'ask'>): string =>
  `${a.attempt}/${a.sittingStation}/${a.ask}`;

/** Inserts answers. @returns the ids of those whose sequence number was free. */
async function insertFree(sql: Sql, answers: readonly Placed[], late: ReadonlySet<string>) {
  const rows = await sql.query<{ id: string }>(
    `insert into response (ws, id, attempt, sitting_station, ask, seq, typed, value, sure, device_at, received_at, origin, late, clues_open)
     select *, 0 from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::uuid[], $5::uuid[], $6::integer[], $7::text[],
       $8::jsonb[], $9::text[], $10::timestamptz[], $11::timestamptz[], $12::text[], $13::boolean[])
     on conflict (ws, attempt, sitting_station, ask, seq) do nothing returning id`,
    columns(
      answers,
      (a) => a.ws,
      (a) => a.id,
      (a) => a.attempt,
      (a) => a.sittingStation,
      (a) => a.ask,
      (a) => a.seq,
      (a) => a.typed,
      (a) => (a.value === null ? null : JSON.stringify(a.value)),
      (a) => a.sure,
      (a) => a.deviceAt,
      (a) => a.receivedAt,
      (a) => a.origin,
      (a) => a.late || late.has(a.id),
    ),
  );
  return new Set(rows.map((r) => r.id));
}

/** The next free sequence number of the question of each answer. */
async function withNextSeq(sql: Sql, answers: readonly Placed[]): Promise<readonly Placed[]> {
  const last = new Map<string, number>();
  const next: Placed[] = [];
  for (const a of answers) {
    const slot = slotOf(a);
    const known = last.get(slot);
    const row =
      known === undefined
        ? await maybe<{ last: number }>(
            sql,
            `select max(seq) as last from response
             where ws = $1 and attempt = $2 and sitting_station = $3 and ask = $4`,
            [a.ws, a.attempt, a.sittingStation, a.ask],
          )
        : { last: known };
    const seq = Math.max(row?.last ?? 0, a.seq) + 1;
    last.set(slot, seq);
    next.push({ ...a, seq });
  }
  return next;
}

/**
 * Inserts answers. Two may carry one sequence number when a device was set back; the later one takes the next free,
 * which is looked for only where a number is taken.
 */
async function insertSequenced(
  sql: Sql,
  answers: readonly Placed[],
  late: ReadonlySet<string>,
): Promise<void> {
  let open: readonly Placed[] = answers;
  while (open.length > 0) {
    const there = await insertFree(sql, open, late);
    const taken = open.filter((a) => !there.has(a.id));
    open = taken.length === 0 ? [] : await withNextSeq(sql, taken);
  }
}

/** Calls given before a name are kept with it, at the value they first had. */
async function keepFirstCalls(sql: Sql, names: readonly Placed[]): Promise<void> {
  if (names.length === 0) return;
  await sql.query(
    `insert into response_call (ws, response, character, state, value)
     select w.ws, w.response, k.character, st.id, c.value
     from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::uuid[]) w(ws, response, attempt, sitting_station)
     join sitting_station ss on ss.ws = w.ws and ss.id = w.sitting_station
     join ask k on k.ws = ss.ws and k.station = ss.station and k.kind = 'call'
     cross join lateral (
       select r.value from response r where r.ws = w.ws and r.attempt = w.attempt
         and r.sitting_station = w.sitting_station and r.ask = k.id and r.value ? 'state' order by r.seq limit 1) c
     left join state st on st.ws = k.ws and st.character = k.character and st.id = c.value ->> 'state'`,
    columns(
      names,
      (a) => a.ws,
      (a) => a.id,
      (a) => a.attempt,
      (a) => a.sittingStation,
    ),
  );
}

async function insertResponses(
  sql: Sql,
  answers: readonly LoggedAnswer[],
  attempts: ReadonlyMap<string, string>,
  late: ReadonlySet<string>,
  from: From,
): Promise<void> {
  const placed = answers.map((a): Placed => ({ ...a, attempt: attempts.get(attemptKey(a)) ?? '' }));
  // Checking every key again, row by row, takes longer than inserting the rows.
  if (from === 'log, keys checked') await sql.query('set local session_replication_role = replica');
  await insertSequenced(sql, placed, late);
  if (from === 'log, keys checked') await sql.query('set local session_replication_role = origin');
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
  if (rows.length > 0) await insertResponses(sql, rows, attempts, late, from);
  await keepConflicts(
    sql,
    conflicts.filter(({ a }) => !known.kept.has(a.id)),
  );
  return { accepted, conflicts: conflicts.map(({ a, said }) => ({ id: a.id, why: said })) };
}
