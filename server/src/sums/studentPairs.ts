import { studentPairs } from '@hurrow/core/mixups';
import type { DatedLook, StudentPair } from '@hurrow/core/mixups';
import { insertRows, readMany, writeDerived } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

/**
 * Looks of some students at the species that they ever mixed up, in the order they were held. Whether a species is one of
 * those is told by a window over the looks and not by a join: a planner that knows the table as it was before the class wrote
 * goes through all of it for each mix-up.
 */
const readDated = (
  tx: Sql,
  ws: string,
  section: string,
  students: readonly string[] | null,
): Promise<readonly DatedLook[]> =>
  readMany<DatedLook>(
    tx,
    `with own as materialized (
       select student, truth, answer, named, on_date, met_before, sitting, sitting_station from look
       where ws = $1 and section = $2 and ($3::uuid[] is null or student = any($3::uuid[]))),
     told as (
       select *, bool_or(mixed) over (partition by student, species) as ever from (
         select student, truth as species, named = 'other' as mixed, answer, on_date, met_before, sitting, sitting_station from own
         union all select student, answer, true, null, null, null, null, null from own where named = 'other') x),
     held as materialized (
       select si.id, (si.returned_at at time zone coalesce(place.tz, 'UTC'))::date::text as returned_on
       from sitting si join section c on c.ws = si.ws and c.id = si.section join site place on place.ws = c.ws and place.id = c.site
       where si.ws = $1 and si.section = $2)
     select l.student, l.species as truth, l.answer, l.on_date as "on", l.met_before as "metBefore", h.returned_on as "returnedOn"
     from told l join held h on h.id = l.sitting where l.ever
     order by l.on_date, l.sitting, l.sitting_station`,
    [ws, section, students],
  );

const asRow = (ws: string, section: string, p: StudentPair): Readonly<Record<string, unknown>> => ({
  ws,
  section,
  student: p.student,
  a: p.pair[0],
  b: p.pair[1],
  first_on: p.first,
  chances: p.chances,
  repeats: p.repeats,
  clean: p.clean,
  resolved: p.resolved,
});

/** Counts again what students mixed up and how it went on. @param students null for all of the section. */
export async function countStudentPairs(
  tx: Sql,
  ws: string,
  section: string,
  students: readonly string[] | null,
): Promise<void> {
  await tx.query(
    `delete from student_pair where ws = $1 and section = $2 and ($3::uuid[] is null or student = any($3::uuid[]))`,
    [ws, section, students],
  );
  const pairs = studentPairs(await readDated(tx, ws, section, students));
  await writeDerived(tx, () =>
    insertRows(
      tx,
      'student_pair',
      pairs.map((p) => asRow(ws, section, p)),
    ),
  );
}
