import { studentPairs } from '@hurrow/core/mixups';
import type { DatedLook, StudentPair } from '@hurrow/core/mixups';
import { insertRows, readMany, writeDerived } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

/** Looks of some students at the species that they ever mixed up, in the order they were held. */
const readDated = (
  tx: Sql,
  ws: string,
  section: string,
  students: readonly string[] | null,
): Promise<readonly DatedLook[]> =>
  readMany<DatedLook>(
    tx,
    `with wrong as (
       select student, truth, answer from look
       where ws = $1 and section = $2 and named = 'other' and ($3::uuid[] is null or student = any($3::uuid[]))),
     species as (select student, truth as s from wrong union select student, answer from wrong)
     select l.student, l.truth, l.answer, l.on_date as "on", l.met_before as "metBefore",
       (si.returned_at at time zone coalesce(place.tz, 'UTC'))::date::text as "returnedOn"
     from look l join species sp on sp.student = l.student and sp.s = l.truth
     join sitting si on si.ws = l.ws and si.id = l.sitting
     join section c on c.ws = si.ws and c.id = si.section join site place on place.ws = c.ws and place.id = c.site
     where l.ws = $1 and l.section = $2 order by l.on_date, l.sitting, l.sitting_station`,
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
