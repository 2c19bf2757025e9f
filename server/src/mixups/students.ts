import type { MixUpsByStudent, OwnMixUp, StudentMixUp, StudentMixUps, TaxonHeader } from '@hurrow/contract';
import { CLEAN_DAYS, RESOLVED_BY_LUCK, SMALLEST_CLASS, studentPairs } from '@hurrow/core/mixups';
import type { StudentPair } from '@hurrow/core/mixups';
import type { Sql } from '../db/index.ts';
import { readMany } from '../db/index.ts';
import { readHeaders } from '../library/index.ts';
import { readLooks } from './looks.ts';
import type { LookRow } from './looks.ts';

const key = (a: string, b: string): string => `${a}/${b}`;
const both = (a: string, b: string): string => (a < b ? key(a, b) : key(b, a));

/** What is followed of a look from quiz to quiz. */
type FollowedLook = Pick<
  LookRow,
  'student' | 'truth' | 'named' | 'answer' | 'on_date' | 'returned_on' | 'met_before' | 'number'
>;

/** What each student mixed up and how it went on, by `student/a/b` with the two species in the order of their ids. */
export function pairsByStudent(looks: readonly FollowedLook[]): ReadonlyMap<string, StudentPair> {
  const inOrder = [...looks].sort((a, b) => a.on_date.localeCompare(b.on_date) || a.number - b.number);
  const found = studentPairs(
    inOrder.map((l) => ({
      student: l.student,
      truth: l.truth,
      answer: l.answer,
      on: l.on_date,
      returnedOn: l.returned_on,
      fresh: l.met_before ? 0 : 1,
    })),
  );
  return new Map(found.map((p) => [`${p.student}/${key(...p.pair)}`, p]));
}

/** Students who looked at each species, and who wrote each other for it. */
function whoOf(looks: readonly LookRow[]): ReadonlyMap<string, ReadonlySet<string>> {
  const by = new Map<string, Set<string>>();
  const add = (at: string, student: string): void => {
    const had = by.get(at);
    if (had) had.add(student);
    else by.set(at, new Set([student]));
  };
  for (const l of looks) {
    add(l.truth, l.student);
    if (l.named === 'other' && l.answer !== null) add(key(l.truth, l.answer), l.student);
  }
  return by;
}

/** The directed mix-ups of one student, those that came back first, then the most often made. */
function mixUpsOf(
  own: readonly FollowedLook[],
  pairs: ReadonlyMap<string, StudentPair>,
): readonly (Omit<StudentMixUp, 'truth' | 'answer' | 'others'> & {
  readonly truth: string;
  readonly answer: string;
})[] {
  const made = new Map<string, { truth: string; answer: string; k: number }>();
  for (const l of own) {
    if (l.named !== 'other' || l.answer === null) continue;
    const had = made.get(key(l.truth, l.answer)) ?? { truth: l.truth, answer: l.answer, k: 0 };
    made.set(key(l.truth, l.answer), { ...had, k: had.k + 1 });
  }
  return [...made.values()]
    .flatMap(({ truth, answer, k }) => {
      const p = pairs.get(`${own[0]?.student ?? ''}/${both(truth, answer)}`);
      if (!p) return [];
      return [
        {
          truth,
          answer,
          k,
          n: own.filter((l) => l.truth === truth).length,
          first: p.first,
          again: { k: p.repeats, n: p.chances },
          clean: p.clean,
          resolved: p.resolved,
        },
      ];
    })
    .sort((a, b) => Number(a.resolved) - Number(b.resolved) || b.again.k - a.again.k || b.k - a.k);
}

function callsOf(own: readonly LookRow[]): StudentMixUps['calls'] {
  const by = new Map<string, { right: number; wrong: number }>();
  for (const c of own.flatMap((l) => l.calls)) {
    const had = by.get(c.character) ?? { right: 0, wrong: 0 };
    by.set(c.character, {
      right: had.right + (c.outcome === 'right' ? 1 : 0),
      wrong: had.wrong + (c.outcome === 'wrong' ? 1 : 0),
    });
  }
  return [...by]
    .map(([character, n]) => ({ character, ...n }))
    .sort((a, b) => b.wrong - a.wrong || a.character.localeCompare(b.character));
}

const byStudent = <T extends { readonly student: string }>(
  looks: readonly T[],
): ReadonlyMap<string, readonly T[]> => {
  const by = new Map<string, T[]>();
  for (const l of looks) {
    const had = by.get(l.student);
    if (had) had.push(l);
    else by.set(l.student, [l]);
  }
  return by;
};

