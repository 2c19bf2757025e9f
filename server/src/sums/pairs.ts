import { classThreshold, effectsOn, pairStates } from '@hurrow/core/mixups';
import type { MixUpSettings, PairInterval, RetaughtPair, SectionSitting } from '@hurrow/core/mixups';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { countFlags, flagsNow } from './flags.ts';
import { mixUpSettings } from './settings.ts';

interface Counted {
  readonly sitting: string;
  readonly truth: string;
  readonly answer: string | null;
  readonly students: number;
}

interface FreshLooks {
  readonly sitting: string;
  readonly material: string;
  readonly truth: string;
  readonly answer: string | null;
  readonly students: number;
}

/** Students at trees of some species that they had not met before, by sitting and material. */
const freshLooks = (
  tx: Sql,
  ws: string,
  section: string,
  truths: readonly string[],
): Promise<readonly FreshLooks[]> =>
  tx.query<FreshLooks>(
    `select sitting, material_class as material, truth, null as answer, count(distinct student)::integer as students
     from look where ws = $1 and section = $2 and truth = any($3::uuid[]) and not met_before group by sitting, material_class, truth
     union all
     select sitting, material_class, truth, answer, count(distinct student)::integer
     from look where ws = $1 and section = $2 and truth = any($3::uuid[]) and not met_before and named = 'other'
     group by sitting, material_class, truth, answer`,
    [ws, section, truths],
  );

function freshOf(rows: readonly FreshLooks[], sitting: string): SectionSitting['fresh'] {
  const by = new Map<string, Map<string, number>>();
  for (const r of rows) {
    if (r.sitting !== sitting) continue;
    const counts = by.get(r.material) ?? new Map<string, number>();
    counts.set(r.answer === null ? r.truth : `${r.truth}/${r.answer}`, r.students);
    by.set(r.material, counts);
  }
  return by;
}

/** Species whose mix-up was the class's at some sitting: only of these is it asked what a lesson did. */
function mixedUpTruths(counted: readonly Counted[], settings: MixUpSettings): readonly string[] {
  const looked = new Map(
    counted.flatMap((c) => (c.answer === null ? [[`${c.sitting}/${c.truth}`, c.students]] : [])),
  );
  return [
    ...new Set(
      counted.flatMap((c) =>
        c.answer !== null &&
        c.students >= classThreshold(looked.get(`${c.sitting}/${c.truth}`) ?? 0, settings)
          ? [c.truth]
          : [],
      ),
    ),
  ];
}

/** The section's graded sittings in the order they were held, with who looked at what and wrote what. */
async function sectionSittings(
  tx: Sql,
  ws: string,
  section: string,
  settings: MixUpSettings,
  asksOfLessons: boolean,
): Promise<readonly SectionSitting[]> {
  const sittings = await tx.query<{
    id: string;
    on_date: string;
    returned_on: string | null;
    students: number;
  }>(
    `select s.id, s.on_date, (s.returned_at at time zone coalesce(si.tz, 'UTC'))::date as returned_on,
       (select count(distinct c.student) from cell_student c where c.ws = s.ws and c.sitting = s.id)::integer as students
     from sitting s join section sec on sec.ws = s.ws and sec.id = s.section join site si on si.ws = sec.ws and si.id = sec.site
     where s.ws = $1 and s.section = $2 and exists (select 1 from cell_student c where c.ws = s.ws and c.sitting = s.id)
     order by s.on_date, s.id`,
    [ws, section],
  );
  const looked = await tx.query<Counted>(
    `select sitting, truth, null as answer, count(distinct student)::integer as students from cell_student
     where ws = $1 and section = $2 group by sitting, truth
     union all
     select sitting, truth, answer, count(distinct student)::integer from cell_student
     where ws = $1 and section = $2 and named = 'other' group by sitting, truth, answer`,
    [ws, section],
  );
  const fresh = asksOfLessons ? await freshLooks(tx, ws, section, mixedUpTruths(looked, settings)) : [];
  return sittings.map((s, i): SectionSitting => {
    const own = looked.filter((l) => l.sitting === s.id);
    return {
      seq: i + 1,
      on: s.on_date,
      returnedOn: s.returned_on,
      students: s.students,
      lookedAt: new Map(own.flatMap((l) => (l.answer === null ? [[l.truth, l.students] as const] : []))),
      wrote: new Map(
        own.flatMap((l) => (l.answer === null ? [] : [[`${l.truth}/${l.answer}`, l.students] as const])),
      ),
      fresh: freshOf(fresh, s.id),
    };
  });
}

const readRetaught = (sql: Sql, ws: string, section: string): Promise<readonly RetaughtPair[]> =>
  sql.query<RetaughtPair>(
    `select i.taxon as a, i.other as b, l.on_date as "on" from lesson l join lesson_item i on i.ws = l.ws and i.lesson = l.id
     where l.ws = $1 and l.section = $2 and l.kind = 'retaught' and i.other is not null order by l.on_date`,
    [ws, section],
  );

const flaggedPairs = async (sql: Sql, ws: string, section: string): Promise<ReadonlySet<string>> =>
  new Set((await flagsNow(sql, ws, section)).flatMap((f) => (f.flagged ? [`${f.truth}/${f.answer}`] : [])));

/** What followed each lesson on a pair of a section, in one direction. */
export async function effectsOf(
  sql: Sql,
  ws: string,
  section: string,
  truth: string,
  answer: string,
): Promise<ReturnType<typeof effectsOn>> {
  const lessons = await readRetaught(sql, ws, section);
  const isOn = (l: RetaughtPair): boolean =>
    (l.a === truth && l.b === answer) || (l.a === answer && l.b === truth);
  if (!lessons.some(isOn)) return [];
  const settings = await mixUpSettings(sql, ws);
  const sittings = await sectionSittings(sql, ws, section, settings, true);
  const flagged = await flaggedPairs(sql, ws, section);
  return effectsOn(truth, answer, sittings, lessons, { settings, flagged });
}

/** How the mix-ups of a section stood under some settings, given what is more than slips. */
export async function statesUnder(
  tx: Sql,
  ws: string,
  section: string,
  settings: MixUpSettings,
  flagged: ReadonlySet<string>,
): Promise<readonly PairInterval[]> {
  const lessons = await readRetaught(tx, ws, section);
  const sittings = await sectionSittings(tx, ws, section, settings, lessons.length > 0);
  return pairStates(sittings, lessons, { settings, flagged });
}

async function writePairStates(tx: Sql, ws: string, section: string, settings: MixUpSettings): Promise<void> {
  const states = await statesUnder(tx, ws, section, settings, await flaggedPairs(tx, ws, section));
  await tx.query('delete from pair_state where ws = $1 and section = $2', [ws, section]);
  await insertRows(
    tx,
    'pair_state',
    states.map((p) => ({
      ws,
      section,
      a: p.a,
      b: p.b,
      from_seq: p.fromSeq,
      to_seq: p.toSeq,
      state: p.state,
      evidence: { k: p.k, n: p.n },
    })),
  );
}

/**
 * Works out which pairs of a section are more than slips and how they stand, from sums that are right already.
 * @param regraded sittings whose answers may count otherwise; null for all of them.
 */
export async function countPairs(
  tx: Sql,
  ws: string,
  section: string,
  regraded: readonly string[] | null,
): Promise<void> {
  const settings = await mixUpSettings(tx, ws);
  await countFlags(tx, ws, section, regraded, settings);
  await writePairStates(tx, ws, section, settings);
}
