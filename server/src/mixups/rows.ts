import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { exposureFrom, rowsFrom, totalsFrom } from '../sums/index.ts';
import type { BoardScope, Exposure, Row, Total } from './boardTypes.ts';
import { KEPT, keptArgs, keptWhole } from './keptRows.ts';

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

const ROW = `truth, named, answer, looks, students, guesses, called, misread, at_station, at_k, at_n, behind`;

/** Several classes on some days: cells of their sittings add up, students who wrote a name are counted once. */
const ON_DAYS = `with cells as (
    select truth, named, answer, sum(looks)::integer as looks, sum(guesses)::integer as guesses, sum(called)::integer as called,
      sum(misread)::integer as misread
    from cell where ws = $1 and sitting = any($2::uuid[])
      and ($3::text is null or material_class = $3) and ($4::text is null or form = $4)
    group by truth, named, answer),
  who as (
    select truth, answer, count(*)::integer as students from (
      select distinct truth, answer, student from cell_student where ws = $1 and named = 'other' and sitting = any($2::uuid[])) w
    group by truth, answer)
  select c.truth, c.named, c.answer, c.looks, coalesce(w.students, 0) as students, c.guesses, c.called, c.misread,
    null::uuid as at_station, null::integer as at_k, null::integer as at_n, null::text as behind
  from cells c left join who w on c.named = 'other' and w.truth = c.truth and w.answer = c.answer
  order by c.truth, c.named, c.answer`;

/** Sittings of the classes on the chosen days, and those days. */
async function heldOn(
  sql: Sql,
  ws: string,
  scope: BoardScope,
): Promise<{ readonly ids: readonly string[]; readonly days: readonly string[] }> {
  const rows = await sql.query<{ id: string; on: string }>(
    `select id, on_date as "on" from sitting where ws = $1 and section = any($2::uuid[])
       and ($3::date is null or on_date >= $3) and ($4::date is null or on_date <= $4)`,
    [ws, scope.sections, scope.from, scope.to],
  );
  return { ids: rows.map((r) => r.id), days: [...new Set(rows.map((r) => r.on))] };
}

/** Whether the looks themselves are few enough to be counted when they are asked for. */
const fromLooks = (scope: BoardScope): boolean => ofDays(scope) && scope.sections.length === 1;

/** Every row of a board: from the sums kept by writes, or from the looks where days of one class are chosen. */
export async function readRows(sql: Sql, ws: string, scope: BoardScope): Promise<readonly Row[]> {
  if (fromLooks(scope))
    return readMany<Row>(
      sql,
      `select ${ROW} from (${rowsFrom(LOOKS, 'together')}) r order by truth, named, answer`,
      args(ws, scope),
    );
  if (ofDays(scope)) {
    const { ids } = await heldOn(sql, ws, scope);
    return readMany<Row>(sql, ON_DAYS, [ws, ids, scope.material, scope.form]);
  }
  return (await keptWhole(sql, ws, scope)).rows;
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

/** How many students looked at each species. Of days the material is not told apart. */
export async function readLooked(
  sql: Sql,
  ws: string,
  scope: BoardScope,
): Promise<ReadonlyMap<string, number>> {
  const looked = new Map<string, number>();
  if (ofDays(scope) && !fromLooks(scope)) {
    const rows = await sql.query<{ truth: string; students: number }>(
      `select truth, sum(students)::integer as students from look_days
       where ws = $1 and section = any($2::uuid[]) and truth is not null and days && $3::date[] group by truth`,
      [ws, scope.sections, (await heldOn(sql, ws, scope)).days],
    );
    for (const r of rows) looked.set(r.truth, r.students);
    return looked;
  }
  for (const e of await readExposure(sql, ws, scope))
    looked.set(e.truth, (looked.get(e.truth) ?? 0) + e.students);
  return looked;
}

/** How much there is, over each class of material and form of answer and over all, for the days alone. */
export async function readTotals(sql: Sql, ws: string, scope: BoardScope): Promise<readonly Total[]> {
  if (fromLooks(scope))
    return readMany<Total>(
      sql,
      `${totalsFrom(LOOKS)} order by material_class, form`,
      args(ws, { ...scope, material: null, form: null }),
    );
  if (ofDays(scope)) {
    const held = await heldOn(sql, ws, scope);
    return readMany<Total>(
      sql,
      `with students as (
         select sum(students)::integer as n from look_days
         where ws = $1 and section = any($2::uuid[]) and truth is null and days && $4::date[])
       select material_class, form, sum(looks)::integer as looks, (select n from students) as students
       from cell where ws = $1 and sitting = any($3::uuid[])
       group by grouping sets ((material_class, form), (material_class), (form), ()) having sum(looks) > 0
       order by material_class, form`,
      [ws, scope.sections, held.ids, held.days],
    );
  }
  return readMany<Total>(
    sql,
    `select material_class, form, sum(looks)::integer as looks, sum(students)::integer as students from section_looks
     where ws = $1 and section = any($2::uuid[]) group by material_class, form order by material_class, form`,
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

/** Pairs that are more than slips in any of several classes, with in how many of them, as their results were last returned. */
export const readFlaggedIn = (
  sql: Sql,
  ws: string,
  sections: readonly string[],
): Promise<readonly FlaggedIn[]> =>
  readMany<FlaggedIn>(
    sql,
    `select f.truth, f.answer, sum(f.observed)::integer as observed, sum(f.expected)::double precision as expected, min(f.p) as p, min(f.q) as q,
       count(*)::integer as classes
     from (select section, max(seq) as seq from flag_return where ws = $1 and section = any($2::uuid[]) group by section) last
     join pair_flag f on f.ws = $1 and f.section = last.section and f.seq = last.seq and f.flagged
     group by f.truth, f.answer`,
    [ws, sections],
  );
