import { amongIds, maybe, writeDerived } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { countPairs } from './pairs.ts';
import { LOOK_DAYS, SECTION_BOARD, SECTION_EXPOSURE, SECTION_LOOKS, SECTION_ROWS } from './sectionRows.ts';
import { countStudentPairs } from './studentPairs.ts';

/** Locks of the sums: one a section, and one over all of them, which gradings share unless persons were merged. */
const [SECTION, WORKSPACE] = [14, 15];

const hasMerges = async (tx: Sql, ws: string): Promise<boolean> =>
  (await maybe(tx, 'select 1 from person_merge where ws = $1 limit 1', [ws])) !== null;

/**
 * Takes the lock under which everything derived of a section is written, so that two gradings of one section never
 * count each other's half. It is held to the end of the transaction.
 */
export async function lockSums(tx: Sql, ws: string, section: string): Promise<void> {
  // With merged persons a grading changes looks of other sections too.
  if (await hasMerges(tx, ws)) await lockAllSums(tx, ws);
  else await tx.query('select pg_advisory_xact_lock_shared(hashtextextended($1, $2))', [ws, WORKSPACE]);
  await tx.query('select pg_advisory_xact_lock(hashtextextended($1, $2))', [`${ws}/${section}`, SECTION]);
}

/** Takes the lock over all sections at once, for what concerns students of several. */
export const lockAllSums = (tx: Sql, ws: string) =>
  tx.query('select pg_advisory_xact_lock(hashtextextended($1, $2))', [ws, WORKSPACE]);

/** What was graded again of a sitting: everything where *part* is null, else some students at some stations with their species. */
export interface Regraded {
  readonly sitting: string;
  readonly part: {
    readonly stations: readonly string[];
    readonly truths: readonly string[];
    readonly students: readonly string[];
  } | null;
}

/**
 * The looks of some students, each beside the first that whoever it is had at the tree: one sort of what these students
 * looked at, where asking look by look whether there was an earlier one takes five times as long.
 */
const metBefore = (who: string, from: string, students: string): string => `with met as (
    select l.sitting_station, l.student, l.section, l.met_before as had, l.individual is not null
        and (l.on_date, l.sitting) > (first_value(l.on_date) over at_tree, first_value(l.sitting) over at_tree) as before
    from look l ${from} where l.ws = $1 ${students} and ($3::uuid[] is null or l.individual in (
      select e.individual from look e where e.ws = $1 and e.sitting_station = any($3::uuid[])))
    window at_tree as (partition by ${who}, l.individual order by l.on_date, l.sitting)),
  changed as (
    update look l set met_before = met.before from met
    where met.before <> met.had and ($2::uuid is null or met.section = $2)
      and ($3::uuid[] is null or met.sitting_station = any($3::uuid[]))
      and l.ws = $1 and l.sitting_station = met.sitting_station and l.student = met.student
    returning l.section, l.sitting)
  select section, array_agg(distinct sitting) as sittings from changed group by section order by section`;

/** The students are named, not asked for: among a million looks a query within the query reads them all. */
const AS_STUDENT = metBefore('l.student', '', 'and l.student = any($4::uuid[])');
const AS_PERSON = metBefore(
  'coalesce(me.who, l.student::text)',
  'left join same_person me on me.ws = l.ws and me.student = l.student',
  '',
);

const studentsOf = async (tx: Sql, ws: string, section: string | null): Promise<readonly string[]> =>
  (
    await tx.query<{ student: string }>(
      'select distinct student from look where ws = $1 and ($2::uuid is null or section = $2)',
      [ws, section],
    )
  ).map((r) => r.student);

/** Sittings of a section with a look that changed. */
interface Met {
  readonly section: string;
  readonly sittings: readonly string[];
}

/**
 * Says of each look whether the student, or the same person in another section, met the tree before. It depends on all
 * sittings, so it is set for all looks of the section, or of all sections where persons were merged; for some students at
 * some stations alone where nothing else can have changed.
 * @param section null for all.
 * @returns the sections with looks that changed.
 */
async function setMetBefore(
  tx: Sql,
  ws: string,
  section: string | null,
  part: Regraded['part'] = null,
): Promise<readonly Met[]> {
  if (await hasMerges(tx, ws)) return tx.query<Met>(AS_PERSON, [ws, null, null]);
  const students = part?.students ?? (await studentsOf(tx, ws, section));
  return tx.query<Met>(AS_STUDENT, [ws, section, part?.stations ?? null, students]);
}

/** Says anew who met which tree before, in every section, and counts what follows from it. The caller holds all locks. */
export async function countMetBefore(tx: Sql, ws: string): Promise<void> {
  for (const met of await setMetBefore(tx, ws, null)) await countMet(tx, ws, met);
}

/** Counts what follows from who met a tree before: the cells of sittings do not say it, those of their students do. */
async function countMet(tx: Sql, ws: string, { section, sittings }: Met): Promise<void> {
  await writeDerived(tx, async () => {
    for (const sitting of sittings) await recount(tx, CELL_STUDENT, ws, sitting, null);
    await countSection(tx, ws, section, null);
  });
  await countPairs(tx, ws, section, []);
}

