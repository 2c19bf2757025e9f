import { studentPairs } from '@hurrow/core/mixups';
import type { DatedLooks } from '@hurrow/core/mixups';
import { amongIds, readWide, sharingInsert } from '../db/index.ts';
import type { Columns, Sql, Query } from '../db/index.ts';

/** Days on which the results of a section's sittings were returned, for joining looks to. */
const HELD = `held as materialized (
       select si.id, si.on_date, (si.returned_at at time zone coalesce(place.tz, 'UTC'))::date::text as returned_on
       from sitting si join section c on c.ws = si.ws and c.id = si.section join site place on place.ws = c.ws and place.id = c.site
       where si.ws = $1 and si.section = $2)`;

const LOOK: Columns<DatedLooks> = {
  student: true,
  truth: true,
  answer: true,
  on: true,
  returnedOn: true,
  fresh: true,
};
const READ = `l.student, l.truth, l.answer, h.on_date as "on", h.returned_on as "returnedOn", l.fresh`;
const IN_ORDER = 'order by h.on_date, h.id, l.truth, l.answer';

/**
 * Looks at the species that a student ever mixed up, in the order they were held. Whether a species is one of those is told by a
 * window over the looks and not by a join: a planner that knows the table as it was before the class wrote goes through all of
 * it for each mix-up.
 */
const readDated = (tx: Sql, ws: string, section: string): Promise<readonly DatedLooks[]> =>
  readWide<DatedLooks>(
    tx,
    LOOK,
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
 * student, since a planner cannot know how few they are; and it thinks what is followed so few that, asked to join, it goes through all
 * of it for each look.
 */
const readDatedAt = (
  tx: Sql,
  ws: string,
  section: string,
  { students, truths }: SomePairs,
): Promise<readonly DatedLooks[]> =>
  readWide<DatedLooks>(
    tx,
    LOOK,
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
     where ((l.student, l.truth) in (select student, species from followed)) is true ${IN_ORDER}`,
    [ws, section, students, truths],
  );

/** Pairs of some students with one of some species in them. */
export interface SomePairs {
  readonly students: readonly string[];
  readonly truths: readonly string[];
}

/** A pair of a student as it is kept. */
interface KeptPair {
  readonly student: string;
  readonly a: string;
  readonly b: string;
  readonly first_on: string;
  readonly chances: number;
  readonly repeats: number;
  readonly clean: number;
  readonly resolved: boolean;
}

const KEPT: Columns<KeptPair> = {
  student: true,
  a: true,
  b: true,
  first_on: true,
  chances: true,
  repeats: true,
  clean: true,
  resolved: true,
};

const readKept = (
  tx: Sql,
  ws: string,
  section: string,
  part: SomePairs | null,
): Promise<readonly KeptPair[]> =>
  readWide<KeptPair>(
    tx,
    KEPT,
    `select ${Object.keys(KEPT).join(', ')} from student_pair where ws = $1 and section = $2 and ${amongIds('student', 3)}
       and ($4::uuid[] is null or a = any($4::uuid[]) or b = any($4::uuid[]))`,
    [ws, section, part?.students ?? null, part?.truths ?? null],
  );

/** What pairs are counted from, with what was counted before. */
export interface PairGround {
  readonly looks: readonly DatedLooks[];
  readonly kept: readonly KeptPair[];
}

/**
 * Reads what pairs are counted from. How a pair went on follows from the looks at its two species alone, so that what some answers
 * named changes only the pairs with their trees.
 * @param part null for all of the section.
 */
export async function readPairGround(
  tx: Sql,
  ws: string,
  section: string,
  part: SomePairs | null,
): Promise<PairGround> {
  const kept = await readKept(tx, ws, section, part);
  const looks = part === null ? await readDated(tx, ws, section) : await readDatedAt(tx, ws, section, part);
  return { looks, kept };
}

const keyOf = ({ student, a, b }: KeptPair): string => `${student}/${a}/${b}`;
const isSame = (p: KeptPair, q: KeptPair): boolean =>
  p.first_on === q.first_on &&
  p.chances === q.chances &&
  p.repeats === q.repeats &&
  p.clean === q.clean &&
  p.resolved === q.resolved;

/** Counts what students mixed up and how it went on. @returns what writes the pairs that are other than before: mostly few. */
export function pairsOver(
  ws: string,
  section: string,
  part: SomePairs | null,
  { looks, kept }: PairGround,
): readonly (Query | null)[] {
  const counts = new Set(part?.truths);
  const now = studentPairs(looks)
    .filter((p) => part === null || p.pair.some((s) => counts.has(s)))
    .map(({ student, pair: [a, b], first, chances, repeats, clean, resolved }): KeptPair => ({
      ...{ student, a, b },
      ...{ first_on: first, chances, repeats, clean, resolved },
    }));
  const before = new Map(kept.map((p) => [keyOf(p), p]));
  const after = new Map(now.map((p) => [keyOf(p), p]));
  const differs = (p: KeptPair, others: ReadonlyMap<string, KeptPair>): boolean => {
    const other = others.get(keyOf(p));
    return other === undefined || !isSame(p, other);
  };
  const gone = kept.filter((p) => differs(p, after));
  const other = now.filter((p) => differs(p, before));
  return [
    gone.length === 0
      ? null
      : {
          text: `delete from student_pair p using unnest($3::uuid[], $4::uuid[], $5::uuid[]) g(student, a, b)
            where p.ws = $1 and p.section = $2 and p.student = g.student and p.a = g.a and p.b = g.b`,
          params: [ws, section, gone.map((p) => p.student), gone.map((p) => p.a), gone.map((p) => p.b)],
        },
    sharingInsert(
      'student_pair',
      ['student'],
      other.map((p) => ({ ws, section, ...p })),
    ),
  ];
}
