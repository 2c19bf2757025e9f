import type { Caution, Name, NameKind, Rank, TaxonHeader } from '@hurrow/contract';
import { nameIndex } from '@hurrow/core/names';
import type { Families, NameIndex, NameRank } from '@hurrow/core/names';
import type { Sql } from '../db/index.ts';
import { keptUnderStamp } from './kept.ts';

/** Columns of a taxon's header, for a query over `taxon t`. */
export const HEADER = `t.id, t.rank, t.authority,
  (select n.text from name n where n.ws = t.ws and n.taxon = t.id and n.kind = 'accepted') as scientific,
  (select n.text from name n where n.ws = t.ws and n.taxon = t.id and n.kind = 'common' order by n.preferred desc, n.text limit 1) as common`;

export interface HeaderRow {
  id: string;
  rank: Rank;
  authority: string | null;
  scientific: string | null;
  common: string | null;
}

export const asHeader = (r: HeaderRow): TaxonHeader => ({
  id: r.id,
  rank: r.rank,
  scientific: r.scientific ?? 'unnamed',
  authority: r.authority,
  common: r.common,
});

/** Headers of all taxa by id. */
export const readAllHeaders = (sql: Sql, ws: string): Promise<ReadonlyMap<string, TaxonHeader>> =>
  keptUnderStamp(sql, ws, 'headers', async () => {
    const rows = await sql.query<HeaderRow>(`select ${HEADER} from taxon t where t.ws = $1`, [ws]);
    return new Map(rows.map((r) => [r.id, asHeader(r)]));
  });

/** Headers of some taxa by id. */
export async function readHeaders(
  sql: Sql,
  ws: string,
  ids: readonly string[],
): Promise<ReadonlyMap<string, TaxonHeader>> {
  if (ids.length === 0) return new Map();
  const all = await readAllHeaders(sql, ws);
  return new Map(ids.flatMap((id) => (all.has(id) ? [[id, all.get(id) as TaxonHeader] as const] : [])));
}

/** All taxa above some taxa, themselves included. */
export async function withAncestors(
  sql: Sql,
  ws: string,
  ids: readonly string[],
): Promise<readonly string[]> {
  const rows = await sql.query<{ id: string }>(
    `with recursive up (id) as (
       select unnest($2::uuid[])
       union
       select p.parent from taxon_parent p join up on up.id = p.child where p.ws = $1 and p.kind <> 'hybrid_parent')
     select id from up`,
    [ws, ids],
  );
  return rows.map((r) => r.id);
}

export async function readNames(sql: Sql, ws: string, taxon: string): Promise<readonly Name[]> {
  return sql.query<Name>(
    `select kind, text, preferred, pronunciation, use from name where ws = $1 and taxon = $2
     order by array_position(array['accepted','common','synonym','older_family'], kind), preferred desc, text`,
    [ws, taxon],
  );
}

/** Cautions of taxa and of all above them: what holds for a genus holds for its species. */
export async function readCautions(
  sql: Sql,
  ws: string,
  taxa: readonly string[],
): Promise<ReadonlyMap<string, readonly Caution[]>> {
  if (taxa.length === 0) return new Map();
  return keptUnderStamp(sql, ws, `cautions/${[...taxa].sort().join()}`, () =>
    cautionsFromTables(sql, ws, taxa),
  );
}

