import { afterAll, beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Dispute, SittingDetail, WalkSitting } from '@hurrow/contract';
import { countedOf } from '@hurrow/core/answers';
import type { Candidate } from '@hurrow/core/answers';
import { flagsAfter, moreThanSlips } from '@hurrow/core/mixups';
import type { PairFlag, StudentAt } from '@hurrow/core/mixups';
import { answersInMemory } from '../answers/index.ts';
import { restoreBackup, writeBackup } from '../backup/index.ts';
import type { Database } from '../db/index.ts';
import { answersFor, id, joinWalk, moveSitting, openEmpty, openTestApp, send, WS } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

/** A section large enough for mix-ups to be the class's. */
const STUDENTS = Array.from({ length: 22 }, (_, i) => `3${String(i).padStart(2, '0')}`);
const NAMES = [
  'grand fir',
  'subalpine fir',
  'limber pine',
  'whitebark pine',
  'grand fri',
  'no such tree',
  '',
] as const;
const TREES = ['tree-a', 'tree-b', 'tree-c', 'tree-d'] as const;

type Step =
  | {
      readonly do: 'answer';
      readonly who: number;
      readonly phone: number;
      readonly station: number;
      readonly name: number;
    }
  | {
      readonly do: 'sheet';
      readonly who: number;
      readonly station: number;
      readonly name: number;
      readonly correction: boolean;
    }
  | { readonly do: 'close' | 'grade' | 'return' | 'revise' | 'reopen' }
  | { readonly do: 'decide'; readonly which: number; readonly decision: 'count' | 'keep' | 'drop' }
  | { readonly do: 'swap'; readonly station: number; readonly tree: number }
  | { readonly do: 'identify'; readonly tree: number; readonly taxon: number }
  | { readonly do: 'rule'; readonly name: number; readonly taxon: number }
  | { readonly do: 'merge'; readonly who: number; readonly other: number }
  | { readonly do: 'unmerge'; readonly which: number }
  | { readonly do: 'erase'; readonly who: number };

const who = fc.nat(STUDENTS.length - 1);
const station = fc.integer({ min: 1, max: 4 });
const name = fc.nat(NAMES.length - 1);
const step: fc.Arbitrary<Step> = fc.oneof(
  {
    weight: 10,
    arbitrary: fc.record({ do: fc.constant('answer' as const), who, phone: fc.nat(1), station, name }),
  },
  {
    weight: 3,
    arbitrary: fc.record({ do: fc.constant('sheet' as const), who, station, name, correction: fc.boolean() }),
  },
  {
    weight: 6,
    arbitrary: fc.record({ do: fc.constantFrom('close', 'grade', 'return', 'revise', 'reopen') }),
  },
  {
    weight: 3,
    arbitrary: fc.record({
      do: fc.constant('decide' as const),
      which: fc.nat(9),
      decision: fc.constantFrom('count', 'keep', 'drop'),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      do: fc.constant('swap' as const),
      station: fc.integer({ min: 0, max: 3 }),
      tree: fc.nat(3),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ do: fc.constant('identify' as const), tree: fc.nat(3), taxon: fc.nat(2) }),
  },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('rule' as const), name, taxon: fc.nat(2) }) },
  { weight: 2, arbitrary: fc.record({ do: fc.constant('merge' as const), who, other: who }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('unmerge' as const), which: fc.nat(5) }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('erase' as const), who }) },
);

interface Played {
  readonly owner: Client;
  readonly sitting: string;
  readonly phones: Map<string, { phone: Client; walk: WalkSitting }>;
  readonly code: string;
  seq: number;
}

const DAY = 24 * 60 * 60 * 1000;

let app: TestApp;
let owner: Client;
let section: string;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const made = await owner.call<{ id: string }>('POST', '/api/sections', {
    name: 'Large lab',
    term: 'now',
    list: id('list'),
    site: id('site'),
    students: STUDENTS.map((code) => ({ code })),
  });
  section = made.body.id;
});
afterAll(() => app.close());

async function open(on: string): Promise<Played> {
  const made = await owner.call<SittingDetail>('POST', `/api/quizzes/${id('quiz')}/sittings`, {
    section,
    on,
  });
  const opened = await owner.call<{ code: string }>(
    'POST',
    `/api/sittings/${made.body.id}/state`,
    { to: 'open' },
    { version: made.body.version },
  );
  return { owner, sitting: made.body.id, code: opened.body.code, phones: new Map(), seq: 0 };
}

