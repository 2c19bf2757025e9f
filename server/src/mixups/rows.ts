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
  readonly fresh: number;
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

const ROW = `truth, named, answer, looks, students, guesses, fresh, called, misread, at_station, at_k, at_n, behind`;

/** Several classes together: their students are others in each, so that they add up. */
const TOGETHER = `select truth, named, answer, sum(looks)::integer as looks, sum(students)::integer as students, sum(guesses)::integer as guesses,
    sum(fresh)::integer as fresh, sum(called)::integer as called, sum(misread)::integer as misread,
    (array_agg(at_station order by at_k desc nulls last))[1] as at_station, max(at_k) as at_k,
    (array_agg(at_n order by at_k desc nulls last))[1] as at_n, (array_agg(behind order by behind_k desc nulls last))[1] as behind
  from cell_section where ${KEPT} group by truth, named, answer`;

/** Every row of a board: from the sums kept by writes, or from the looks where days are chosen. */
export function readRows(sql: Sql, ws: string, scope: BoardScope): Promise<readonly Row[]> {
  if (ofDays(scope))
    return readMany<Row>(sql, `select ${ROW} from (${rowsFrom(LOOKS, 'together')}) r`, args(ws, scope));
  if (scope.sections.length > 1) return readMany<Row>(sql, TOGETHER, keptArgs(ws, scope));
  return readMany<Row>(sql, `select ${ROW} from cell_section where ${KEPT}`, keptArgs(ws, scope));
}

/** How many students had so many looks at each species. */
export function readExposure(sql: Sql, ws: string, scope: BoardScope): Promise<readonly Exposure[]> {
  if (ofDays(scope))
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

/** How much there is, over each class of material and form of answer and over all, for the days alone. */
export function readTotals(sql: Sql, ws: string, scope: BoardScope): Promise<readonly Total[]> {
  if (ofDays(scope))
    return readMany<Total>(sql, totalsFrom(LOOKS), args(ws, { ...scope, material: null, form: null }));
  return readMany<Total>(
    sql,
    `select material_class, form, sum(looks)::integer as looks, sum(students)::integer as students from section_looks
     where ws = $1 and section = any($2::uuid[]) group by material_class, form`,
    [ws, scope.sections],
  );
}

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
