import { studentPairs } from '@hurrow/core/mixups';
import type { DatedLook, StudentPair } from '@hurrow/core/mixups';
import { insertRows, readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

/** Days on which the results of a section's sittings were returned, for joining looks to. */
const HELD = `held as materialized (
       select si.id, (si.returned_at at time zone coalesce(place.tz, 'UTC'))::date::text as returned_on
       from sitting si join section c on c.ws = si.ws and c.id = si.section join site place on place.ws = c.ws and place.id = c.site
       where si.ws = $1 and si.section = $2)`;

/**
 * Looks at the species that a student ever mixed up, in the order they were held. Whether a species is one of those is told by a
 * window over the looks and not by a join: a planner that knows the table as it was before the class wrote goes through all of
 * it for each mix-up.
 */
const readDated = (tx: Sql, ws: string, section: string): Promise<readonly DatedLook[]> =>
  readMany<DatedLook>(
    tx,
    `with own as materialized (
       select student, truth, answer, named, on_date, met_before, sitting, sitting_station from look
       where ws = $1 and section = $2),
     told as (
       select *, bool_or(mixed) over (partition by student, species) as ever from (
         select student, truth as species, named = 'other' as mixed, answer, on_date, met_before, sitting, sitting_station from own
         union all select student, answer, true, null, null, null, null, null from own where named = 'other') x),
     ${HELD}
     select l.student, l.species as truth, l.answer, l.on_date as "on", l.met_before as "metBefore", h.returned_on as "returnedOn"
     from told l join held h on h.id = l.sitting where l.ever
     order by l.on_date, l.sitting, l.sitting_station`,
    [ws, section],
  );

/**
 * Looks of some students at some species and at those each of them ever mixed up with one of these. They are looked up student by
 * student, since a planner cannot know how few they are.
 */
const readDatedAt = (
  tx: Sql,
  ws: string,
  section: string,
  { students, truths }: SomePairs,
): Promise<readonly DatedLook[]> =>
  readMany<DatedLook>(
    tx,
    `with mixed as materialized (
       select student, answer as species from look
       where ws = $1 and section = $2 and truth = any($4::uuid[]) and named = 'other'
       union select student, truth from look
       where ws = $1 and section = $2 and answer = any($4::uuid[]) and named = 'other'),
     places as materialized (
       select student, array_agg(species) || $4::uuid[] as species from mixed
       where student in (select unnest($3::uuid[])) group by student),
     ${HELD}
     select l.student, l.truth, l.answer, l.on_date as "on", l.met_before as "metBefore", h.returned_on as "returnedOn"
     from places p join lateral (select * from look x
       where x.ws = $1 and x.student = p.student and x.section = $2 and x.truth = any(p.species) offset 0) l on true
     join held h on h.id = l.sitting
     order by l.on_date, l.sitting, l.sitting_station`,
    [ws, section, students, truths],
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

/** Pairs of some students with one of some species in them. */
export interface SomePairs {
  readonly students: readonly string[];
  readonly truths: readonly string[];
}

/**
 * Counts again what students mixed up and how it went on. How a pair went on follows from the looks at its two species alone, so
 * that what some answers named changes only the pairs with their trees.
 * @param part null for all of the section.
 */
export async function countStudentPairs(
  tx: Sql,
  ws: string,
  section: string,
  part: SomePairs | null,
): Promise<void> {
  await tx.query(
    `delete from student_pair where ws = $1 and section = $2 and ($3::uuid[] is null or student = any($3::uuid[]))
     and ($4::uuid[] is null or a = any($4::uuid[]) or b = any($4::uuid[]))`,
    [ws, section, part?.students ?? null, part?.truths ?? null],
  );
  const looks = await (part === null ? readDated(tx, ws, section) : readDatedAt(tx, ws, section, part));
  const counts = new Set(part?.truths);
  const pairs = studentPairs(looks).filter((p) => part === null || p.pair.some((s) => counts.has(s)));
  await insertRows(
    tx,
    'student_pair',
    pairs.map((p) => asRow(ws, section, p)),
  );
}
