/** Whether looks are counted over each class of material and form of answer as well, or all together alone. */
export type Levels = 'each' | 'together';

const grouped = (levels: Levels, ...rest: readonly string[]): string => {
  const all = rest.join(', ');
  const of = (more: string): string => `(${[all, more].filter((x) => x !== '').join(', ')})`;
  return levels === 'each'
    ? `grouping sets (${of('material_class, form')}, ${of('material_class')}, ${of('form')}, ${of('')})`
    : `grouping sets (${of('')})`;
};
const level = (levels: Levels): string =>
  levels === 'each' ? 'material_class, form' : 'null::text as material_class, null::text as form';

/**
 * The rows of a board from looks: by tree, what was named, and the name; over each class of material and form of answer,
 * and over all of either (null).
 * @param looks a query of the looks to count, with the columns of the table.
 */
export const rowsFrom = (looks: string, levels: Levels = 'each'): string => `
  with own as materialized (${looks}),
  counted as (
    select truth, named, answer, ${level(levels)}, count(*)::integer as looks, count(distinct student)::integer as students,
      (count(*) filter (where sure = 'guessing'))::integer as guesses,
      (count(*) filter (where calls <> '[]'))::integer as called,
      (count(*) filter (where calls <> '[]' and calls @? '$[*] ? (@.outcome == "wrong")'))::integer as misread
    from own group by ${grouped(levels, 'truth', 'named', 'answer')}),
  places as (
    select distinct on (truth, answer, material_class, form) truth, answer, material_class, form, sitting_station, k from (
      select truth, answer, ${level(levels)}, sitting_station, count(*)::integer as k from own where named = 'other'
      group by ${grouped(levels, 'truth', 'answer', 'sitting_station')}) p
    order by truth, answer, material_class, form, k desc, sitting_station),
  there as (select sitting_station, count(*)::integer as n from own group by sitting_station),
  characters as (
    select distinct on (truth, answer, material_class, form) truth, answer, material_class, form, character, k from (
      select truth, answer, ${level(levels)}, c ->> 'character' as character, count(*)::integer as k
      from own, jsonb_array_elements(calls) c where named = 'other' and calls <> '[]' and c ->> 'outcome' = 'wrong'
      group by ${grouped(levels, 'truth', 'answer', `c ->> 'character'`)}) p
    order by truth, answer, material_class, form, k desc, character)
  select c.material_class, c.form, c.truth, c.named, c.answer, c.looks, c.students, c.guesses, c.called, c.misread,
    p.sitting_station as at_station, p.k as at_k, t.n as at_n, b.character as behind, b.k as behind_k
  from counted c
  left join places p on c.named = 'other' and p.truth = c.truth and p.answer = c.answer
    and coalesce(p.material_class, '') = coalesce(c.material_class, '') and coalesce(p.form, '') = coalesce(c.form, '')
  left join there t on t.sitting_station = p.sitting_station
  left join characters b on c.named = 'other' and b.truth = c.truth and b.answer = c.answer
    and coalesce(b.material_class, '') = coalesce(c.material_class, '') and coalesce(b.form, '') = coalesce(c.form, '')`;

/** How many students had so many looks at a species, over the same levels. */
export const exposureFrom = (looks: string, levels: Levels = 'each'): string => `
  select material_class, form, truth, looks, count(*)::integer as students from (
    select truth, student, ${level(levels)}, count(*)::integer as looks from (${looks}) own
    group by ${grouped(levels, 'truth', 'student')}) x
  group by material_class, form, truth, looks`;

/** How many looks there are by how many students, over the same levels. */
export const totalsFrom = (looks: string, levels: Levels = 'each'): string => `
  select ${level(levels)}, count(*)::integer as looks, count(distinct student)::integer as students
  from (${looks}) own group by ${grouped(levels)} having count(*) > 0`;

const OF_SECTION = `select * from look where ws = $1 and section = $2 and ($3::uuid[] is null or truth = any($3::uuid[]))`;
const ROW = `material_class, form, truth, named, answer, looks, students, guesses, called, misread, at_station, at_k, at_n, behind, behind_k`;

export const SECTION_ROWS = `insert into cell_section (ws, section, ${ROW})
  select $1, $2, ${ROW} from (${rowsFrom(OF_SECTION)}) r order by material_class, form, truth, named, answer`;

export const SECTION_EXPOSURE = `insert into exposure (ws, section, material_class, form, truth, looks, students)
  select $1, $2, material_class, form, truth, looks, students from (${exposureFrom(OF_SECTION)}) e
  order by material_class, form, truth, looks`;

export const SECTION_LOOKS = `insert into section_looks (ws, section, material_class, form, looks, students)
  select $1, $2, material_class, form, looks, students
  from (${totalsFrom('select * from look where ws = $1 and section = $2')}) t order by material_class, form`;

export const STUDENT_TRUTHS = `insert into student_truth (ws, section, student, truth, first_on, last_on, days)
  select $1, $2, student, truth, min(on_date), max(on_date), array_agg(on_date order by on_date) from (
    select distinct student, truth, on_date from look where ws = $1 and section = $2 and ($3::uuid[] is null or truth = any($3::uuid[]))
      and ($4::uuid[] is null or student = any($4::uuid[]))) l
  group by student, truth order by student, truth`;
