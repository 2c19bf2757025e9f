import type { MixUpRow, PairState, TaxonHeader } from '@hurrow/contract';
import { FLAGS, SMALLEST_CLASS, testPairs } from '@hurrow/core/mixups';
import type { MixUpSettings, PairTest } from '@hurrow/core/mixups';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { readHeaders } from '../library/index.ts';
import { flagsKept, mixUpSettings } from '../sums/index.ts';
import { retestPairs } from './retest.ts';
import { keptWhole, readAgain } from './keptRows.ts';
import { readExposure, readFlaggedIn, readLooked, readRows, readTotals } from './rows.ts';
import type { BoardScope, Row, Total } from './boardTypes.ts';
import { readTagDoubts } from './tags.ts';
import type { TagDoubt } from './tags.ts';

/** A pair against slips; of several classes, in how many of them it is more. */
export interface BoardTest extends Pick<PairTest, 'expected' | 'times' | 'p' | 'q' | 'flagged'> {
  readonly classes: number | null;
}

/** All that a board is made from. */
export interface Background {
  readonly scope: BoardScope;
  readonly settings: MixUpSettings;
  readonly rows: readonly Row[];
  readonly totals: readonly Total[];
  /** Looks and students of what is chosen. */
  readonly total: { readonly looks: number; readonly students: number };
  readonly small: boolean;
  /** Students who looked at each species. */
  readonly looked: ReadonlyMap<string, number>;
  /** What is more than slips, by `truth/answer`; and whether it is as results were returned. */
  readonly tests: ReadonlyMap<string, BoardTest>;
  readonly flagsFrom: 'returns' | 'chosen';
  readonly headers: ReadonlyMap<string, TaxonHeader>;
  /** How each mix-up stands now, by `truth/answer`; nothing of several classes together. */
  readonly states: ReadonlyMap<string, { readonly state: PairState; readonly since: string | null }>;
  readonly next: ReadonlyMap<string, NonNullable<MixUpRow['next']>>;
  readonly again: ReadonlyMap<string, { readonly k: number; readonly n: number }>;
  /** Pairs that are to be asked again, as `truth/answer`. */
  readonly retest: ReadonlySet<string>;
  readonly doubts: ReadonlyMap<string, TagDoubt>;
  /** The character that the newest fit of the class holds most of a pair's wrong answers against; of several classes none. */
  readonly fitted: ReadonlyMap<string, string>;
}

/** By how many wrong answers a character must be behind a pair to be named for it. */
const BEHIND = 1;

async function readFitted(sql: Sql, ws: string, sections: readonly string[]): Promise<Background['fitted']> {
  const [only] = sections;
  if (only === undefined || sections.length > 1) return new Map();
  const rows = await sql.query<{ pair: string; character: string }>(
    `select distinct on (pair) p ->> 'truth' || '/' || (p ->> 'named') as pair, r.character
     from (select id from miss_fit where ws = $1 and section = $2 order by at desc, id desc limit 1) f
     join miss_rate r on r.ws = $1 and r.fit = f.id cross join lateral jsonb_array_elements(r.pairs) p
     where (p ->> 'avoided')::double precision >= $3
     order by pair, (p ->> 'avoided')::double precision desc, r.m desc, r.character`,
    [ws, only, BEHIND],
  );
  return new Map(rows.map((r) => [r.pair, r.character]));
}

async function readStates(sql: Sql, ws: string, sections: readonly string[]): Promise<Background['states']> {
  const [only] = sections;
  if (only === undefined || sections.length > 1) return new Map();
  const rows = await readMany<{ a: string; b: string; state: PairState; since: string | null }>(
    sql,
    `with held as (
       select s.on_date, row_number() over (order by s.on_date, s.id) as seq from sitting s
       where s.ws = $1 and s.section = $2 and exists (select 1 from look l where l.ws = s.ws and l.sitting = s.id))
     select p.a, p.b, p.state, h.on_date as since from pair_state p left join held h on h.seq = p.from_seq
     where p.ws = $1 and p.section = $2 and p.to_seq is null`,
    [ws, only],
  );
  return new Map(rows.map((r) => [`${r.a}/${r.b}`, { state: r.state, since: r.since }]));
}

/** The next sitting of the classes that asks each species, by what its trees are now. */
async function readNext(sql: Sql, ws: string, sections: readonly string[]): Promise<Background['next']> {
  const rows = await sql.query<{ taxon: string; sitting: string; quiz: string; on: string }>(
    `select distinct on (taxon) taxon, sitting, quiz, "on" from (
       select coalesce((select d.taxon from determination d where d.ws = st.ws and d.individual = coalesce(ss.swapped_individual, st.individual)
           order by d.seq desc limit 1), st.taxon) as taxon, s.id as sitting, q.name as quiz, s.on_date as "on"
       from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz
       join sitting_station ss on ss.ws = s.ws and ss.sitting = s.id join station st on st.ws = ss.ws and st.id = ss.station
       where s.ws = $1 and s.section = any($2::uuid[]) and s.state in ('draft', 'locked', 'open')) x
     where taxon is not null order by taxon, "on", sitting`,
    [ws, sections],
  );
  return new Map(rows.map(({ taxon, ...n }) => [taxon, n]));
}