async function phoneOf(
  p: Played,
  student: string,
  n: number,
): Promise<{ phone: Client; walk: WalkSitting } | null> {
  const key = `${student}/${n}`;
  const had = p.phones.get(key);
  if (had) return had;
  const made = await joinWalk(app, p.code, student).catch(() => null);
  if (made) p.phones.set(key, made);
  return made;
}

const refusedFine = (status: number): void => {
  if (status >= 500) throw new Error(`A step failed with ${status}`);
};

/** Does one step; a refusal is fine, a fault is not. */
async function take(p: Played, s: Step): Promise<void> {
  const at = `/api/sittings/${p.sitting}`;
  const taxa = ['grandis', 'lasiocarpa', 'flexilis'];
  switch (s.do) {
    case 'answer': {
      const had = await phoneOf(p, STUDENTS[s.who] ?? '', s.phone);
      if (!had) return;
      p.seq += 1;
      const given = { call: 'none', name: NAMES[s.name] ?? '', sure: 'sure' } as const;
      return refusedFine((await send(had.phone, answersFor(had.walk, s.station, given, p.seq))).status);
    }
    case 'sheet': {
      const student = await app.db.query<{ id: string }>('select id from student where code = $1', [
        STUDENTS[s.who],
      ]);
      const sheet = `${at}/sheets/${student[0]?.id ?? id('nobody')}`;
      const read = await p.owner.call<{
        asks?: { kind: string; number: number; ask: string; sittingStation: string }[];
      }>('GET', sheet);
      const ask = read.body.asks?.find((a) => a.kind === 'common' && a.number === s.station);
      if (!ask) return;
      p.seq += 1;
      const answer = {
        id: `00000000-0000-4000-8000-${p.sitting.slice(-6)}${String(p.seq).padStart(6, '0')}`,
        sittingStation: ask.sittingStation,
        ask: ask.ask,
        typed: NAMES[s.name],
        correction: s.correction,
      };
      return refusedFine((await p.owner.call('POST', sheet, { answers: [answer] })).status);
    }
    case 'close':
    case 'reopen':
    case 'return':
      return moveSitting(
        p.owner,
        p.sitting,
        { close: 'closed', reopen: 'open', return: 'returned' }[s.do],
      ).catch(() => undefined);
    case 'grade':
      return refusedFine((await p.owner.call('POST', `${at}/grading-runs`)).status);
    case 'revise':
      return refusedFine(
        (await p.owner.call('POST', `${at}/key-revisions`, { stations: null, why: 'As it is now.' })).status,
      );
    case 'decide': {
      const all = (await p.owner.call<Dispute[]>('GET', `${at}/disputes`)).body;
      const one = all[s.which % Math.max(1, all.length)];
      if (!one) return;
      return refusedFine(
        (await p.owner.call('POST', `${at}/dispute-decisions`, { disputes: [one.id], decision: s.decision }))
          .status,
      );
    }
    case 'swap': {
      const there = (await p.owner.call<SittingDetail>('GET', at)).body.stations[s.station];
      if (!there) return;
      const body = {
        distance: there.distance,
        material: there.material,
        individual: id(TREES[s.tree] ?? ''),
      };
      return refusedFine(
        (await p.owner.call('PUT', `/api/sitting-stations/${there.id}`, body, { version: there.version }))
          .status,
      );
    }
    case 'identify':
      await app.db.query(
        `insert into determination (ws, id, individual, taxon, sureness) values ($1, gen_random_uuid(), $2, $3, 'sure')`,
        [WS, id(TREES[s.tree] ?? ''), id(taxa[s.taxon] ?? '')],
      );
      return;
    case 'rule': {
      const body = {
        typed: NAMES[s.name] || 'no such tree',
        taxon: id(taxa[s.taxon] ?? ''),
        outcome: 'exact',
      };
      return refusedFine((await p.owner.call('PUT', `${at}/name-rulings`, body)).status);
    }
    case 'merge': {
      const pair = await app.db.query<{ id: string }>('select id from student where code = any($1)', [
        [STUDENTS[s.who], STUDENTS[s.other]],
      ]);
      const [one, other] = pair;
      if (!one || !other) return;
      return refusedFine(
        (await p.owner.call('POST', `/api/students/${one.id}/person`, { other: other.id })).status,
      );
    }
    case 'unmerge': {
      const merges = await app.db.query<{ id: string }>(
        'select id from person_merge where undone_at is null',
      );
      const one = merges[s.which % Math.max(1, merges.length)];
      if (one) refusedFine((await p.owner.call('DELETE', `/api/person-merges/${one.id}`)).status);
      return;
    }
    case 'erase': {
      const [student] = await app.db.query<{ id: string }>('select id from student where code = $1', [
        STUDENTS[s.who],
      ]);
      if (student) refusedFine((await p.owner.call('DELETE', `/api/students/${student.id}`)).status);
    }
  }
}

