import type { MixUpRow, PairState, TaxonHeader } from '@hurrow/contract';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import { SMALLEST_CLASS } from '@hurrow/core/mixups';
import type { MixUpSettings, PairTest } from '@hurrow/core/mixups';
import type { Sql } from '../db/index.ts';
import { readHeaders, vocabularyToRead } from '../library/index.ts';
import { flagsKept, mixUpSettings } from '../sums/index.ts';
import { allGroups, readGroups } from './groups.ts';
import type { GroupsOf } from './groups.ts';
import { readLooks, readNamedProfiles } from './looks.ts';
import type { LookRow } from './looks.ts';
import { retestPairs } from './retest.ts';

/** Which answers a board is made of. */
export interface BoardScope {
  readonly sections: readonly string[];
  /** Days of sittings, ISO, both included; null is open. */
  readonly from: string | null;
  readonly to: string | null;
  readonly material: string | null;
  readonly form: string | null;
}

/** All that a board is made from. */
export interface Background {
  readonly scope: BoardScope;
  readonly settings: MixUpSettings;
  /** What is more than slips, as results were returned; null before any were, and where less, or more than one class, is looked at. */
  readonly flags: readonly PairTest[] | null;
  /** Pairs that are to be asked again, as `truth/answer`. */
  readonly retest: ReadonlySet<string>;
  /** Stations whose tag was looked at and found right. */
  readonly foundRight: ReadonlySet<string>;
  readonly looks: readonly LookRow[];
  /** Looks before material and form were chosen, for what can be chosen. */
  readonly inRange: readonly LookRow[];
  readonly small: boolean;
  /** Species of the classes' lists. */
  readonly names: readonly string[];
  readonly vocabulary: Vocabulary;
  readonly namedShows: (sitting: string, taxon: string, character: string) => Value | undefined;
  readonly headers: ReadonlyMap<string, TaxonHeader>;
  readonly groups: GroupsOf;
  /** How each mix-up stands now, by `truth/answer`; nothing of several classes together. */
  readonly states: ReadonlyMap<string, { readonly state: PairState; readonly since: string | null }>;
  readonly next: ReadonlyMap<string, NonNullable<MixUpRow['next']>>;
}

async function readStates(sql: Sql, ws: string, sections: readonly string[]): Promise<Background['states']> {
  const [only] = sections;
  if (only === undefined || sections.length > 1) return new Map();
  const rows = await sql.query<{ a: string; b: string; state: PairState; since: string | null }>(
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

/** Stations of the classes whose tag somebody looked at and found right. */
async function readFoundRight(
  sql: Sql,
  ws: string,
  sections: readonly string[],
): Promise<ReadonlySet<string>> {
  const rows = await sql.query<{ id: string }>(
    `select f.sitting_station as id from tag_found_right f
     join sitting_station ss on ss.ws = f.ws and ss.id = f.sitting_station join sitting s on s.ws = ss.ws and s.id = ss.sitting
     where f.ws = $1 and s.section = any($2::uuid[])`,
    [ws, sections],
  );
  return new Set(rows.map((r) => r.id));
}

const isWhole = ({ sections, from, to, material, form }: BoardScope): boolean =>
  sections.length === 1 && from === null && to === null && material === null && form === null;

export async function background(sql: Sql, ws: string, scope: BoardScope): Promise<Background> {
  const { sections, from, to, material, form } = scope;
  const inRange = (await readLooks(sql, ws, sections)).filter(
    (l) => (from === null || l.on_date >= from) && (to === null || l.on_date <= to),
  );
  const looks = inRange.filter(
    (l) => (material === null || l.material_class === material) && (form === null || l.form === form),
  );
  const taxa = [...new Set(looks.flatMap((l) => (l.answer ? [l.truth, l.answer] : [l.truth])))];
  const groups = await readGroups(sql, ws, taxa);
  const members = await sql.query<{ taxon: string }>(
    `select distinct m.taxon from section s join list_member m on m.ws = s.ws and m.list = s.list
     where s.ws = $1 and s.id = any($2::uuid[])`,
    [ws, sections],
  );
  return {
    scope,
    settings: await mixUpSettings(sql, ws),
    flags: isWhole(scope) ? await flagsKept(sql, ws, sections[0] ?? '') : null,
    retest: await retestPairs(sql, ws, sections),
    foundRight: await readFoundRight(sql, ws, sections),
    looks,
    inRange,
    small: new Set(looks.map((l) => l.student)).size < SMALLEST_CLASS,
    names: members.map((m) => m.taxon),
    vocabulary: await vocabularyToRead(sql, ws),
    namedShows: await readNamedProfiles(sql, ws, sections),
    headers: await readHeaders(sql, ws, [...taxa, ...allGroups(groups, taxa)]),
    groups,
    states: await readStates(sql, ws, sections),
    next: await readNext(sql, ws, sections),
  };
}
