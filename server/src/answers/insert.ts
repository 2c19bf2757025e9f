import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { attemptKey } from './attempts.ts';
import { columns } from './columns.ts';
import type { LoggedAnswer } from './line.ts';
import type { From } from './store.ts';

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

/** Inserts answers under their attempts, and keeps with each name the calls that came before it. */
export async function insertResponses(
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
