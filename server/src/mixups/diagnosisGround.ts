import type { Value } from '@hurrow/core/characters';
import type { Rule } from '@hurrow/core/rules';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { LookRow } from './looks.ts';

/** What a station shows of one character: what was checked at the tree, and what its profile says. */
export interface ShownRow {
  readonly station: string;
  readonly rev: number;
  readonly character: string;
  readonly profile: Value | null;
  readonly certified: Value | null;
}

/** Characters of some stations: those asked for by name, and every one that was checked at the tree. */
export const readShown = (
  sql: Sql,
  ws: string,
  stations: readonly string[],
  characters: readonly string[],
): Promise<readonly ShownRow[]> =>
  readMany<ShownRow>(
    sql,
    `select sitting_station as station, rev, character, profile, certified from station_value
     where ws = $1 and sitting_station = any($2::uuid[]) and (certified is not null or character = any($3::text[]))`,
    [ws, stations, characters],
  );

/** What keys say of trees against the names written for them. */
export const readVerdicts = (
  sql: Sql,
  ws: string,
  stations: readonly string[],
  named: readonly string[],
): Promise<
  readonly {
    readonly station: string;
    readonly rev: number;
    readonly rival: string;
    readonly verdict: 'told' | 'twins' | 'unproven';
  }[]
> =>
  readMany(
    sql,
    `select sitting_station as station, rev, rival, verdict from station_rival
     where ws = $1 and sitting_station = any($2::uuid[]) and rival = any($3::uuid[])`,
    [ws, stations, named],
  );

/** What the profiles of named species said at each sitting, of some characters. */
export const readProfiles = (
  sql: Sql,
  ws: string,
  sittings: readonly string[],
  named: readonly string[],
  characters: readonly string[],
): Promise<
  readonly {
    readonly sitting: string;
    readonly taxon: string;
    readonly character: string;
    readonly value: Value;
  }[]
> =>
  readMany(
    sql,
    `select t.sitting, t.taxon, c as character, t.profile -> c as value
     from (select k.ws, k.sitting, k.list_rev from sitting_key k
       join (select sitting, max(rev) as rev from sitting_key where ws = $1 and sitting = any($2::uuid[]) group by sitting) n
         on n.sitting = k.sitting and n.rev = k.rev where k.ws = $1) h
     join sitting_taxon t on t.ws = h.ws and t.sitting = h.sitting and t.rev = h.list_rev and t.taxon = any($3::uuid[])
     cross join unnest($4::text[]) c where t.profile ? c`,
    [ws, sittings, named, characters],
  );

/** Rules of thumb of the workspace. */
export async function readRules(sql: Sql, ws: string): Promise<readonly Rule[]> {
  const rows = await sql.query<{
    quantifier: Rule['quantifier'];
    who: { taxon: string | null };
    whenn: Rule['when'];
    thenn: Rule['then'];
  }>('select quantifier, who, whenn, thenn from rule where ws = $1', [ws]);
  return rows.map((r) => ({ quantifier: r.quantifier, who: r.who.taxon, when: r.whenn, then: r.thenn }));
}

/** A look with calls, of any species: what a student calls what, throughout. */
export type CalledRow = Pick<LookRow, 'sitting_station' | 'key_rev' | 'student' | 'calls'>;

export const readCalled = (
  sql: Sql,
  ws: string,
  sections: readonly string[],
  students: readonly string[],
): Promise<readonly CalledRow[]> =>
  students.length === 0
    ? Promise.resolve([])
    : readMany<CalledRow>(
        sql,
        `select sitting_station, key_rev, student, calls from look
     where ws = $1 and section = any($2::uuid[]) and student = any($3::uuid[]) and calls <> '[]'`,
        [ws, sections, students],
      );

export interface CorrectedRow {
  readonly station: string;
  readonly student: string;
  readonly reading: string;
  readonly insteadOf: string;
  readonly by: string | null;
  readonly at: string;
}

/** Readings that were put in place of those worked out. */
export const readCorrected = (
  sql: Sql,
  ws: string,
  stations: readonly string[],
): Promise<readonly CorrectedRow[]> =>
  readMany<CorrectedRow>(
    sql,
    `select d.sitting_station as station, d.student, d.reading, d.instead_of as "insteadOf", a.name as by, d.at from diagnosis d
     left join account a on a.ws = d.ws and a.id = d.by_account
     where d.ws = $1 and d.sitting_station = any($2::uuid[])`,
    [ws, stations],
  );
