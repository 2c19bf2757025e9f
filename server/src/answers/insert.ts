import { stored } from '@hurrow/core/answers';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { attemptKey, attemptsFor } from './attempts.ts';
import { columns } from './columns.ts';
import type { LoggedAnswer } from './line.ts';

/**
 * Where answers come from; *keys checked* where every row they refer to was looked up before, by the only process on
 * the database.
 */
export type From = 'hand' | 'log' | 'log, keys checked';

export type Placed = LoggedAnswer & { readonly attempt: string };

const slotOf = (a: Pick<Placed, 'attempt' | 'sittingStation' | 'ask'>): string =>
  `${a.attempt}/${a.sittingStation}/${a.ask}`;

/** Inserts answers, and leaves out those whose id or sequence number is taken. @returns the ids of those inserted. */
export async function insertFree(
  sql: Sql,
  answers: readonly Placed[],
  late: ReadonlySet<string>,
  from: From,
): Promise<ReadonlySet<string>> {
  // Checking every key again, row by row, takes longer than inserting the rows.
  if (from === 'log, keys checked') await sql.query('set local session_replication_role = replica');
  const rows = await sql.query<{ id: string }>(
    `insert into response (ws, id, attempt, sitting_station, ask, seq, value, device_at, received_at, origin, precedence, late, clues_open)
     select * from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::uuid[], $5::uuid[], $6::integer[], $7::jsonb[],
       $8::timestamptz[], $9::timestamptz[], $10::text[], $11::smallint[], $12::boolean[], $13::integer[])
     on conflict do nothing returning id`,
    columns(
      answers,
      (a) => a.ws,
      (a) => a.id,
      (a) => a.attempt,
      (a) => a.sittingStation,
      (a) => a.ask,
      (a) => a.seq,
      (a) => JSON.stringify(stored(a.value)),
      (a) => a.deviceAt,
      (a) => a.receivedAt,
      (a) => a.origin,
      (a) => a.precedence,
      (a) => late.has(a.id),
      (a) => a.clues ?? 0,
    ),
  );
  if (from === 'log, keys checked') await sql.query('set local session_replication_role = origin');
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

/** Answers under their attempts, as they are inserted. */
export const placed = (
  answers: readonly LoggedAnswer[],
  attempts: ReadonlyMap<string, string>,
): readonly Placed[] => answers.map((a): Placed => ({ ...a, attempt: attempts.get(attemptKey(a)) ?? '' }));

/**
 * Inserts answers whose ids are free. Two may carry one sequence number when a device was set back; the later one takes
 * the next free.
 */
export async function insertSequenced(
  sql: Sql,
  answers: readonly Placed[],
  late: ReadonlySet<string>,
  from: From,
): Promise<void> {
  let open = answers.length === 0 ? [] : await withNextSeq(sql, answers);
  while (open.length > 0) {
    const there = await insertFree(sql, open, late, from);
    const taken = open.filter((a) => !there.has(a.id));
    open = taken.length === 0 ? [] : await withNextSeq(sql, taken);
  }
}

/** Inserts one answer under an id that nothing has yet, outside any batch. */
export async function insertAnswer(sql: Sql, answer: LoggedAnswer): Promise<void> {
  const [one] = placed([answer], await attemptsFor(sql, [answer]));
  if (!one) return;
  const late = new Set(answer.when === 'open' ? [] : [answer.id]);
  if (!(await insertFree(sql, [one], late, 'hand')).has(answer.id))
    await insertSequenced(sql, [one], late, 'hand');
}