/**
 * Looks by student first, the shortest keys in front: counting distinct students in one step sorts every look by all
 * its texts, and takes several times as long.
 */
const BY_STUDENT = `select l.section, l.sitting, l.truth, l.answer, l.student, l.named, l.form, l.material_class,
    count(*) as looks, count(*) filter (where l.sure = 'guessing') as guesses, count(*) filter (where l.calls <> '[]') as called,
    count(*) filter (where l.calls <> '[]' and l.calls @? '$[*] ? (@.outcome == "wrong")') as misread
  from look l where l.ws = $1 and l.sitting = $2 and ($3::uuid[] is null or l.truth = any($3::uuid[]))
  group by l.truth, l.answer, l.student, l.named, l.form, l.material_class, l.section, l.sitting`;

const CELLS = `with own as (${BY_STUDENT}),
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

const CELL_STUDENTS = `insert into cell_student (ws, section, sitting, student, truth, named, answer, looks, fresh)
  select ws, section, sitting, student, truth, named, answer, count(*), count(*) filter (where not met_before) from look
  where ws = $1 and sitting = $2 and ($3::uuid[] is null or truth = any($3::uuid[]))
    and ${amongIds('student', 4)}
  group by student, truth, answer, named, ws, section, sitting order by student, truth, named, answer`;

interface Recount {
  readonly table: 'cell' | 'cell_student' | 'cell_section';
  readonly counting: string;
  /** The column of what is counted whole. */
  readonly of: 'sitting' | 'section';
  /** Whether a part of it is some species alone, or some species of some students. */
  readonly by: 'truth' | 'truth and student';
}

const CELL: Recount = { table: 'cell', counting: CELLS, of: 'sitting', by: 'truth' };
const CELL_STUDENT: Recount = {
  table: 'cell_student',
  counting: CELL_STUDENTS,
  of: 'sitting',
  by: 'truth and student',
};
const CELL_SECTION: Recount = { table: 'cell_section', counting: SECTION_ROWS, of: 'section', by: 'truth' };
/** Counts one table again from the looks: whole, or what belongs to some species, or to some species of some students. */
async function recount(
  tx: Sql,
  { table, counting, of, by }: Recount,
  ws: string,
  whole: string,
  part: Regraded['part'],
): Promise<void> {
  const only = [part?.truths ?? null, ...(by === 'truth' ? [] : [part?.students ?? null])];
  await tx.query(
    `delete from ${table} where ws = $1 and ${of} = $2 and ($3::uuid[] is null or truth = any($3::uuid[]))
     ${by === 'truth' ? '' : `and ${amongIds('student', 4)}`}`,
    [ws, whole, ...only],
  );
  await tx.query(counting, [ws, whole, ...only]);
}

/** Counts again how much was looked at: what does not follow from what was named. */
async function countLooks(tx: Sql, ws: string, section: string): Promise<void> {
  for (const [table, counting] of [
    ['exposure', SECTION_EXPOSURE],
    ['look_days', LOOK_DAYS],
    ['section_looks', SECTION_LOOKS],
  ] as const) {
    await tx.query(`delete from ${table} where ws = $1 and section = $2`, [ws, section]);
    await tx.query(counting, [ws, section]);
  }
}

/** Counts again what the board of a section is read from, within a writing of derived rows: whole, or what belongs to some species and students. */
async function countSection(tx: Sql, ws: string, section: string, part: Regraded['part']): Promise<void> {
  await recount(tx, CELL_SECTION, ws, section, part);
  // What some answers name changes neither who looked at which species nor when.
  if (part === null) await countLooks(tx, ws, section);
  await countStudentPairs(tx, ws, section, part);
  await tx.query('delete from section_board where ws = $1 and section = $2', [ws, section]);
  await tx.query(SECTION_BOARD, [ws, section]);
}

/**
 * Counts again what is derived from the looks of some sittings and of their section, in one order of tables and keys.
 * The caller holds the section's lock.
 */
export async function countSums(
  tx: Sql,
  ws: string,
  section: string,
  sittings: readonly Regraded[],
): Promise<void> {
  const [only] = sittings;
  const part = sittings.length === 1 ? (only?.part ?? null) : null;
  const met = await setMetBefore(tx, ws, section, part);
  // Of a person in several sections, a tree met in one is a tree met before in another.
  for (const other of met) if (other.section !== section) await countMet(tx, ws, other);
  const regraded = sittings.map((s) => s.sitting).sort();
  const later = met
    .flatMap((m) => (m.section === section ? m.sittings : []))
    .filter((s) => !regraded.includes(s));
  await writeDerived(tx, async () => {
    for (const sitting of regraded) {
      await recount(tx, CELL, ws, sitting, part);
      await recount(tx, CELL_STUDENT, ws, sitting, part);
    }
    for (const sitting of later) await recount(tx, CELL_STUDENT, ws, sitting, null);
    await countSection(tx, ws, section, part);
  });
  await countPairs(tx, ws, section, regraded);
}
