import { v7 } from 'uuid';
import type { TreeRow } from '@hurrow/contract';
import { ORGANS } from '@hurrow/core/conditions';
import { SITE, asSite } from '../classes/index.ts';
import type { SiteRow } from '../classes/index.ts';
import { insertRows, maybe, written } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { keptUnderStamp, readCautions, readCertified, readHeaders, writeChecks } from '../library/index.ts';

interface Row {
  id: string;
  tag: string;
  site: SiteRow;
  place: TreeRow['place'];
  trail: string | null;
  taxon: string;
  stage: TreeRow['stage'];
  condition: string | null;
  planted: boolean;
  hazards: string[];
  access: string | null;
  reach: TreeRow['reach'] | null;
  retired: boolean;
  version: number;
}

/** Tagged trees with what they truly are, within whose reach their organs are, and what they are certified to show. */
export async function readTrees(sql: Sql, ws: string, ids?: readonly string[]): Promise<readonly TreeRow[]> {
  const all = await keptUnderStamp(sql, ws, 'trees', () => readFromTables(sql, ws));
  if (!ids) return all;
  const wanted = new Set(ids);
  return all.filter((t) => wanted.has(t.id));
}

async function readFromTables(sql: Sql, ws: string): Promise<readonly TreeRow[]> {
  const rows = await sql.query<Row>(
    `select i.id, tr.tag, ${SITE} as site,
       case when tr.lat is null or tr.lon is null then null else jsonb_build_object('lat', tr.lat, 'lon', tr.lon, 'elevM', tr.elev_m) end as place,
       tl.name as trail, i.stage, i.condition, i.version, tr.planted, tr.hazards, tr.access, tr.retired_at is not null as retired,
       (select d.taxon from determination d where d.ws = i.ws and d.individual = i.id order by d.seq desc limit 1) as taxon,
       (select jsonb_object_agg(r.organ, r.how) from reach r where r.ws = i.ws and r.individual = i.id) as reach
     from tree tr join individual i on i.ws = tr.ws and i.id = tr.individual
     join site si on si.ws = tr.ws and si.id = tr.site left join trail tl on tl.ws = tr.ws and tl.id = tr.trail
     where tr.ws = $1 order by lower(tr.tag)`,
    [ws],
  );
  const taxa = [...new Set(rows.map((r) => r.taxon))];
  const [headers, cautions, certified] = [
    await readHeaders(sql, ws, taxa),
    await readCautions(sql, ws, taxa),
    await readCertified(
      sql,
      ws,
      rows.map((r) => r.id),
    ),
  ];
  return rows.flatMap((r): TreeRow[] => {
    const taxon = headers.get(r.taxon);
    if (!taxon) return [];
    return [
      {
        ...r,
        site: asSite(r.site),
        taxon,
        cautions: cautions.get(r.taxon) ?? [],
        reach: r.reach ?? {},
        certified: certified.get(r.id) ?? {},
      },
    ];
  });
}

/** @throws where a tree would stand nowhere, be nothing, or have a tag of its site that another tree has. */
async function mustFit(
  tx: Sql,
  ws: string,
  body: { readonly site: string; readonly taxon: string; readonly tag: string },
  own: string | null,
): Promise<void> {
  for (const [field, table] of [
    ['site', 'site'],
    ['taxon', 'taxon'],
  ] as const) {
    if (!(await maybe(tx, `select 1 from ${table} where ws = $1 and id = $2`, [ws, body[field]]))) {
      throw invalid(`There is no such ${field}.`, { field, remedy: 'Choose one that is recorded.' });
    }
  }
  const taken = await maybe(
    tx,
    'select 1 from tree where ws = $1 and site = $2 and lower(tag) = lower($3) and individual is distinct from $4::uuid',
    [ws, body.site, body.tag, own],
  );
  if (taken) {
    throw conflict(`The tag ${body.tag} is already used at this site.`, {
      field: 'tag',
      remedy: 'Choose another tag.',
    });
  }
}

