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
 * and over all of either (null). Looks are counted by student first: finding distinct students sorts what it counts once a level.
 * @param looks a query of the looks to count, with the columns of the table.
 */
export const rowsFrom = (looks: string, levels: Levels = 'each'): string => `
  with own as materialized (${looks}),
  by_student as (
    select truth, named, answer, material_class, form, student, count(*) as looks,
      count(*) filter (where sure = 'guessing') as guesses, count(*) filter (where calls <> '[]') as called,
      count(*) filter (where calls <> '[]' and calls @? '$[*] ? (@.outcome == "wrong")') as misread
    from own group by student, truth, answer, named, material_class, form),
  counted as (
    select truth, named, answer, ${level(levels)}, sum(looks)::integer as looks, count(distinct student)::integer as students,
      sum(guesses)::integer as guesses, sum(called)::integer as called, sum(misread)::integer as misread
    from by_student group by ${grouped(levels, 'truth', 'named', 'answer')}),
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

const OF_SECTION = `select truth, named, answer, material_class, form, student, sure, calls, sitting_station from look
  where ws = $1 and section = $2`;
const ROW = `material_class, form, truth, named, answer, looks, students, guesses, called, misread, at_station, at_k, at_n, behind, behind_k`;

/** @param only a further condition of the looks. */
export const sectionRows = (only: string): string => `insert into cell_section (ws, section, ${ROW})
  select $1, $2, ${ROW} from (${rowsFrom(`${OF_SECTION} ${only}`)}) r order by material_class, form, truth, named, answer`;

export const SECTION_EXPOSURE = `insert into exposure (ws, section, material_class, form, truth, looks, students)
  select $1, $2, material_class, form, truth, looks, students
  from (${exposureFrom('select * from look where ws = $1 and section = $2')}) e
  order by material_class, form, truth, looks`;

export const SECTION_LOOKS = `insert into section_looks (ws, section, material_class, form, looks, students)
  select $1, $2, material_class, form, looks, students
  from (${totalsFrom('select * from look where ws = $1 and section = $2')}) t order by material_class, form`;

/** How many students looked at each species, and at any, on just the same days. */
export const LOOK_DAYS = `insert into look_days (ws, section, truth, days, students)
  select $1, $2, truth, days, count(*) from (
    select student, truth, array_agg(on_date order by on_date) as days from (
      select student, truth, on_date from look where ws = $1 and section = $2
      group by grouping sets ((student, truth, on_date), (student, on_date))) l
    group by student, truth) s
  group by truth, days order by truth, days`;

/**
 * The board of a class with what it names once: ids of species, stations and characters stand in `names`, and rows hold their
 * places there, in one order however they were counted. A row: tree, what was named, the name, looks, students, guesses, with
 * calls, with a wrong one, where, k, n, character, how often. A pair that came back: the two, repeats, chances.
 */
export const SECTION_BOARD = `insert into section_board (ws, section, material_class, form, names, rows, again)
  with own as materialized (select * from cell_section where ws = $1 and section = $2),
  back as materialized (
    select a, b, sum(repeats)::integer as k, sum(chances)::integer as n from student_pair
    where ws = $1 and section = $2 group by a, b having sum(chances) > 0),
  named as materialized (
    select name, (row_number() over (order by name))::integer - 1 as i from (
      select truth::text as name from own union select answer::text from own where answer is not null
      union select named from own union select at_station::text from own where at_station is not null
      union select behind from own where behind is not null
      union select a::text from back union select b::text from back) x)
  select $1, $2, o.material_class, o.form, (select json_agg(name order by i) from named),
    json_agg(json_build_array(t.i, n.i, a.i, o.looks, o.students, o.guesses, o.called, o.misread, s.i, o.at_k, o.at_n, c.i, o.behind_k)
      order by t.i, n.i, a.i),
    coalesce((select json_agg(json_build_array(x.i, y.i, k, n) order by x.i, y.i) from back
      join named x on x.name = back.a::text join named y on y.name = back.b::text), '[]')
  from own o join named t on t.name = o.truth::text join named n on n.name = o.named
  left join named a on a.name = o.answer::text left join named s on s.name = o.at_station::text left join named c on c.name = o.behind
  group by o.material_class, o.form order by o.material_class, o.form`;