/** What is kept, each table in one order, without what a restore makes again. */
async function kept(db: Database, wanted: string): Promise<Record<string, unknown>> {
  const rows = async (sql: string): Promise<unknown> => db.query(sql, [wanted]);
  return {
    cell: await rows(
      `select sitting, material_class, form, truth, named, answer, looks, students, guesses, called, misread, listed from cell where section = $1 order by 1,2,3,4,5,6`,
    ),
    cell_student: await rows(
      `select sitting, student, truth, named, answer, looks, fresh from cell_student where section = $1 order by 1,2,3,4,5`,
    ),
    cell_section: await rows(
      `select material_class, form, truth, named, answer, looks, students from cell_section where section = $1 order by 1,2,3,4,5`,
    ),
    exposure: await rows(
      `select material_class, form, truth, looks, students from exposure where section = $1 order by 1,2,3,4`,
    ),
    days: await rows(`select truth, days, students from look_days where section = $1 order by 1,2`),
    total: await rows(
      `select material_class, form, looks, students from section_looks where section = $1 order by 1,2`,
    ),
    pairs: await rows(
      `select student, a, b, first_on, chances, repeats, clean, resolved from student_pair where section = $1 order by 1,2,3`,
    ),
    met: await rows(
      `select sitting_station, student from look where section = $1 and met_before order by 1, 2`,
    ),
    flags: (
      await db.query<PairFlag & { seq: number; sitting: string }>(
        `select f.*, r.sitting from pair_flag f join flag_return r on r.ws = f.ws and r.section = f.section and r.seq = f.seq
         where f.section = $1`,
        [wanted],
      )
    )
      .map(
        (f) =>
          `${f.seq} ${f.sitting} ${f.truth} ${f.answer} ${f.observed} ${f.flagged ? 'flagged' : ''} ${f.q.toFixed(6)} ${f.weak}`,
      )
      .sort(),
  };
}

interface RawLook {
  readonly sitting: string;
  readonly student: string;
  readonly truth: string;
  readonly named: string;
  readonly taxon: string | null;
}

/** What is more than slips after each return, from the looks alone, return by return. */
function flagsFrom(
  looks: readonly RawLook[],
  returns: readonly string[],
  names: readonly string[],
): readonly string[] {
  let before: readonly PairFlag[] = [];
  return returns.flatMap((sitting, i) => {
    const upTo = looks.filter((l) => returns.slice(0, i + 1).includes(l.sitting));
    const rows = [...new Set(upTo.map((l) => `${l.student}/${l.truth}`))].map((key): StudentAt => {
      const [student = '', truth = ''] = key.split('/');
      const own = upTo.filter((l) => l.student === student && l.truth === truth);
      const others = own.flatMap((l) => (l.named === 'other' && l.taxon !== null ? [l.taxon] : []));
      return {
        student,
        truth,
        looks: own.length,
        wrote: new Map(others.map((o) => [o, others.filter((x) => x === o).length])),
      };
    });
    const isSmall = new Set(upTo.map((l) => l.student)).size < 10;
    before = flagsAfter(before, isSmall ? [] : moreThanSlips(rows, names)).filter(
      (f) => f.flagged || f.observed >= 2,
    );
    return before
      .map(
        (f) =>
          `${i + 1} ${sitting} ${f.truth} ${f.answer} ${f.observed} ${f.flagged ? 'flagged' : ''} ${f.q.toFixed(6)} ${f.weak}`,
      )
      .sort();
  });
}