/** Everything of the classes: no days, no material, no form of answer chosen. */
const isAll = ({ from, to, material, form }: BoardScope): boolean =>
  from === null && to === null && material === null && form === null;
const isWhole = (scope: BoardScope): boolean => scope.sections.length === 1 && isAll(scope);

const named = (tests: readonly PairTest[]): ReadonlyMap<string, BoardTest> =>
  new Map(tests.map((t) => [`${t.truth}/${t.answer}`, { ...t, classes: null }]));

/** Tests by the rows they are of, which stay the same object for as long as their board is not written again. */
const tested = new WeakMap<readonly Row[], Map<string, readonly PairTest[]>>();

/** The test of what is chosen of one class, worked out now. */
async function testNow(
  sql: Sql,
  ws: string,
  scope: BoardScope,
  rows: readonly Row[],
  settings: MixUpSettings,
): Promise<readonly PairTest[]> {
  const members = await sql.query<{ taxon: string }>(
    `select distinct m.taxon from section s join list_member m on m.ws = s.ws and m.list = s.list
     where s.ws = $1 and s.id = any($2::uuid[])`,
    [ws, scope.sections],
  );
  const names = members.map((m) => m.taxon);
  const by = JSON.stringify([settings, [...names].sort()]);
  const had = tested.get(rows)?.get(by);
  if (had) return had;
  const exposures = new Map<string, Map<number, number>>();
  for (const e of await readExposure(sql, ws, scope)) {
    const of = exposures.get(e.truth) ?? new Map<number, number>();
    exposures.set(e.truth, of.set(e.looks, e.students));
  }
  const observed = rows.flatMap(({ named: n, truth, answer, students, looks }) =>
    n === 'other' && answer !== null ? [{ truth, answer, students, looks }] : [],
  );
  const tests = testPairs({ exposures, observed }, names, { ...settings, lowest: FLAGS.lowest });
  tested.set(rows, new Map([...(tested.get(rows) ?? []), [by, tests]]));
  return tests;
}

/** What is more than slips: of several classes in each of them, of one as results were returned or worked out now. */
async function testsOf(
  sql: Sql,
  ws: string,
  scope: BoardScope,
  rows: readonly Row[],
  settings: MixUpSettings,
  small: boolean,
): Promise<Pick<Background, 'tests' | 'flagsFrom'>> {
  if (scope.sections.length > 1) {
    const found = await readFlaggedIn(sql, ws, scope.sections);
    const tests = found.map((f): [string, BoardTest] => [
      `${f.truth}/${f.answer}`,
      {
        expected: f.expected,
        times: (f.observed + 1) / (f.expected + 1),
        p: f.p,
        q: f.q,
        flagged: f.classes > 0,
        classes: f.classes,
      },
    ]);
    return { tests: new Map(tests), flagsFrom: 'returns' };
  }
  const kept = isWhole(scope) ? await flagsKept(sql, ws, scope.sections[0] ?? '') : null;
  if (kept !== null) return { tests: named(kept), flagsFrom: 'returns' };
  return { tests: named(small ? [] : await testNow(sql, ws, scope, rows, settings)), flagsFrom: 'chosen' };
}

/** Reads what a board is made from: sums kept by writes, and where less than a class is chosen, the looks. */
export async function background(sql: Sql, ws: string, scope: BoardScope): Promise<Background> {
  const settings = await mixUpSettings(sql, ws);
  const { rows, again } = isAll(scope)
    ? await keptWhole(sql, ws, scope)
    : { rows: await readRows(sql, ws, scope), again: await readAgain(sql, ws, scope.sections) };
  const totals = await readTotals(sql, ws, scope);
  const total = totals.find((t) => t.material_class === scope.material && t.form === scope.form);
  const small = (total?.students ?? 0) < SMALLEST_CLASS;
  const taxa = new Set(rows.flatMap((r) => (r.answer === null ? [r.truth] : [r.truth, r.answer])));
  return {
    scope,
    settings,
    rows,
    totals,
    total: { looks: total?.looks ?? 0, students: total?.students ?? 0 },
    small,
    looked: await readLooked(sql, ws, scope),
    ...(await testsOf(sql, ws, scope, rows, settings, small)),
    headers: await readHeaders(sql, ws, [...taxa]),
    states: await readStates(sql, ws, scope.sections),
    next: await readNext(sql, ws, scope.sections),
    again,
    retest: await retestPairs(sql, ws, scope.sections),
    doubts: await readTagDoubts(sql, ws, scope.sections, rows),
    fitted: await readFitted(sql, ws, scope.sections),
  };
}
