import type { Query } from '../db/index.ts';
import { sectionRows } from './sectionRows.ts';

/**
 * Looks by student first, the shortest keys in front: counting distinct students in one step sorts every look by all
 * its texts, and takes several times as long.
 */
const byStudent = (
  only: string,
): string => `select l.section, l.sitting, l.truth, l.answer, l.student, l.named, l.form, l.material_class,
    count(*) as looks, count(*) filter (where l.sure = 'guessing') as guesses, count(*) filter (where l.calls <> '[]') as called,
    count(*) filter (where l.calls <> '[]' and l.calls @? '$[*] ? (@.outcome == "wrong")') as misread
  from look l where l.ws = $1 and l.sitting = $2 ${only}
  group by l.truth, l.answer, l.student, l.named, l.form, l.material_class, l.section, l.sitting`;

const cells = (only: string): string => `with own as (${byStudent(only)}),
  here as (select material_class, form, truth, count(distinct student) as students from own group by material_class, form, truth),
  taught as (
    select t.taxon from sitting_taxon t where t.ws = $1 and t.sitting = $2 and t.taught and t.rev = (
      select k.list_rev from grading_run g join sitting_key k on k.ws = g.ws and k.sitting = g.sitting and k.rev = g.key_rev
      where g.ws = $1 and g.sitting = $2 order by g.seq desc limit 1))
  insert into cell (ws, section, sitting, material_class, form, truth, named, answer, looks, students, guesses, called, misread, listed)
  select $1, c.section, c.sitting, c.material_class, c.form, c.truth, c.named, c.answer, c.looks, c.students, c.guesses, c.called, c.misread,
    case when c.answer is null then null when c.answer in (select taxon from taught)
      then (select h.students from here h where h.material_class = c.material_class and h.form = c.form and h.truth = c.truth)
      else 0 end
  from (select section, sitting, material_class, form, truth, named, answer, sum(looks) as looks, count(*) as students, sum(guesses) as guesses,
      sum(called) as called, sum(misread) as misread
    from own group by section, sitting, material_class, form, truth, named, answer) c
  order by c.material_class, c.form, c.truth, c.named, c.answer`;

const OF_STUDENT = 'ws, section, sitting, student, truth, named, answer';

const studentRows = (
  only: string,
): string => `select ${OF_STUDENT}, count(*) as looks, count(*) filter (where not met_before) as fresh from look
  where ws = $1 and sitting = $2 ${only}
  group by student, truth, answer, named, ws, section, sitting order by student, truth, named, answer`;

const cellStudents = (only: string): string =>
  `insert into cell_student (${OF_STUDENT}, looks, fresh) ${studentRows(only)}`;

/** Writes only rows that are other than before: most are, in the two numbers that no index holds. */
const cellStudentsOver = (only: string): string => `with now as materialized (${studentRows(only)}),
  gone as (
    delete from cell_student where ws = $1 and sitting = $2 ${only} and not exists (
      select from now n where n.student = cell_student.student and n.truth = cell_student.truth and n.named = cell_student.named
        and n.answer is not distinct from cell_student.answer))
  insert into cell_student (${OF_STUDENT}, looks, fresh) select ${OF_STUDENT}, looks, fresh from now
  on conflict (ws, sitting, student, truth, named, answer) do update set looks = excluded.looks, fresh = excluded.fresh
  where (cell_student.looks, cell_student.fresh) is distinct from (excluded.looks, excluded.fresh)`;

/** What was graded again of a sitting: everything where *part* is null, else some students at some stations with their species. */
export interface Regraded {
  readonly sitting: string;
  readonly part: {
    readonly stations: readonly string[];
    readonly truths: readonly string[];
    readonly students: readonly string[];
    /** Whether the same students looked at the same trees as before. */
    readonly whoLooked: 'same' | 'other';
  } | null;
}

interface Recount {
  readonly table: 'cell' | 'cell_student' | 'cell_section';
  /** Makes the query that counts, of looks with a further condition. */
  readonly counting: (only: string) => string;
  /** Makes the one query that counts a part and writes what is other; without it the part is taken away and counted. */
  readonly over?: (only: string) => string;
  /** The column of what is counted whole. */
  readonly of: 'sitting' | 'section';
  /** Whether a part of it is some species alone, or some species of some students. */
  readonly by: 'truth' | 'truth and student';
}

export const CELL: Recount = { table: 'cell', counting: cells, of: 'sitting', by: 'truth' };
export const CELL_STUDENT: Recount = {
  table: 'cell_student',
  counting: cellStudents,
  over: cellStudentsOver,
  of: 'sitting',
  by: 'truth and student',
};
export const CELL_SECTION: Recount = {
  table: 'cell_section',
  counting: sectionRows,
  of: 'section',
  by: 'truth',
};

/**
 * What belongs to some species, and to some students. It is a query of its own: with a parameter that may be null the plan that is
 * kept reads all looks of a sitting for those at one tree.
 */
const SOME = {
  truth: 'and truth = any($3::uuid[])',
  // Looked up in a table made once; else the planner reads all looks of each of these students.
  'truth and student': 'and truth = any($3::uuid[]) and (student in (select unnest($4::uuid[]))) is true',
} as const;

/** Counts one table again from the looks: whole, or what belongs to some species, or to some species of some students. */
export function recount(
  { table, counting, over, of, by }: Recount,
  ws: string,
  whole: string,
  part: Regraded['part'],
): readonly Query[] {
  const only = part === null ? '' : SOME[by];
  const params = [
    ws,
    whole,
    ...(part === null ? [] : [part.truths]),
    ...(part === null || by === 'truth' ? [] : [part.students]),
  ];
  if (part !== null && over) return [{ text: over(only), params }];
  return [
    { text: `delete from ${table} where ws = $1 and ${of} = $2 ${only}`, params },
    { text: counting(only), params },
  ];
}