/** Who is one person: groups grow by each merge until nothing changes, written without the view. */
const PERSON = `pairs as (
     select a.id as one, b.id as other from person_merge m join student a on a.person = m.a join student b on b.person = m.b
     where m.undone_at is null),
   near as (select one, other from pairs union select other, one from pairs union select id, id from student),
   two as (select distinct x.one, y.other from near x join near y on y.one = x.other),
   four as (select distinct x.one, y.other from two x join two y on y.one = x.other),
   eight as (select distinct x.one, y.other from four x join four y on y.one = x.other),
   person as (select distinct x.one, y.other from eight x join eight y on y.one = x.other)`;

/** Every look with whether its tree was met before, and the day its results were returned. */
const SEEN = `${PERSON},
   seen as materialized (
     select l.*, (s.returned_at at time zone coalesce(si.tz, 'UTC'))::date as returned_on,
       exists (select 1 from looks e join person p on p.one = l.student and p.other = e.student
         where e.individual = l.individual and (e.on_date < l.on_date or (e.on_date = l.on_date and e.sitting < l.sitting))) as met
     from looks l join sitting s on s.id = l.sitting join section sec on sec.id = s.section join site si on si.id = sec.site)`;

/**
 * The same counted again from the answers and the grades alone: who took part, what the newest run says of each of their
 * answers that counts, by the station keys it went by. Written another way than the application counts.
 */
