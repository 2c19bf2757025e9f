import type { LibraryTable, NameRoot, Prose, RecordTree, SharedName, SpeciesProfile } from '@hurrow/contract';
import { lineage } from '@hurrow/core/characters';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, notFound } from '../http/index.ts';
import type { Account, Call } from '../http/index.ts';
import { readLibrary } from './described.ts';
import { readPairs } from './pairs.ts';
import { readPhotos } from './photos.ts';
import { readSeasons } from './seasons.ts';
import { readSourceRows } from './sources.ts';
import { readAllHeaders, readCautions, readHeaders, readNames } from './taxa.ts';

/** Common names of a taxon that other taxa bear too. */
async function readShared(sql: Sql, ws: string, taxon: string): Promise<readonly SharedName[]> {
  const rows = await sql.query<{ text: string; others: string[] }>(
    `select n.text, jsonb_agg(distinct o.taxon) as others from name n
     join name o on o.ws = n.ws and o.folded = n.folded and o.taxon <> n.taxon
     where n.ws = $1 and n.taxon = $2 and n.kind = 'common' group by n.text order by n.text`,
    [ws, taxon],
  );
  const headers = await readHeaders(
    sql,
    ws,
    rows.flatMap((r) => r.others),
  );
  return rows.map((r) => ({ text: r.text, with: r.others.flatMap((t) => headers.get(t) ?? []) }));
}

async function readCongeners(sql: Sql, ws: string, taxon: string): Promise<readonly string[]> {
  const rows = await sql.query<{ id: string }>(
    `select o.id from taxon t join taxon o on o.ws = t.ws and o.genus = t.genus and o.id <> t.id
     where t.ws = $1 and t.id = $2 and t.genus is not null and o.rank in ('species', 'infraspecies', 'hybrid')`,
    [ws, taxon],
  );
  return rows.map((r) => r.id);
}

async function readRoots(sql: Sql, ws: string, taxon: string): Promise<readonly NameRoot[]> {
  return sql.query<NameRoot>(
    `select n.text as name, r.element, r.language, r.meaning, r.character, r.state, r.contested
     from name n join name_root_of o on o.ws = n.ws and o.name = n.id join name_root r on r.ws = o.ws and r.id = o.root
     where n.ws = $1 and n.taxon = $2 order by r.element`,
    [ws, taxon],
  );
}

interface Head {
  version: number;
  status: 'draft' | 'checked';
  checked_by: string | null;
  checked_on: string | null;
}

async function readHead(sql: Sql, ws: string, taxon: string): Promise<Head> {
  const head = await maybe<Head>(
    sql,
    `select t.version, t.status, a.name as checked_by, t.checked_on from taxon t
     left join account a on a.ws = t.ws and a.id = t.checked_by where t.ws = $1 and t.id = $2`,
    [ws, taxon],
  );
  if (head) return head;
  throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
}

const readProse = (sql: Sql, ws: string, taxon: string): Promise<readonly Prose[]> =>
  sql.query<Prose>(
    'select topic, text, audience, disputed from prose where ws = $1 and taxon = $2 order by topic, id',
    [ws, taxon],
  );

const readRecord = (sql: Sql, ws: string, taxon: string): Promise<RecordTree | null> =>
  maybe<RecordTree>(
    sql,
    'select girth_mm as girth, height_mm as height, spread_mm as spread, place, year from record_tree where ws = $1 and taxon = $2',
    [ws, taxon],
  );

const readSettled = async (sql: Sql, ws: string, taxon: string): Promise<readonly string[]> =>
  (
    await sql.query<{ question: string }>(
      'select question from question_settled where ws = $1 and taxon = $2',
      [ws, taxon],
    )
  ).map((r) => r.question);

const readRegions = (sql: Sql, ws: string, taxon: string): Promise<SpeciesProfile['range']> =>
  sql.query<{ region: string; presence: string }>(
    'select region, presence from range_record where ws = $1 and taxon = $2 order by region',
    [ws, taxon],
  );

const readListsOf = (sql: Sql, ws: string, taxon: string): Promise<SpeciesProfile['lists']> =>
  sql.query<{ id: string; name: string }>(
    'select l.id, l.name from list_member m join list l on l.ws = m.ws and l.id = m.list where m.ws = $1 and m.taxon = $2 order by lower(l.name)',
    [ws, taxon],
  );

/** Statements and seasons of a taxon, of what stands above it and of the others of its genus, with the names of all. */
async function readGround(
  sql: Sql,
  ws: string,
  id: string,
): Promise<
  Pick<
    SpeciesProfile,
    'header' | 'parents' | 'above' | 'congeners' | 'statements' | 'windows' | 'taxa' | 'policy' | 'policies'
  >
> {
  const congeners = await readCongeners(sql, ws, id);
  const data = await readLibrary(sql, ws, [id, ...congeners]);
  const headers = await readAllHeaders(sql, ws);
  const header = headers.get(id);
  if (!header) throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
  const nodes = new Map(data.taxa.map((t) => [t.id, t]));
  const above = lineage(nodes, id).flat().slice(1);
  return {
    header,
    parents: nodes.get(id)?.parents ?? [],
    above: above.flatMap((t) => headers.get(t) ?? []),
    congeners,
    statements: data.rows,
    windows: data.windows,
    taxa: data.taxa,
    policy: data.policy,
    policies: data.policies ?? [],
  };
}

/** Everything recorded of one taxon, of what stands above it and of the others of its genus. */
export async function readProfile(call: Call<Account>): Promise<SpeciesProfile> {
  const { ws } = call.who;
  const { db } = call.app;
  const id = idParam(call, 'id');
  const [head, ground, names, shared, prose, cautions, roots, pairs, photos] = await Promise.all([
    readHead(db, ws, id),
    readGround(db, ws, id),
    readNames(db, ws, id),
    readShared(db, ws, id),
    readProse(db, ws, id),
    readCautions(db, ws, [id]),
    readRoots(db, ws, id),
    readPairs(db, ws, id),
    readPhotos(db, ws, id),
  ]);
  const [record, settled, range, seasons, sources, lists] = await Promise.all([
    readRecord(db, ws, id),
    readSettled(db, ws, id),
    readRegions(db, ws, id),
    readSeasons(db, ws, id),
    readSourceRows(db, ws),
    readListsOf(db, ws, id),
  ]);
  return {
    ...ground,
    version: head.version,
    status: head.status,
    checkedBy: head.checked_by,
    checkedOn: head.checked_on,
    names,
    shared,
    prose,
    cautions: cautions.get(id) ?? [],
    roots,
    pairs,
    photos,
    record,
    settled,
    range,
    seasons,
    sources,
    lists,
  };
}

/** Taxa with statements that can be edited, and all above them. */
export async function readTable(sql: Sql, ws: string, taxa: readonly string[]): Promise<LibraryTable> {
  const data = await readLibrary(sql, ws, taxa);
  const headers = await readHeaders(
    sql,
    ws,
    data.taxa.map((t) => t.id),
  );
  return {
    members: taxa.flatMap((t) => headers.get(t) ?? []),
    taxa: data.taxa,
    windows: data.windows,
    rows: data.rows,
    sources: await readSourceRows(sql, ws),
    policy: data.policy,
    policies: data.policies ?? [],
  };
}
