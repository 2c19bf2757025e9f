import type { Sheet } from '@hurrow/contract';
import { one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

/**
 * Which students' sheets are entered twice: the share of the class, drawn by a digest of sitting and student, so that it
 * is the same for everybody and nobody chooses.
 */
export const SECOND_CHOSEN = `(select e.student from enrolment e join sitting s on s.ws = e.ws and s.section = e.section
    where s.ws = $1 and s.id = $2 and e.from_on <= s.on_date and (e.to_on is null or e.to_on >= s.on_date)
    order by md5(s.id::text || e.student::text)
    limit ceil((select x.second_share from sitting x where x.ws = $1 and x.id = $2)
      * (select count(*) from enrolment y join sitting z on z.ws = y.ws and z.section = y.section
         where z.ws = $1 and z.id = $2 and y.from_on <= z.on_date and (y.to_on is null or y.to_on >= z.on_date)))::integer)`;

/** Whether a sheet is entered a second time, and whether it has been. */
export async function secondOf(
  sql: Sql,
  ws: string,
  sitting: string,
  student: string,
): Promise<Sheet['second']> {
  const { wanted, done } = await one<{ wanted: boolean; done: boolean }>(
    sql,
    `select $3::uuid in ${SECOND_CHOSEN} as wanted,
       exists (select 1 from second_entry n where n.ws = $1 and n.sitting = $2 and n.student = $3) as done`,
    [ws, sitting, student],
  );
  return done ? 'done' : wanted ? 'wanted' : null;
}
