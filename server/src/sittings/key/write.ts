import { insertRows, maybe, one } from '../../db/index.ts';
import type { Sql } from '../../db/index.ts';
import { keepNames } from './names.ts';
import type { Gathered, GatheredStation, KeptFairness, StationKey } from './types.ts';

export interface RevisionInput {
  readonly ws: string;
  readonly sitting: string;
  readonly why: string;
  readonly by: string | null;
  readonly at: string;
  /** The moment from which the stations hold; null for everybody. */
  readonly from?: string | null;
}

/** The revision in force: the highest; null while the key is not locked. */
export async function lastRevision(sql: Sql, ws: string, sitting: string): Promise<number | null> {
  const row = await maybe<{ rev: number }>(
    sql,
    'select rev from sitting_key where ws = $1 and sitting = $2 order by rev desc limit 1',
    [ws, sitting],
  );
  return row?.rev ?? null;
}

const keyRow = (
  ws: string,
  sitting: string,
  rev: number,
  s: GatheredStation,
  from: string | null,
  fairness: KeptFairness | null,
) => ({
  ws,
  sitting_station: s.sittingStation,
  rev,
  sitting,
  individual: s.individual,
  taxon: s.taxon,
  accept: s.accept,
  conditions: s.conditions,
  valid_from: from,
  fairness,
});

/** Where a tree changed while the sitting was open, a later revision is of the tree as it stands now. */
async function heldFrom(tx: Sql, ws: string, sitting: string): Promise<ReadonlyMap<string, string | null>> {
  const rows = await tx.query<{ station: string; from: string | null }>(
    `select distinct on (sitting_station) sitting_station as station, valid_from as "from" from station_key
     where ws = $1 and sitting = $2 order by sitting_station, rev desc`,
    [ws, sitting],
  );
  return new Map(rows.map((r) => [r.station, r.from]));
}

/**
 * Writes a revision of a key; rows of earlier revisions are never changed. The caller has locked the sitting.
 * @param stations those that the revision changes; all of them for the first.
 * @param withList whether the list and all names are taken over too.
 */
export async function writeRevision(
  tx: Sql,
  { ws, sitting, why, by, at, from = null }: RevisionInput,
  gathered: Gathered,
  stations: readonly GatheredStation[] = gathered.stations,
  withList = true,
): Promise<number> {
  const last = await lastRevision(tx, ws, sitting);
  const rev = (last ?? 0) + 1;
  const whole = last === null || withList;
  if (whole) await keepNames(tx, ws, gathered.names);
  const before = whole
    ? null
    : await one<{ list_rev: number; names_hash: string }>(
        tx,
        'select list_rev, names_hash from sitting_key where ws = $1 and sitting = $2 and rev = $3',
        [ws, sitting, last],
      );
  await insertRows(tx, 'sitting_key', [
    {
      ws,
      sitting,
      rev,
      list_rev: before?.list_rev ?? rev,
      names_hash: before?.names_hash ?? gathered.names.hash,
      policy: gathered.policy,
      why,
      by_account: by,
      at,
    },
  ]);
  if (whole)
    await insertRows(
      tx,
      'sitting_taxon',
      gathered.list.map((t) => ({ ws, sitting, rev, ...t })),
    );
  const standing = await heldFrom(tx, ws, sitting);
  const fair = await gathered.judge(new Set(stations.map((s) => s.sittingStation)));
  await insertRows(
    tx,
    'station_key',
    stations.map((s) =>
      keyRow(
        ws,
        sitting,
        rev,
        s,
        from ?? standing.get(s.sittingStation) ?? null,
        fair.get(s.sittingStation) ?? null,
      ),
    ),
  );
  await insertRows(
    tx,
    'station_value',
    stations.flatMap((s) => s.values.map((v) => ({ ws, sitting_station: s.sittingStation, rev, ...v }))),
  );
  await insertRows(
    tx,
    'station_rival',
    stations.flatMap((s) => s.rivals.map((r) => ({ ws, sitting_station: s.sittingStation, rev, ...r }))),
  );
  return rev;
}

/**
 * Writes a revision in which some stations accept something else; what they show, and all others, stay as they were. The
 * caller has locked the sitting.
 */
export async function writeAccepted(
  tx: Sql,
  { ws, sitting, why, by, at }: RevisionInput,
  stations: readonly StationKey[],
): Promise<number> {
  const last = await lastRevision(tx, ws, sitting);
  if (last === null) throw new Error('A key that is not locked has no revision to follow');
  const rev = last + 1;
  await tx.query(
    `insert into sitting_key (ws, sitting, rev, list_rev, names_hash, policy, why, by_account, at)
     select ws, sitting, $4, list_rev, names_hash, policy, $5, $6, $7 from sitting_key where ws = $1 and sitting = $2 and rev = $3`,
    [ws, sitting, last, rev, why, by, at],
  );
  for (const s of stations) {
    await insertRows(tx, 'station_key', [
      {
        ws,
        sitting_station: s.sittingStation,
        rev,
        sitting,
        individual: s.individual,
        taxon: s.taxon,
        accept: s.accept,
        conditions: s.conditions,
        valid_from: s.validFrom,
        fairness: s.fairness,
      },
    ]);
    await tx.query(
      `insert into station_value (ws, sitting_station, rev, character, profile, certified)
       select ws, sitting_station, $4, character, profile, certified from station_value
       where ws = $1 and sitting_station = $2 and rev = $3`,
      [ws, s.sittingStation, s.rev, rev],
    );
    await tx.query(
      `insert into station_rival (ws, sitting_station, rev, rival, verdict, tells)
       select ws, sitting_station, $4, rival, verdict, tells from station_rival
       where ws = $1 and sitting_station = $2 and rev = $3`,
      [ws, s.sittingStation, s.rev, rev],
    );
  }
  return rev;
}