async function cautionsFromTables(
  sql: Sql,
  ws: string,
  taxa: readonly string[],
): Promise<ReadonlyMap<string, readonly Caution[]>> {
  const rows = await sql.query<Caution & { taxon: string; own: boolean; above: string | null }>(
    `with recursive up (id, above, far) as (
       select i, i, 0 from unnest($2::uuid[]) as i
       union
       select up.id, p.parent, up.far + 1 from up join taxon_parent p on p.ws = $1 and p.child = up.above and p.kind <> 'hybrid_parent')
     select up.id as taxon, c.hazard, c.forbids, c.text, up.far = 0 as own,
       (select n.text from name n where n.ws = $1 and n.taxon = up.above and n.kind = 'accepted') as above
     from up join caution c on c.ws = $1 and c.taxon = up.above order by up.far, c.hazard`,
    [ws, taxa],
  );
  const found = new Map<string, Caution[]>();
  for (const { taxon, own, above, ...caution } of rows) {
    const had = found.get(taxon) ?? [];
    // A species' own words on a hazard stand in place of its genus's, but forbid no less.
    const same = had.find((c) => c.hazard === caution.hazard);
    if (same) {
      const forbids = [...new Set([...same.forbids, ...caution.forbids])];
      found.set(
        taxon,
        had.map((c) => (c === same ? { ...c, forbids } : c)),
      );
    } else found.set(taxon, [...had, { ...caution, ...(own || above === null ? {} : { from: above }) }]);
  }
  return found;
}

const RANKS: readonly NameRank[] = [
  'family',
  'genus',
  'group',
  'species',
  'infraspecies',
  'cultivar',
  'hybrid',
];

/** Every name of the library made ready for comparison. */
export const readNameIndex = (sql: Sql, ws: string): Promise<NameIndex> =>
  keptUnderStamp(sql, ws, 'names', () => readNamesFromTables(sql, ws));

async function readNamesFromTables(sql: Sql, ws: string): Promise<NameIndex> {
  const rows = await sql.query<{ taxon: string; rank: Rank; kind: NameKind; text: string }>(
    'select n.taxon, t.rank, n.kind, n.text, n.use from name n join taxon t on t.ws = n.ws and t.id = n.taxon where n.ws = $1 order by n.id',
    [ws],
  );
  return nameIndex(rows.map((r) => ({ ...r, rank: RANKS.find((k) => k === r.rank) ?? 'group' })));
}

/** The genus each taxon stands in, where it stands in one. */
export async function readGenera(
  sql: Sql,
  ws: string,
  taxa: readonly string[],
): Promise<ReadonlyMap<string, string>> {
  const rows = await sql.query<{ id: string; genus: string }>(
    `with recursive up (id, above) as (
       select i, i from unnest($2::uuid[]) as i
       union
       select up.id, p.parent from up join taxon_parent p on p.ws = $1 and p.child = up.above and p.kind <> 'hybrid_parent')
     select up.id, t.id as genus from up join taxon t on t.ws = $1 and t.id = up.above and t.rank = 'genus'`,
    [ws, taxa],
  );
  return new Map(rows.map((r) => [r.id, r.genus]));
}

interface AboveRow {
  readonly id: string;
  readonly rank: Rank;
  readonly accepted: string | null;
  readonly older: readonly string[] | null;
}

/**
 * The family of each taxon with the older families it stood in: those said of itself or of its genus, and that of its
 * family where it has only one, since a family of several parts does not say which part a genus came from.
 */
export async function readFamilies(
  sql: Sql,
  ws: string,
  taxa: readonly string[],
): Promise<ReadonlyMap<string, Families>> {
  const rows = await sql.query<AboveRow>(
    `with recursive up (id, above) as (
       select i, i from unnest($2::uuid[]) as i
       union
       select up.id, p.parent from up join taxon_parent p on p.ws = $1 and p.child = up.above and p.kind <> 'hybrid_parent')
     select up.id, t.rank,
       (select n.text from name n where n.ws = $1 and n.taxon = t.id and n.kind = 'accepted') as accepted,
       (select array_agg(n.text order by n.text) from name n where n.ws = $1 and n.taxon = t.id and n.kind = 'older_family') as older
     from up join taxon t on t.ws = $1 and t.id = up.above`,
    [ws, taxa],
  );
  const found = new Map<string, Families>();
  for (const id of taxa) {
    const above = rows.filter((r) => r.id === id);
    const family = above.find((r) => r.rank === 'family');
    if (!family?.accepted) continue;
    const nearer = above.filter((r) => r !== family).flatMap((r) => r.older ?? []);
    const only = family.older?.length === 1 ? family.older : [];
    found.set(id, { family: family.accepted, older: [...new Set(nearer.length > 0 ? nearer : only)] });
  }
  return found;
}