/** Mix-ups of every student of a class, with how many others made the same; nobody else is named. */
export async function readByStudent(sql: Sql, ws: string, section: string): Promise<MixUpsByStudent> {
  const looks = await readLooks(sql, ws, [section]);
  const pairs = pairsByStudent(looks);
  const who = whoOf(looks);
  const students = byStudent(looks);
  const headers = await readHeaders(sql, ws, [
    ...new Set(looks.flatMap((l) => (l.answer === null ? [l.truth] : [l.truth, l.answer]))),
  ]);
  const isSmall = students.size < SMALLEST_CLASS;
  const others = (truth: string, answer: string): StudentMixUp['others'] =>
    isSmall ? null : { k: (who.get(key(truth, answer))?.size ?? 1) - 1, n: (who.get(truth)?.size ?? 1) - 1 };
  const named = (m: ReturnType<typeof mixUpsOf>[number]): StudentMixUp[] => {
    const [truth, answer] = [headers.get(m.truth), headers.get(m.answer)];
    return truth && answer ? [{ ...m, truth, answer, others: others(m.truth, m.answer) }] : [];
  };
  return {
    students: [...students]
      .flatMap(([id, own]): StudentMixUps[] => {
        const [first] = own;
        if (!first) return [];
        return [
          {
            id,
            code: first.code,
            firstName: first.first_name,
            looks: own.length,
            right: own.filter((l) => l.named === 'right').length,
            mixUps: mixUpsOf(own, pairs).flatMap(named),
            calls: callsOf(own),
          },
        ];
      })
      .sort((a, b) => a.code.length - b.code.length || a.code.localeCompare(b.code, 'en')),
    right: { k: looks.filter((l) => l.named === 'right').length, n: looks.length },
    cleanDays: CLEAN_DAYS,
    luck: RESOLVED_BY_LUCK,
  };
}

const plain = (t: TaxonHeader | undefined): string => t?.common ?? t?.scientific ?? '';

interface ReturnedLook extends FollowedLook {
  readonly sitting: string;
}

/**
 * What was named at each station by the runs whose results students have: a decision made since does not show before it
 * is returned. A name of the tree's own species counts before any other that was written at the station. The answers come
 * first and their grades are looked up one by one, so that a student's results read that student's rows alone.
 */
const readReturned = (
  sql: Sql,
  ws: string,
  section: string,
  student: string | null,
): Promise<readonly ReturnedLook[]> =>
  readMany<ReturnedLook>(
    sql,
    `with returned as materialized (
       select s.id, s.on_date, s.returned_run, (s.returned_at at time zone coalesce(place.tz, 'UTC'))::date::text as returned_on
       from sitting s join section c on c.ws = s.ws and c.id = s.section join site place on place.ws = c.ws and place.id = c.site
       where s.ws = $1 and s.section = $2 and s.state = 'returned'),
     own as materialized (
       select t.student, r.id as response, r.sitting_station, a.ord, s.id as sitting, s.on_date, s.returned_run, s.returned_on
       from returned s join attempt t on t.ws = $1 and t.sitting = s.id and ($3::uuid is null or t.student = $3)
       join response r on r.ws = $1 and r.attempt = t.id
       join ask a on a.ws = $1 and a.id = r.ask and a.kind in ('common', 'scientific', 'either', 'choice'))
     select distinct on (r.student, r.sitting_station) r.student, r.sitting, st.number, k.taxon as truth, r.on_date,
       r.returned_on, coalesce(l.met_before, false) as met_before,
       case when g.outcome = 'other_species' then 'other' when g.outcome = 'blank' then 'blank' when g.taxon = k.taxon then 'right' else 'unlisted' end as named,
       g.taxon as answer
     from own r
     join lateral (select x.outcome, x.taxon from run_grade x where x.ws = $1 and x.run = r.returned_run and x.response = r.response offset 0) g on true
     join run_key rk on rk.ws = $1 and rk.run = r.returned_run and rk.sitting_station = r.sitting_station
     join station_key k on k.ws = $1 and k.sitting_station = rk.sitting_station and k.rev = rk.rev
     join sitting_station ss on ss.ws = $1 and ss.id = r.sitting_station join station st on st.ws = $1 and st.id = ss.station
     left join look l on l.ws = $1 and l.sitting_station = r.sitting_station and l.student = r.student
     order by r.student, r.sitting_station, g.taxon is not distinct from k.taxon desc, g.outcome = 'other_species' desc, r.ord`,
    [ws, section, student],
  );

/**
 * What one student, or all of a class, mixed up, in words for themselves: over returned quizzes, without what is held back.
 * @param student null for all of them.
 * @param isHeld whether a station's answers are still kept from them.
 */
export async function ownMixUps(
  sql: Sql,
  ws: string,
  section: string,
  student: string | null,
  isHeld: (sitting: string) => Promise<ReadonlySet<number>>,
): Promise<(student: string) => readonly OwnMixUp[]> {
  const returned = await readReturned(sql, ws, section, student);
  if (!returned.some((l) => l.named === 'other')) return () => [];
  // A right answer at a station that is held back tells as much as a wrong one, so that every sitting is asked about.
  const sittings = new Set(returned.map((l) => l.sitting));
  const held = new Map<string, ReadonlySet<number>>();
  for (const s of sittings) held.set(s, await isHeld(s));
  const looks = returned.filter((l) => !(held.get(l.sitting)?.has(l.number) ?? false));
  const pairs = pairsByStudent(looks);
  const students = byStudent(looks);
  const headers = await readHeaders(sql, ws, [
    ...new Set(looks.flatMap((l) => (l.named === 'other' && l.answer !== null ? [l.truth, l.answer] : []))),
  ]);
  return (id) =>
    mixUpsOf(students.get(id) ?? [], pairs).map((m) => ({
      wrote: plain(headers.get(m.answer)),
      tree: plain(headers.get(m.truth)),
      k: m.k,
      n: m.n,
      again: m.again,
      clean: m.clean,
      resolved: m.resolved,
    }));
}
