import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { exposureFrom, rowsFrom, totalsFrom } from '../sums/index.ts';

/** Which answers a board is made of. */
export interface BoardScope {
  readonly sections: readonly string[];
  /** Days of sittings, ISO, both included; null is open. */
  readonly from: string | null;
  readonly to: string | null;
  readonly material: string | null;
  readonly form: string | null;
}

/** Answers at trees of a species that came to the same: counted over what a board is made of. */
export interface Row {
  readonly truth: string;
  readonly named: string;
  readonly answer: string | null;
  readonly looks: number;
  readonly students: number;
  readonly guesses: number;
  readonly called: number;
  readonly misread: number;
  readonly at_station: string | null;
  readonly at_k: number | null;
  readonly at_n: number | null;
  readonly behind: string | null;
}

export interface Exposure {
  readonly truth: string;
  readonly looks: number;
  readonly students: number;
}

export interface Total {
  readonly material_class: string | null;
  readonly form: string | null;
  readonly looks: number;
  readonly students: number;
}

const ofDays = ({ from, to }: BoardScope): boolean => from !== null || to !== null;

/** The looks of a board with days chosen. $2 classes, $3 and $4 days, $5 material, $6 form. */
const LOOKS = `select * from look where ws = $1 and section = any($2::uuid[])
  and ($3::date is null or on_date >= $3) and ($4::date is null or on_date <= $4)
  and ($5::text is null or material_class = $5) and ($6::text is null or form = $6)`;
const args = (ws: string, s: BoardScope): readonly unknown[] => [
  ws,
  s.sections,
  s.from,
  s.to,
  s.material,
  s.form,
];

const KEPT = `ws = $1 and section = any($2::uuid[]) and material_class is not distinct from $3 and form is not distinct from $4`;
const keptArgs = (ws: string, s: BoardScope): readonly unknown[] => [ws, s.sections, s.material, s.form];

const ROW = `truth, named, answer, looks, students, guesses, called, misread, at_station, at_k, at_n, behind`;

/** Several classes together: their students are others in each, so that they add up. Where most wrote it is read for a few. */
const TOGETHER = `select truth, named, answer, sum(looks)::integer as looks, sum(students)::integer as students, sum(guesses)::integer as guesses,
    sum(called)::integer as called, sum(misread)::integer as misread,
    null::uuid as at_station, null::integer as at_k, null::integer as at_n, null::text as behind
  from cell_section where ${KEPT} group by truth, named, answer`;

/** Several classes on some days: cells of their sittings add up, students who wrote a name are counted once. */
const ON_DAYS = `with held as (
    select s.id from sitting s where s.ws = $1 and s.section = any($2::uuid[])
      and ($3::date is null or s.on_date >= $3) and ($4::date is null or s.on_date <= $4)),
  cells as (
    select truth, named, answer, sum(looks)::integer as looks, sum(guesses)::integer as guesses, sum(called)::integer as called,
      sum(misread)::integer as misread
    from cell where ws = $1 and sitting in (select id from held)
      and ($5::text is null or material_class = $5) and ($6::text is null or form = $6)
    group by truth, named, answer),
  who as (
    select truth, answer, count(*)::integer as students from (
      select distinct truth, answer, student from cell_student where ws = $1 and named = 'other' and sitting in (select id from held)) w
    group by truth, answer)
  select c.truth, c.named, c.answer, c.looks, coalesce(w.students, 0) as students, c.guesses, c.called, c.misread,
    null::uuid as at_station, null::integer as at_k, null::integer as at_n, null::text as behind
  from cells c left join who w on c.named = 'other' and w.truth = c.truth and w.answer = c.answer`;

/** Whether the looks themselves are few enough to be counted when they are asked for. */
const fromLooks = (scope: BoardScope): boolean => ofDays(scope) && scope.sections.length === 1;

/** Every row of a board: from the sums kept by writes, or from the looks where days of one class are chosen. */
export function readRows(sql: Sql, ws: string, scope: BoardScope): Promise<readonly Row[]> {
  if (fromLooks(scope))
    return readMany<Row>(sql, `select ${ROW} from (${rowsFrom(LOOKS, 'together')}) r`, args(ws, scope));
  if (ofDays(scope)) return readMany<Row>(sql, ON_DAYS, args(ws, scope));
  if (scope.sections.length > 1) return readMany<Row>(sql, TOGETHER, keptArgs(ws, scope));
  return readMany<Row>(sql, `select ${ROW} from cell_section where ${KEPT}`, keptArgs(ws, scope));
}

/** Where most of several classes wrote some pairs, and the character that was called wrong most. */
export function readPlaces(
  sql: Sql,
  ws: string,
  scope: BoardScope,
  pairs: readonly { readonly truth: string; readonly answer: string }[],
): Promise<readonly Pick<Row, 'truth' | 'answer' | 'at_station' | 'at_k' | 'at_n' | 'behind'>[]> {
  return sql.query(
    `select truth, answer, (array_agg(at_station order by at_k desc nulls last))[1] as at_station, max(at_k) as at_k,
       (array_agg(at_n order by at_k desc nulls last))[1] as at_n, (array_agg(behind order by behind_k desc nulls last))[1] as behind
     from cell_section c join unnest($5::uuid[], $6::uuid[]) p(t, a) on p.t = c.truth and p.a = c.answer
     where ${KEPT} and named = 'other' group by truth, answer`,
    [...keptArgs(ws, scope), pairs.map((p) => p.truth), pairs.map((p) => p.answer)],
  );
}