const reachRows = (ws: string, individual: string, reach: TreeRow['reach']) =>
  ORGANS.flatMap((organ) => {
    const how = reach[organ];
    return how ? [{ ws, individual, organ, how }] : [];
  });

/** Says what a tree is from now on; what it was called before stays on record. */
export const determine = (tx: Sql, ws: string, individual: string, taxon: string, by: string, at: string) =>
  insertRows(tx, 'determination', [
    { ws, id: v7(), individual, taxon, by_account: by, sureness: 'sure', at },
  ]);

export async function createTree(call: CallOf<'treeCreate'>): Promise<ReplyOf<'treeCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    await mustFit(tx, ws, body, null);
    await insertRows(tx, 'individual', [{ ws, id, kind: 'tree', stage: body.stage ?? null, version: 1 }]);
    await insertRows(tx, 'tree', [
      { ws, individual: id, kind: 'tree', site: body.site, tag: body.tag, hazards: [], planted: false },
    ]);
    await determine(tx, ws, id, body.taxon, call.who.id, call.app.clock().toISOString());
    await insertRows(tx, 'reach', reachRows(ws, id, body.reach));
  });
  const [made] = await readTrees(call.app.db, ws, [id]);
  return { status: 201, body: written(made) };
}

/** Corrects a tree: its tag, place, species, stage, reach and hazards. Keys that are locked keep what they hold. */
export async function changeTree(call: CallOf<'treeChange'>): Promise<ReplyOf<'treeChange'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const version = await call.app.db.transaction(async (tx) => {
    await tx.query('select 1 from individual where ws = $1 and id = $2 for update', [ws, id]);
    const [before] = await readTrees(tx, ws, [id]);
    if (!before) throw notFound('There is no such tree.', { remedy: 'Choose one under Material.' });
    needVersion(call, before.version, before);
    await mustFit(tx, ws, body, id);
    await tx.query(
      'update individual set stage = $3, condition = $4, version = version + 1 where ws = $1 and id = $2',
      [ws, id, body.stage, body.condition || null],
    );
    await tx.query(
      // A trail belongs to a site, so that a tree that moves leaves it.
      `update tree set trail = case when site = $3 then trail end, site = $3, tag = $4, hazards = $5::text[], access = $6,
         retired_at = case when $7 then coalesce(retired_at, $8::timestamptz) end, lat = $9, lon = $10, elev_m = $11
       where ws = $1 and individual = $2`,
      [
        ws,
        id,
        body.site,
        body.tag,
        body.hazards,
        body.access || null,
        body.retired,
        call.app.clock().toISOString(),
        body.place?.lat ?? null,
        body.place?.lon ?? null,
        body.place?.elevM ?? null,
      ],
    );
    if (body.taxon !== before.taxon.id)
      await determine(tx, ws, id, body.taxon, call.who.id, call.app.clock().toISOString());
    await tx.query('delete from reach where ws = $1 and individual = $2', [ws, id]);
    await insertRows(tx, 'reach', reachRows(ws, id, body.reach));
    return before.version + 1;
  });
  const [changed] = await readTrees(call.app.db, ws, [id]);
  return { body: written(changed), version };
}

/** Records what a tree really shows, which counts before its profile. Keys that are locked keep what they hold. */
export async function checkTree(call: CallOf<'treeChecks'>): Promise<ReplyOf<'treeChecks'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const at = call.app.clock().toISOString();
  const version = await call.app.db.transaction(async (tx) => {
    await tx.query('select 1 from individual where ws = $1 and id = $2 for update', [ws, id]);
    const [tree] = await readTrees(tx, ws, [id]);
    if (!tree) throw notFound('This tree was deleted.', { remedy: 'Choose one under Material.' });
    await writeChecks(tx, ws, { id, taxon: tree.taxon.id }, call.body, call.who.id, at);
    await tx.query('update individual set version = version + 1 where ws = $1 and id = $2', [ws, id]);
    return tree.version + 1;
  });
  const [checked] = await readTrees(call.app.db, ws, [id]);
  return { body: written(checked), version };
}
