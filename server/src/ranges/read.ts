import type { ChallengedTree, OccurrenceRow, RangeDetail, RangeRow } from '@hurrow/contract';
import { challengeOf, isCounty, presenceAt } from '@hurrow/core/range';
import type { RangeArea, RangeRecord } from '@hurrow/core/range';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { notFound } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';
import { countyAt, countyName, regionWords } from './atlas.ts';

export interface Range {
  readonly records: readonly RangeRow[];
  readonly areas: readonly RangeArea[];
}

const NONE: Range = { records: [], areas: [] };

/** Ranges by taxon: of one, or of every one that has any. */
export async function readRanges(
  sql: Sql,
  ws: string,
  taxon: string | null = null,
): Promise<ReadonlyMap<string, Range>> {
  const records = await sql.query<RangeRow & { taxon: string }>(
    `select taxon, region, presence, source from range_record where ws = $1 and ($2::uuid is null or taxon = $2)
     order by region`,
    [ws, taxon],
  );
  const areas = await sql.query<RangeArea & { taxon: string }>(
    'select taxon, presence, geometry from range_area where ws = $1 and ($2::uuid is null or taxon = $2) order by id',
    [ws, taxon],
  );
  const found = new Map<string, { records: RangeRow[]; areas: RangeArea[] }>();
  const of = (id: string) => {
    const had = found.get(id) ?? { records: [], areas: [] };
    found.set(id, had);
    return had;
  };
  for (const { taxon: id, ...r } of records) of(id).records.push(r);
  for (const { taxon: id, ...a } of areas) of(id).areas.push(a);
  return found;
}

interface TreeSpot {
  tree: string;
  tag: string;
  where: string;
  lat: number;
  lon: number;
  planted: boolean;
  taxon: string;
}

const readSpots = (sql: Sql, ws: string, taxon: string | null): Promise<readonly TreeSpot[]> =>
  sql.query<TreeSpot>(
    `select * from (
       select tr.individual as tree, tr.tag, coalesce(tl.name, si.name) as where, tr.lat, tr.lon, tr.planted,
         (select d.taxon from determination d where d.ws = tr.ws and d.individual = tr.individual
          order by d.seq desc limit 1) as taxon
       from tree tr join site si on si.ws = tr.ws and si.id = tr.site
       left join trail tl on tl.ws = tr.ws and tl.id = tr.trail
       where tr.ws = $1 and tr.lat is not null and tr.lon is not null) t
     where t.taxon is not null and ($2::uuid is null or t.taxon = $2) order by lower(t.tag)`,
    [ws, taxon],
  );

/** Located trees that the ranges of their species do not account for. */
export async function readChallenges(
  sql: Sql,
  ws: string,
  taxon: string | null = null,
): Promise<readonly ChallengedTree[]> {
  const spots = await readSpots(sql, ws, taxon);
  const ranges = await readRanges(sql, ws, taxon);
  const headers = await readHeaders(sql, ws, [...new Set(spots.map((s) => s.taxon))]);
  return spots.flatMap((s): ChallengedTree[] => {
    const { records, areas } = ranges.get(s.taxon) ?? NONE;
    const region = countyAt(s.lat, s.lon)?.code ?? null;
    const challenge = challengeOf(records, areas, { region, lat: s.lat, lon: s.lon }, s.planted);
    const header = headers.get(s.taxon);
    if (!challenge || !header) return [];
    return [{ ...s, ...challenge, taxon: header, regionName: regionWords(challenge.region) }];
  });
}

export type Occurrence = Pick<
  OccurrenceRow,
  | 'occurrenceID'
  | 'scientificName'
  | 'decimalLatitude'
  | 'decimalLongitude'
  | 'eventDate'
  | 'basisOfRecord'
  | 'locality'
>;

/** A record held against a range. */
export function compared(
  record: Occurrence,
  accepted: string,
  range: Range,
  verdict: OccurrenceRow['verdict'],
): OccurrenceRow {
  const [lat, lon] = [record.decimalLatitude, record.decimalLongitude];
  const region = countyAt(lat, lon)?.code ?? null;
  const records: readonly RangeRecord[] = range.records;
  return {
    ...record,
    region,
    regionName: region === null ? null : regionWords(region),
    presence: presenceAt(records, range.areas, { region, lat, lon })?.presence ?? null,
    sameName: record.scientificName === accepted,
    verdict,
  };
}

export async function readRangeDetail(sql: Sql, ws: string, taxon: string): Promise<RangeDetail> {
  const row = await maybe<{ version: number }>(sql, 'select version from taxon where ws = $1 and id = $2', [
    ws,
    taxon,
  ]);
  const header = (await readHeaders(sql, ws, [taxon])).get(taxon);
  if (!row || !header) throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
  const range = (await readRanges(sql, ws, taxon)).get(taxon) ?? NONE;
  const kept = await sql.query<Occurrence & { verdict: OccurrenceRow['verdict'] }>(
    `select external as "occurrenceID", $3 as "scientificName", lat as "decimalLatitude", lon as "decimalLongitude",
       on_date as "eventDate", coalesce(basis, '') as "basisOfRecord", coalesce(place, '') as locality, verdict
     from occurrence where ws = $1 and taxon = $2 and external is not null order by external`,
    [ws, taxon, header.scientific],
  );
  const occurrences = kept.map(({ verdict, ...o }) => compared(o, header.scientific, range, verdict));
  const challenges = await readChallenges(sql, ws, taxon);
  const spoken = [
    ...range.records.map((r) => r.region),
    ...challenges.map((c) => c.region),
    ...occurrences.flatMap((o) => o.region ?? []),
  ].filter(isCounty);
  return {
    taxon: header,
    version: row.version,
    records: range.records,
    areas: range.areas,
    occurrences,
    trees: (await readSpots(sql, ws, taxon)).map(({ tag, lat, lon }) => ({ tag, lat, lon })),
    challenges,
    counties: Object.fromEntries([...new Set(spoken)].map((c) => [c, countyName(c) ?? c])),
  };
}
