import type { Sql } from '../db/index.ts';
import { readAllHeaders } from '../library/index.ts';
import type { LockedKey, SittingRow } from '../sittings/index.ts';
import { assembled } from './gradeRows.ts';
import type { ReadGrade, Row } from './gradeRows.ts';

type Answered = Pick<
  Row,
  | 'response'
  | 'student'
  | 'code'
  | 'first_name'
  | 'sitting_station'
  | 'ask'
  | 'value'
  | 'origin'
  | 'late'
  | 'given_at'
>;
type Scored = Pick<Row, 'response' | 'outcome' | 'points' | 'most' | 'taxon' | 'why' | 'folded'>;
type Overridden = Pick<Row, 'response' | 'o_points' | 'o_outcome' | 'o_reason' | 'o_by'>;

/**
 * One student's grades, step by step by their keys, so that what it takes does not grow with the class: joined at once,
 * a planner reads the answers of everybody.
 */
async function ownGrades(
  sql: Sql,
  ws: string,
  sitting: string,
  run: string,
  student: string,
): Promise<readonly Row[]> {
  const answered = await sql.query<Answered>(
    `select r.id as response, t.student, st.code, st.first_name, r.sitting_station, r.ask, r.value, r.origin, r.late,
       least(r.device_at, r.received_at) as given_at
     from attempt t join student st on st.ws = t.ws and st.id = t.student
     join lateral (select * from response x where x.ws = t.ws and x.attempt = t.id offset 0) r on true
     where t.ws = $1 and t.sitting = $2 and t.student = $3`,
    [ws, sitting, student],
  );
  const ids = answered.map((a) => a.response);
  const scored = await sql.query<Scored>(
    `select response, outcome, points, most, taxon, why, folded from run_grade
     where ws = $1 and run = $2 and response = any($3::uuid[])`,
    [ws, run, ids],
  );
  const overridden = await sql.query<Overridden>(
    `select o.response, o.points as o_points, o.outcome as o_outcome, o.reason as o_reason, a.name as o_by
     from override o join account a on a.ws = o.ws and a.id = o.by_account
     where o.ws = $1 and o.response = any($2::uuid[]) and o.withdrawn_at is null`,
    [ws, ids],
  );
  const byId = new Map(answered.map((a) => [a.response, a]));
  const overrides = new Map(overridden.map((o) => [o.response, o]));
  const none = { o_points: null, o_outcome: null, o_reason: null, o_by: null };
  return scored.flatMap((g): Row[] => {
    const a = byId.get(g.response);
    return a ? [{ ...a, ...g, ...(overrides.get(g.response) ?? none) }] : [];
  });
}

/** The grades of one student in one run, station by station; which were decided by hand is not looked up. */
export async function readOwnGrades(
  sql: Sql,
  ws: string,
  sitting: Pick<SittingRow, 'id'>,
  run: string,
  key: LockedKey,
  student: string,
): Promise<readonly ReadGrade[]> {
  const rows = await ownGrades(sql, ws, sitting.id, run, student);
  return assembled(rows, key, await readAllHeaders(sql, ws), () => false);
}