async function recounted(db: Database, wanted: string): Promise<Record<string, unknown>> {
  const look = `with newest as (
      select distinct on (g.sitting) g.id as run, g.sitting, s.section, s.on_date, k.list_rev from grading_run g
      join sitting s on s.id = g.sitting join sitting_key k on k.sitting = g.sitting and k.rev = g.key_rev
      where s.section = $1 order by g.sitting, g.seq desc),
    answered as (
      select n.run, t.sitting, t.student, r.sitting_station, r.id as response, r.value, a.kind as ask, g.outcome, g.taxon
      from newest n join run_grade g on g.run = n.run join response r on r.id = g.response
      join attempt t on t.id = r.attempt join ask a on a.id = r.ask),
    sure as (
      select t.sitting, t.student, r.sitting_station, r.value ->> 'sure' as sure, r.id as response from newest n
      join attempt t on t.sitting = n.sitting join response r on r.attempt = t.id join ask a on a.id = r.ask
      where a.kind = 'sureness' and r.value ->> 'kind' = 'sureness'),
    part as (
      select sitting, student from answered union select sitting, student from sure
      union select t.sitting, t.student from attempt t join newest n on n.sitting = t.sitting where t.submitted_at is not null),
    look as (
      select n.section, n.sitting, n.on_date, n.list_rev, p.student, rk.sitting_station, k.individual, k.taxon as truth,
        case when 'tree' = any(ss.material) or 'bark' = any(ss.material) or 'litter' = any(ss.material) then 'standing'
          else 'cut' end as material_class,
        case when x.outcome is null or x.outcome = 'blank' then 'blank'
          when x.outcome in ('exact', 'abbreviated', 'misspelled', 'synonym', 'older_family', 'shared_common') then 'right'
          when x.outcome = 'genus_only' then 'genus_only' when x.outcome = 'cannot_tell' then 'cannot_tell'
          when x.outcome = 'other_species' then 'other' else 'unlisted' end as named,
        x.taxon
      from newest n join part p on p.sitting = n.sitting join run_key rk on rk.run = n.run
      join station_key k on k.sitting_station = rk.sitting_station and k.rev = rk.rev
      join sitting_station ss on ss.id = rk.sitting_station
      left join answered x on x.run = n.run and x.student = p.student and x.sitting_station = rk.sitting_station and x.ask = 'common'),
    -- What was called before a name is taken from the looks; everything else is found again from the answers.
    looks as (
      select *, (select o.calls from public.look o where o.sitting_station = look.sitting_station and o.student = look.student) as calls, case named when 'right' then truth when 'other' then taxon end as answer, 'typed' as form from look)`;
  const rows = (sql: string): Promise<unknown> => db.query(`${look} ${sql}`, [wanted]);
  /** Over each class of material and form of answer, and over all of either. */
  const each = (of: (material: string, form: string) => string, order: string): Promise<unknown> => {
    const levels = ['material_class', 'null::text'].flatMap((m) =>
      ['form', 'null::text'].map((f) => of(m, f)),
    );
    return rows(`, ${SEEN} select * from (${levels.join(' union all ')}) x order by ${order}`);
  };
  const returns = await db.query<{ id: string }>(
    `select id from sitting where section = $1 and state = 'returned' order by returned_at, id`,
    [wanted],
  );
  const names = await db.query<{ taxon: string }>(
    'select m.taxon from section s join list_member m on m.list = s.list where s.id = $1',
    [wanted],
  );
  return {
    flags: [
      ...flagsFrom(
        (await rows('select sitting, student, truth, named, taxon from looks')) as readonly RawLook[],
        returns.map((r) => r.id),
        names.map((n) => n.taxon),
      ),
    ].sort(),
    cell: await rows(
      `select l.sitting, material_class, form, truth, named, answer, count(*) as looks, count(distinct student) as students,
         0 as guesses, (count(*) filter (where calls <> '[]'))::integer as called,
         (count(*) filter (where exists (select 1 from jsonb_array_elements(calls) c where c ->> 'outcome' = 'wrong')))::integer as misread, case when answer is null then null
           when bool_or(exists (select 1 from sitting_taxon t where t.sitting = l.sitting and t.rev = l.list_rev and t.taxon = l.answer and t.taught))
           then (select count(distinct o.student) from looks o where o.sitting = l.sitting and o.truth = l.truth and o.material_class = l.material_class)
           else 0 end as listed
       from looks l group by l.sitting, material_class, form, truth, named, answer order by 1,2,3,4,5,6`,
    ),
    cell_student: await rows(
      `, ${SEEN} select sitting, student, truth, named, answer, count(*) as looks, (count(*) filter (where not met))::integer as fresh
       from seen group by 1,2,3,4,5 order by 1,2,3,4,5`,
    ),
    cell_section: await each(
      (m, f) =>
        `select ${m} as material_class, ${f} as form, truth, named, answer, count(*)::integer as looks, count(distinct student)::integer as students from seen group by 1,2,3,4,5`,
      '1,2,3,4,5',
    ),
    exposure: await each(
      (m, f) =>
        `select material_class, form, truth, n as looks, count(*)::integer as students from (
           select ${m} as material_class, ${f} as form, truth, student, count(*)::integer as n from seen group by 1,2,3,4) x group by 1,2,3,4`,
      '1,2,3,4',
    ),
    days: await rows(
      `select truth, days, count(*)::integer as students from (
         select distinct student, truth, array(
           select distinct o.on_date from looks o where o.student = l.student and o.truth = l.truth order by 1) as days from looks l
         union all
         select distinct student, null::uuid, array(select distinct o.on_date from looks o where o.student = l.student order by 1) from looks l) d
       group by truth, days order by 1, 2`,
    ),
    total: await each(
      (m, f) =>
        `select ${m} as material_class, ${f} as form, count(*)::integer as looks, count(distinct student)::integer as students
         from seen group by 1,2`,
      '1,2',
    ),
    pairs: await rows(
      // Each student's pairs with the looks after results with the mix-up were returned, look by look.
      `, ${SEEN}, made as (
         select student, least(truth, answer) as a, greatest(truth, answer) as b, on_date, returned_on from seen where named = 'other'),
       pair as (select student, a, b, min(on_date) as first_on, max(on_date) as last_on, min(returned_on) as known from made group by 1,2,3),
       at as (
         select p.*, l.on_date, l.met, l.named = 'other' and l.answer in (p.a, p.b) as again, l.named = 'right' as right,
           (select min(m.returned_on) from made m where m.student = p.student and m.a = p.a and m.b = p.b and m.on_date < l.on_date) as knew
         from pair p join seen l on l.student = p.student and l.truth in (p.a, p.b))
       select student, a, b, first_on, (count(*) filter (where knew < on_date and not met))::integer as chances,
         (count(*) filter (where knew < on_date and not met and again))::integer as repeats,
         (count(distinct on_date) filter (where "right" and not met and on_date > last_on))::integer as clean,
         count(distinct on_date) filter (where "right" and not met and on_date > last_on) >= 3 as resolved
       from at group by student, a, b, first_on order by 1,2,3`,
    ),
    met: await rows(
      `, ${PERSON}
       select l.sitting_station, l.student from looks l where exists (select 1 from looks e join person p on p.one = l.student and p.other = e.student
         where e.individual = l.individual and (e.on_date < l.on_date or (e.on_date = l.on_date and e.sitting < l.sitting))) order by 1, 2`,
    ),
  };
}

