import { studentPairs } from '@hurrow/core/mixups';
import type { DatedLooks, StudentPair } from '@hurrow/core/mixups';
import { amongIds, columnsInsert, readMany } from '../db/index.ts';
import type { Column, Sql, Query } from '../db/index.ts';

/** Days on which the results of a section's sittings were returned, for joining looks to. */
const HELD = `held as materialized (
       select si.id, si.on_date, (si.returned_at at time zone coalesce(place.tz, 'UTC'))::date::text as returned_on
       from sitting si join section c on c.ws = si.ws and c.id = si.section join site place on place.ws = c.ws and place.id = c.site
       where si.ws = $1 and si.section = $2)`;

const READ = `l.student, l.truth, l.answer, h.on_date as "on", h.returned_on as "returnedOn", l.fresh`;
const IN_ORDER = 'order by h.on_date, h.id, l.truth, l.answer';

/**
 * Looks at the species that a student ever mixed up, in the order they were held. Whether a species is one of those is told by a
 * window over the looks and not by a join: a planner that knows the table as it was before the class wrote goes through all of
 * it for each mix-up.
 */
const readDated = (tx: Sql, ws: string, section: string): Promise<readonly DatedLooks[]> =>
  readMany<DatedLooks>(
    tx,
    `with own as materialized (
       select student, truth, answer, named, fresh, sitting from cell_student where ws = $1 and section = $2),
     told as (
       select *, bool_or(mixed) over (partition by student, truth) as ever from (
         select student, truth, answer, fresh, sitting, named = 'other' as mixed from own
         union all select student, answer, null, null, null, true from own where named = 'other') x),
     ${HELD}
     select ${READ} from told l join held h on h.id = l.sitting where l.ever ${IN_ORDER}`,
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
): Promise<readonly DatedLooks[]> =>
  readMany<DatedLooks>(
    tx,
    `with own as materialized (
       select l.* from unnest($3::uuid[]) s(student) join lateral (
         select * from cell_student c where c.ws = $1 and c.student = s.student and c.section = $2 offset 0) l on true),
     mixed as materialized (
       select student, answer as species from own where truth = any($4::uuid[]) and named = 'other'
       union select student, truth from own where answer = any($4::uuid[]) and named = 'other'),
     followed as materialized (
       select student, species from mixed union select student, t from mixed cross join unnest($4::uuid[]) t),
     ${HELD}
     select ${READ} from own l join held h on h.id = l.sitting
     where (l.student, l.truth) in (select student, species from followed) ${IN_ORDER}`,
    [ws, section, students, truths],
  );

const columnsOf = (
  ws: string,
  section: string,
  pairs: readonly StudentPair[],
): Readonly<Record<string, Column>> => ({
  ws: { type: 'uuid', all: ws },
  section: { type: 'uuid', all: section },
  student: { type: 'uuid', values: pairs.map((p) => p.student) },
  a: { type: 'uuid', values: pairs.map((p) => p.pair[0]) },
  b: { type: 'uuid', values: pairs.map((p) => p.pair[1]) },
  first_on: { type: 'date', values: pairs.map((p) => p.first) },
  chances: { type: 'integer', values: pairs.map((p) => p.chances) },
  repeats: { type: 'integer', values: pairs.map((p) => p.repeats) },
  clean: { type: 'integer', values: pairs.map((p) => p.clean) },
  resolved: { type: 'boolean', values: pairs.map((p) => p.resolved) },
});

/** Pairs of some students with one of some species in them. */
export interface SomePairs {
  readonly students: readonly string[];
  readonly truths: readonly string[];
}

/**
 * Takes away what was counted of pairs, and reads the looks that they are counted from. How a pair went on follows from the looks
 * at its two species alone, so that what some answers named changes only the pairs with their trees.
 * @param part null for all of the section.
 */
export async function readPairLooks(
  tx: Sql,
  ws: string,
  section: string,
  part: SomePairs | null,
): Promise<readonly DatedLooks[]> {
  await tx.query(
    `delete from student_pair where ws = $1 and section = $2 and ${amongIds('student', 3)}
     and ($4::uuid[] is null or a = any($4::uuid[]) or b = any($4::uuid[]))`,
    [ws, section, part?.students ?? null, part?.truths ?? null],
  );
  return part === null ? readDated(tx, ws, section) : readDatedAt(tx, ws, section, part);
}

/** Makes the insert of what students mixed up and how it went on, counted from their looks; null where there is nothing. */
export function pairsInsert(
  ws: string,
  section: string,
  part: SomePairs | null,
  looks: readonly DatedLooks[],
): Query | null {
  const counts = new Set(part?.truths);
  const pairs = studentPairs(looks).filter((p) => part === null || p.pair.some((s) => counts.has(s)));
  return pairs.length === 0 ? null : columnsInsert('student_pair', columnsOf(ws, section, pairs));
}
