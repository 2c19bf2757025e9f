import { maybe, runInOrder, writeDerived } from '../db/index.ts';
import type { Sql, Query } from '../db/index.ts';
import { countPairs } from './pairs.ts';
import { LOOK_DAYS, SECTION_BOARD, SECTION_EXPOSURE, SECTION_LOOKS } from './sectionRows.ts';
import { CELL, CELL_SECTION, CELL_STUDENT, recount } from './recount.ts';
import type { Regraded } from './recount.ts';
import { pairsOver, readPairGround } from './studentPairs.ts';

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
    await runInOrder(
      tx,
      sittings.flatMap((s) => recount(CELL_STUDENT, ws, s, null)),
    );
    await countSection(tx, ws, section, null);
  });
  await countPairs(tx, ws, section, []);
}

/** Counts again how much was looked at: what does not follow from what was named. */
const countLooks = (ws: string, section: string): readonly Query[] =>
  (
    [
      ['exposure', SECTION_EXPOSURE],
      ['look_days', LOOK_DAYS],
      ['section_looks', SECTION_LOOKS],
    ] as const
  ).flatMap(([table, counting]) => [
    { text: `delete from ${table} where ws = $1 and section = $2`, params: [ws, section] },
    { text: counting, params: [ws, section] },
  ]);

/**
 * Counts again what the board of a section is read from, within a writing of derived rows: whole, or what belongs to some species
 * and students. How pairs went on is made out while the database counts.
 * @param besides counts that nothing here is read from.
 */
async function countSection(
  tx: Sql,
  ws: string,
  section: string,
  part: Regraded['part'],
  besides: readonly Query[] = [],
): Promise<void> {
  const ground = await readPairGround(tx, ws, section, part);
  const [, pairs] = await Promise.all([
    runInOrder(tx, [
      ...besides,
      ...recount(CELL_SECTION, ws, section, part),
      // What some answers name changes neither who looked at which species nor when.
      ...(part === null ? countLooks(ws, section) : []),
    ]),
    Promise.resolve().then(() => pairsOver(ws, section, part, ground)),
  ]);
  await runInOrder(tx, [
    ...pairs,
    { text: 'delete from section_board where ws = $1 and section = $2', params: [ws, section] },
    { text: SECTION_BOARD, params: [ws, section] },
  ]);
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
  // Who met which tree before follows from who looked where.
  const met = part?.whoLooked === 'same' ? [] : await setMetBefore(tx, ws, section, part);
  // Of a person in several sections, a tree met in one is a tree met before in another.
  for (const other of met) if (other.section !== section) await countMet(tx, ws, other);
  const regraded = sittings.map((s) => s.sitting).sort();
  const later = met
    .flatMap((m) => (m.section === section ? m.sittings : []))
    .filter((s) => !regraded.includes(s));
  await writeDerived(tx, async () => {
    await runInOrder(tx, [
      ...regraded.flatMap((s) => recount(CELL_STUDENT, ws, s, part)),
      ...later.flatMap((s) => recount(CELL_STUDENT, ws, s, null)),
    ]);
    const cells = regraded.flatMap((s) => recount(CELL, ws, s, part));
    await countSection(tx, ws, section, part, cells);
  });
  await countPairs(tx, ws, section, regraded);
}