interface Slot extends Candidate {
  readonly slot: string;
}

/** The answer that counts at each question, by the rule in core, and by the view. */
async function countedBoth(db: Database): Promise<readonly [unknown, unknown]> {
  const all = await db.query<Slot & { state: string | null; decided: string | null }>(
    `select r.id, t.origin, r.precedence, t.takeover, r.seq, r.received_at as "receivedAt", d.state, d.decided_at as decided,
       t.sitting || '/' || t.student || '/' || r.sitting_station || '/' || r.ask as slot
     from response r join attempt t on t.id = r.attempt left join answer_dispute d on d.response = r.id`,
  );
  const slots = new Map<string, Slot[]>();
  for (const { state, decided, ...r } of all) {
    const dispute = state === null ? null : { state: state as 'open', decidedAt: decided };
    slots.set(r.slot, [...(slots.get(r.slot) ?? []), { ...r, dispute }]);
  }
  const byRule = [...slots].flatMap(([slot, answers]) => {
    const one = countedOf(answers);
    return one ? [`${slot} ${one.id}`] : [];
  });
  const byView = await db.query<{ line: string }>(
    `select sitting || '/' || student || '/' || sitting_station || '/' || ask || ' ' || response as line from counted_answer`,
  );
  return [byRule.sort(), byView.map((r) => r.line).sort()];
}

test('whatever happens to sittings, what is kept of a section equals a recount from its answers and grades', async () => {
  let day = 0;
  await fc.assert(
    fc.asyncProperty(fc.array(step, { minLength: 25, maxLength: 45 }), async (steps) => {
      day += 1;
      // Two days from one sitting to the next, so that results are returned before the next is held.
      if (day > 1) app.later(2 * DAY);
      owner = await app.owner();
      const p = await open(`2026-10-${String(2 * day - 1).padStart(2, '0')}`);
      // A class that took part, so that there is something to count.
      for (const [i, code] of STUDENTS.entries()) {
        const had = await phoneOf(p, code, 0);
        if (!had) continue;
        await send(had.phone, answersFor(had.walk, 1, { name: NAMES[i % 2] ?? '', sure: 'leaning' }));
      }
      for (const s of steps) await take(p, s);
      await moveSitting(owner, p.sitting, 'closed').catch(() => undefined);
      refusedFine((await owner.call('POST', `/api/sittings/${p.sitting}/grading-runs`)).status);
      if (day % 2 === 1) await moveSitting(owner, p.sitting, 'returned').catch(() => undefined);
      expect(await kept(app.db, section)).toEqual(await recounted(app.db, section));
      const [byRule, byView] = await countedBoth(app.db);
      expect(byView).toEqual(byRule);
    }),
    // A server gives rows in any order, so most is found there.
    {
      numRuns: Number(process.env['HURROW_HISTORIES'] ?? (app.db.kind === 'pglite' ? 3 : 5)),
      seed: 12,
      endOnFailure: true,
    },
  );
  const states = await app.db.query<{ n: number }>(
    'select count(*)::integer as n from pair_state where section = $1',
    [section],
  );
  expect(states[0]?.n).toBeGreaterThan(0);
  const returns = await app.db.query<{ n: number }>(
    'select count(*)::integer as n from pair_flag f where section = $1',
    [section],
  );
  expect(returns[0]?.n).toBeGreaterThan(0);
  // A restored backup holds the same sums.
  if (app.db.kind !== 'pglite') return;
  const zip = await writeBackup(app.db, app.answers, 'test', '2026-12-01T00:00:00Z');
  const again = await openEmpty();
  try {
    await restoreBackup(again, answersInMemory(), zip, []);
    expect(await kept(again, section)).toEqual(await kept(app.db, section));
    expect(await kept(again, section)).toEqual(await recounted(again, section));
  } finally {
    await again.close();
  }
});