/** How many students had so many looks at each species of one class. */
export function readExposure(sql: Sql, ws: string, scope: BoardScope): Promise<readonly Exposure[]> {
  if (fromLooks(scope))
    return readMany<Exposure>(
      sql,
      `select truth, looks, students from (${exposureFrom(LOOKS, 'together')}) e`,
      args(ws, scope),
    );
  return readMany<Exposure>(
    sql,
    `select truth, looks, sum(students)::integer as students from exposure where ${KEPT} group by truth, looks`,
    keptArgs(ws, scope),
  );
}

/** Whether a student looked at a species on one of the days; only where days before and after are known it is asked day by day. */
const ON_ONE = `($3::date is null or last_on >= $3) and ($4::date is null or first_on <= $4)
  and (first_on >= coalesce($3, first_on) or last_on <= coalesce($4, last_on)
    or exists (select 1 from unnest(days) d where d >= coalesce($3, d) and d <= coalesce($4, d)))`;

/** How many students looked at each species. Of days the material is not told apart. */
export async function readLooked(
  sql: Sql,
  ws: string,
  scope: BoardScope,
): Promise<ReadonlyMap<string, number>> {
  const looked = new Map<string, number>();
  if (ofDays(scope) && !fromLooks(scope)) {
    const rows = await sql.query<{ truth: string; students: number }>(
      `select truth, count(*)::integer as students from student_truth
       where ws = $1 and section = any($2::uuid[]) and ${ON_ONE}
       group by truth`,
      [ws, scope.sections, scope.from, scope.to],
    );
    for (const r of rows) looked.set(r.truth, r.students);
    return looked;
  }
  for (const e of await readExposure(sql, ws, scope))
    looked.set(e.truth, (looked.get(e.truth) ?? 0) + e.students);
  return looked;
}

/** How much there is, over each class of material and form of answer and over all, for the days alone. */
export function readTotals(sql: Sql, ws: string, scope: BoardScope): Promise<readonly Total[]> {
  if (fromLooks(scope))
    return readMany<Total>(sql, totalsFrom(LOOKS), args(ws, { ...scope, material: null, form: null }));
  if (ofDays(scope))
    return readMany<Total>(
      sql,
      `with held as (
         select s.id from sitting s where s.ws = $1 and s.section = any($2::uuid[])
           and ($3::date is null or s.on_date >= $3) and ($4::date is null or s.on_date <= $4)),
       students as (
         select count(distinct student)::integer as n from student_truth where ws = $1 and section = any($2::uuid[]) and ${ON_ONE})
       select material_class, form, sum(looks)::integer as looks, (select n from students) as students
       from cell where ws = $1 and sitting in (select id from held)
       group by grouping sets ((material_class, form), (material_class), (form), ()) having sum(looks) > 0`,
      [ws, scope.sections, scope.from, scope.to],
    );
  return readMany<Total>(
    sql,
    `select material_class, form, sum(looks)::integer as looks, sum(students)::integer as students from section_looks
     where ws = $1 and section = any($2::uuid[]) group by material_class, form`,
    [ws, scope.sections],
  );
}

/** A pair over several classes, as their results were returned. */
export interface FlaggedIn {
  readonly truth: string;
  readonly answer: string;
  readonly observed: number;
  readonly expected: number;
  readonly p: number;
  readonly q: number;
  readonly classes: number;
}

/** In how many of several classes each pair is more than slips, as their results were last returned. */
export const readFlaggedIn = (
  sql: Sql,
  ws: string,
  sections: readonly string[],
): Promise<readonly FlaggedIn[]> =>
  readMany<FlaggedIn>(
    sql,
    `select f.truth, f.answer, sum(f.observed)::integer as observed, sum(f.expected)::double precision as expected, min(f.p) as p, min(f.q) as q,
       (count(*) filter (where f.flagged))::integer as classes
     from (select section, max(seq) as seq from flag_return where ws = $1 and section = any($2::uuid[]) group by section) last
     join pair_flag f on f.ws = $1 and f.section = last.section and f.seq = last.seq
     group by f.truth, f.answer`,
    [ws, sections],
  );

/** How often students mixed a pair up again, of their chances, over all quizzes of the classes. By `a/b` in the order of ids. */
export async function readAgain(
  sql: Sql,
  ws: string,
  sections: readonly string[],
): Promise<ReadonlyMap<string, { readonly k: number; readonly n: number }>> {
  const rows = await readMany<{ a: string; b: string; k: number; n: number }>(
    sql,
    `select a, b, sum(repeats)::integer as k, sum(chances)::integer as n from student_pair
     where ws = $1 and section = any($2::uuid[]) group by a, b`,
    [ws, sections],
  );
  return new Map(rows.map(({ a, b, k, n }) => [`${a}/${b}`, { k, n }]));
}
