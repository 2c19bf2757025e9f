import type { FirstCall, StationAnswer } from '@hurrow/core/grading';
import { amongIds, asText, one } from '../db/index.ts';
import type { Columns, RowsText, Sql } from '../db/index.ts';

/** Students whose answers are read; null for everybody. */
export type Whose = readonly string[] | null;

const ANSWER: Columns<StationAnswer> = {
  response: true,
  attempt: true,
  student: true,
  ask: true,
  value: true,
  origin: true,
  cluesOpen: true,
  seq: true,
};
const CALL: Columns<FirstCall> = { attempt: true, character: true, seq: true, value: true };

/** The answers that count at one station of a sitting. The view *counted_answer* says which they are. */
export const countedAnswers = (
  sql: Sql,
  ws: string,
  sittingStation: string,
  whose: Whose = null,
): Promise<RowsText<StationAnswer>> =>
  asText<StationAnswer>(
    sql,
    ANSWER,
    `select response, attempt, student, ask, value, origin, clues_open as "cluesOpen", seq
     from counted_answer where ws = $1 and sitting_station = $2 and ($3::uuid[] is null or student = any($3::uuid[]))`,
    [ws, sittingStation, whose],
  );

/** The first answer of each phone or sheet to each character question of a station. */
export const firstCalls = (
  sql: Sql,
  ws: string,
  sittingStation: string,
  whose: Whose = null,
): Promise<RowsText<FirstCall>> =>
  asText<FirstCall>(
    sql,
    CALL,
    `select distinct on (r.attempt, a.character) r.attempt, a.character, r.seq, r.value
     from response r join ask a on a.ws = r.ws and a.id = r.ask and a.kind = 'call'
     join attempt t on t.ws = r.ws and t.id = r.attempt
     where r.ws = $1 and r.sitting_station = $2 and r.value ->> 'kind' <> 'blank'
       and ${amongIds('t.student', 3)}
     order by r.attempt, a.character, r.seq`,
    [ws, sittingStation, whose],
  );

/**
 * When each student first answered at a station: as the phone says, and no later than it came, since a phone without a
 * network sends late and a clock may be wrong.
 */
export async function firstAnswers(
  sql: Sql,
  ws: string,
  sittingStation: string,
): Promise<ReadonlyMap<string, string>> {
  const rows = await sql.query<{ student: string; at: string }>(
    `select t.student, min(least(r.device_at, r.received_at)) as at
     from counted_answer c join response r on r.ws = c.ws and r.id = c.response join attempt t on t.ws = r.ws and t.id = r.attempt
     where c.ws = $1 and c.sitting_station = $2 group by t.student`,
    [ws, sittingStation],
  );
  return new Map(rows.map((r) => [r.student, r.at]));
}

/** Students who took part in a sitting: they handed in, or something they answered is there. */
export async function participants(sql: Sql, ws: string, sitting: string): Promise<readonly string[]> {
  const rows = await sql.query<{ student: string }>(
    `select distinct t.student from attempt t where t.ws = $1 and t.sitting = $2
       and (t.submitted_at is not null or exists (
         select 1 from response r left join answer_dispute d on d.ws = r.ws and d.response = r.id
         where r.ws = t.ws and r.attempt = t.id and (d.state is null or d.state = 'counted')))
     order by t.student`,
    [ws, sitting],
  );
  return rows.map((r) => r.student);
}

/** Everybody who joined a sitting or has a sheet in it, whether or not an answer of theirs counts. */
export async function attendees(sql: Sql, ws: string, sitting: string): Promise<readonly string[]> {
  const rows = await sql.query<{ student: string }>(
    'select distinct student from attempt where ws = $1 and sitting = $2 order by student',
    [ws, sitting],
  );
  return rows.map((r) => r.student);
}

/** How many answers a sitting has, to know how much work grading it is. */
export async function countAnswers(sql: Sql, ws: string, sitting: string): Promise<number> {
  const { n } = await one<{ n: number }>(
    sql,
    `select count(*)::integer as n from attempt t join response r on r.ws = t.ws and r.attempt = t.id
     where t.ws = $1 and t.sitting = $2`,
    [ws, sitting],
  );
  return n;
}
