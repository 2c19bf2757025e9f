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
import { readCautions, readHeaders, readNames } from './taxa.ts';

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

/** Everything recorded of one taxon, of what stands above it and of the others of its genus. */
export async function readProfile(call: Call<Account>): Promise<SpeciesProfile> {
  const { ws } = call.who;
  const { db } = call.app;
  const id = idParam(call, 'id');
  const head = await readHead(db, ws, id);
  const congeners = await readCongeners(db, ws, id);
  const data = await readLibrary(db, ws, [id, ...congeners]);
  const headers = await readHeaders(
    db,
    ws,
    data.taxa.map((t) => t.id),
  );
  const header = headers.get(id);
  if (!header) throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
  const nodes = new Map(data.taxa.map((t) => [t.id, t]));
  return {
    header,
    version: head.version,
    status: head.status,
    checkedBy: head.checked_by,
    checkedOn: head.checked_on,
    parents: nodes.get(id)?.parents ?? [],
    names: await readNames(db, ws, id),
    shared: await readShared(db, ws, id),
    above: lineage(nodes, id)
      .flat()
      .slice(1)
      .flatMap((t) => headers.get(t) ?? []),
    congeners,
    prose: await db.query<Prose>(
      'select topic, text, audience, disputed from prose where ws = $1 and taxon = $2 order by topic, id',
      [ws, id],
    ),
    cautions: (await readCautions(db, ws, [id])).get(id) ?? [],
    roots: await readRoots(db, ws, id),
    pairs: await readPairs(db, ws, id),
    photos: await readPhotos(db, ws, id),
    record: await maybe<RecordTree>(
      db,
      'select girth_mm as girth, height_mm as height, spread_mm as spread, place, year from record_tree where ws = $1 and taxon = $2',
      [ws, id],
    ),
    settled: (
      await db.query<{ question: string }>(
        'select question from question_settled where ws = $1 and taxon = $2',
        [ws, id],
      )
    ).map((r) => r.question),
    range: await db.query<{ region: string; presence: string }>(
      'select region, presence from range_record where ws = $1 and taxon = $2 order by region',
      [ws, id],
    ),
    statements: data.rows,
    windows: data.windows,
    seasons: await readSeasons(db, ws, id),
    taxa: data.taxa,
    sources: await readSourceRows(db, ws),
    policy: data.policy,
    policies: data.policies ?? [],
    lists: await db.query<{ id: string; name: string }>(
      'select l.id, l.name from list_member m join list l on l.ws = m.ws and l.id = m.list where m.ws = $1 and m.taxon = $2 order by lower(l.name)',
      [ws, id],
    ),
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
