import { stillHolding } from '@hurrow/core/quizzes';
import type { GradePolicy } from '@hurrow/core/quizzes';
import type { FrozenRival, FrozenValue } from '@hurrow/core/stations';
import type { Sql } from '../../db/index.ts';
import { readNames } from './names.ts';
import type { FrozenNames } from './names.ts';
import type { KeyTaxon, StationKey } from './types.ts';

/** A key as it is in force at one revision: of each station the newest revision up to it. */
export interface LockedKey {
  readonly rev: number;
  readonly listRev: number;
  readonly namesHash: string;
  readonly policy: GradePolicy;
  /** By the id of the sitting's station, in the order of their numbers. */
  readonly stations: ReadonlyMap<string, StationKey>;
  /** Revisions before those that still hold for students who were there earlier, newest first. */
  readonly earlier: ReadonlyMap<string, readonly StationKey[]>;
}

interface Head {
  readonly keyRev: number;
  readonly listRev: number;
  readonly namesHash: string;
  readonly policy: GradePolicy;
}

/** A station's revision beside the key it is of; of a key without stations, the key alone. */
type Row = Head & (StationKey | { readonly [column in keyof StationKey]: null });

const isStation = (r: Row): r is Head & StationKey => r.sittingStation !== null;

/** @param rev the revision to read; the highest where it is not given. @returns null where it is not there. */
export async function readKey(
  sql: Sql,
  ws: string,
  sitting: string,
  rev?: number,
): Promise<LockedKey | null> {
  const rows = await sql.query<Row>(
    `select h.rev as "keyRev", h.list_rev as "listRev", h.names_hash as "namesHash", h.policy,
       k.sitting_station as "sittingStation", ss.station, st.number, k.rev,
       k.individual, k.taxon, k.accept, k.conditions, k.valid_from as "validFrom", k.fairness
     from (select rev, list_rev, names_hash, policy from sitting_key
       where ws = $1 and sitting = $2 and ($3::integer is null or rev = $3) order by rev desc limit 1) h
     left join (station_key k join sitting_station ss on ss.ws = k.ws and ss.id = k.sitting_station
       join station st on st.ws = ss.ws and st.id = ss.station) on k.ws = $1 and k.sitting = $2 and k.rev <= h.rev`,
    [ws, sitting, rev ?? null],
  );
  const [head] = rows;
  if (!head) return null;
  const revisions = new Map<string, StationKey[]>();
  for (const r of rows.filter(isStation).sort((a, b) => a.number - b.number || b.rev - a.rev)) {
    const had = revisions.get(r.sittingStation);
    if (had) had.push(r);
    else revisions.set(r.sittingStation, [r]);
  }
  const holding = [...revisions].map(([id, all]) => [id, stillHolding(all)] as const);
  return {
    rev: head.keyRev,
    listRev: head.listRev,
    namesHash: head.namesHash,
    policy: head.policy,
    stations: new Map(holding.flatMap(([id, [newest]]) => (newest ? [[id, newest] as const] : []))),
    earlier: new Map(
      holding.flatMap(([id, [, ...earlier]]) => (earlier.length > 0 ? [[id, earlier] as const] : [])),
    ),
  };
}

/** The list as taught, with each profile as it was; of some species only where they are given. */
export const readKeyTaxa = (
  sql: Sql,
  ws: string,
  sitting: string,
  listRev: number,
  taxa: readonly string[] | null = null,
): Promise<readonly KeyTaxon[]> =>
  sql.query<KeyTaxon>(
    `select taxon, week, label, taught, profile from sitting_taxon
     where ws = $1 and sitting = $2 and rev = $3 and ($4::uuid[] is null or taxon = any($4::uuid[])) order by taxon`,
    [ws, sitting, listRev, taxa],
  );

/** The species of the list as taught, without their profiles. */
export const readKeyListed = (
  sql: Sql,
  ws: string,
  sitting: string,
  listRev: number,
): Promise<readonly Pick<KeyTaxon, 'taxon'>[]> =>
  sql.query<Pick<KeyTaxon, 'taxon'>>(
    'select taxon from sitting_taxon where ws = $1 and sitting = $2 and rev = $3 order by taxon',
    [ws, sitting, listRev],
  );

export const keyNames = (sql: Sql, ws: string, key: LockedKey): Promise<FrozenNames> =>
  readNames(sql, ws, key.namesHash);

/** What one station shows, by character. */
export async function readValues(
  sql: Sql,
  ws: string,
  stations: readonly { readonly sittingStation: string; readonly rev: number }[],
): Promise<ReadonlyMap<string, readonly FrozenValue[]>> {
  const rows = await sql.query<FrozenValue & { sitting_station: string }>(
    `select v.sitting_station, v.character, v.profile, v.certified
     from unnest($2::uuid[], $3::integer[]) w(station, rev)
     join station_value v on v.ws = $1 and v.sitting_station = w.station and v.rev = w.rev
     order by v.sitting_station, v.character`,
    [ws, stations.map((s) => s.sittingStation), stations.map((s) => s.rev)],
  );
  const found = new Map<string, FrozenValue[]>();
  for (const { sitting_station: station, ...v } of rows)
    found.set(station, [...(found.get(station) ?? []), v]);
  return found;
}

/** A station at a revision, and a species written there. */
export interface AskedRival {
  readonly sittingStation: string;
  readonly rev: number;
  readonly rival: string;
}

/** What separates stations' trees from other species there, by `station/species`; one not on the list is left out. */
export async function readRivals(
  sql: Sql,
  ws: string,
  asked: readonly AskedRival[],
): Promise<ReadonlyMap<string, FrozenRival>> {
  if (asked.length === 0) return new Map();
  const rows = await sql.query<FrozenRival & { station: string }>(
    `select r.sitting_station as station, r.rival, r.verdict, r.tells
     from unnest($2::uuid[], $3::integer[], $4::uuid[]) w(station, rev, rival)
     join station_rival r on r.ws = $1 and r.sitting_station = w.station and r.rev = w.rev and r.rival = w.rival`,
    [ws, asked.map((a) => a.sittingStation), asked.map((a) => a.rev), asked.map((a) => a.rival)],
  );
  return new Map(rows.map(({ station, ...r }) => [`${station}/${r.rival}`, r]));
}
