import { v7 } from 'uuid';
import type { SpeciesBody, TaxonPlace } from '@hurrow/contract';
import { normalise } from '@hurrow/core/names';
import { insertRows, maybe, one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { checkParents, writeParents } from './parents.ts';
import { HEADER, asHeader } from './taxa.ts';
import type { HeaderRow } from './taxa.ts';

/** Every taxon with its parents, nearest first. */
export async function readTaxonPlaces(sql: Sql, ws: string): Promise<readonly TaxonPlace[]> {
  const rows = await sql.query<HeaderRow & { parents: string[] | null }>(
    `select ${HEADER}, (select jsonb_agg(p.parent order by (p.kind = 'group') desc, p.ord) from taxon_parent p
       where p.ws = t.ws and p.child = t.id and p.kind <> 'hybrid_parent') as parents
     from taxon t where t.ws = $1`,
    [ws],
  );
  return rows
    .map((r) => ({ ...asHeader(r), parents: r.parents ?? [] }))
    .sort((a, b) => a.scientific.localeCompare(b.scientific, 'en'));
}

/** @throws where the name is the accepted name of another taxon. */
async function refuseTaken(
  tx: Sql,
  ws: string,
  own: string | null,
  text: string,
  field: string,
): Promise<void> {
  const taken = await maybe<{ text: string }>(
    tx,
    `select text from name where ws = $1 and folded = $2 and kind = 'accepted' and ($3::uuid is null or taxon <> $3)`,
    [ws, normalise(text), own],
  );
  if (!taken) return;
  const asSynonym = field !== 'scientific';
  throw conflict(
    asSynonym
      ? `“${text}” is the accepted name of another taxon, so it cannot be a synonym here.`
      : `There is a taxon with the accepted name “${taken.text}” already.`,
    {
      field,
      remedy: asSynonym
        ? 'Take the synonym out, or change the accepted name of the other taxon first.'
        : 'Open that one, or choose another name.',
    },
  );
}

export function nameParts(rank: string, scientific: string): Record<string, unknown> {
  const words = scientific.split(' ').filter((w) => w !== '×' && w !== 'x');
  const mark = words.findIndex((w) => /^(subsp|var|f|cv)\.$/.test(w));
  return {
    genus: rank === 'genus' ? scientific : rank === 'family' || rank === 'group' ? null : (words[0] ?? null),
    hybrid_mark: scientific.includes('×'),
    epithet: ['family', 'genus', 'group', 'section'].includes(rank) ? null : (words[1] ?? null),
    infra_rank: mark > 0 && words[mark + 1] ? words[mark] : null,
    infra_epithet: mark > 0 ? (words[mark + 1] ?? null) : null,
  };
}

async function writeNames(
  tx: Sql,
  ws: string,
  taxon: string,
  scientific: string,
  names: SpeciesBody['names'],
  said: string | null = null,
): Promise<ReadonlyMap<string, string>> {
  await refuseTaken(tx, ws, taxon, scientific, 'scientific');
  const seen = new Set<string>();
  for (const [i, n] of names.entries()) {
    if (n.kind === 'synonym') await refuseTaken(tx, ws, taxon, n.text, `names.${i}.text`);
    const key = `${n.kind}/${normalise(n.text)}`;
    if (seen.has(key)) {
      throw invalid(`“${n.text}” is given twice.`, {
        field: `names.${i}.text`,
        remedy: 'Keep one of the two.',
      });
    }
    seen.add(key);
  }
  await tx.query('delete from name where ws = $1 and taxon = $2', [ws, taxon]);
  const rows = [
    { kind: 'accepted', text: scientific, preferred: true, pronunciation: said, use: null },
    ...names.map((n) => ({ ...n, pronunciation: n.pronunciation || null, use: n.use ?? null })),
  ].map((n) => ({ ws, id: v7(), taxon, folded: normalise(n.text), ...n }));
  await insertRows(tx, 'name', rows);
  return new Map(rows.map((r) => [r.text, r.id]));
}

/** Takes away the roots of a taxon's names that no other taxon's names have. */
async function dropRoots(tx: Sql, ws: string, taxon: string): Promise<void> {
  const own = await tx.query<{ root: string }>(
    'select distinct o.root from name_root_of o join name n on n.ws = o.ws and n.id = o.name where o.ws = $1 and n.taxon = $2',
    [ws, taxon],
  );
  await tx.query(
    'delete from name_root_of where ws = $1 and name in (select id from name where ws = $1 and taxon = $2)',
    [ws, taxon],
  );
  await tx.query(
    `delete from name_root r where r.ws = $1 and r.id = any($2::uuid[])
       and not exists (select 1 from name_root_of o where o.ws = r.ws and o.root = r.id)`,
    [ws, own.map((r) => r.root)],
  );
}

async function writeRoots(
  tx: Sql,
  ws: string,
  roots: SpeciesBody['roots'],
  names: ReadonlyMap<string, string>,
): Promise<void> {
  for (const [i, { name, ...root }] of roots.entries()) {
    const of = names.get(name);
    if (!of) {
      throw invalid(`“${name}” is none of its names.`, {
        field: `roots.${i}.name`,
        remedy: 'Choose one of its names.',
      });
    }
    if (
      root.character !== null &&
      !(await maybe(tx, 'select 1 from state where ws = $1 and character = $2 and id = $3', [
        ws,
        root.character,
        root.state,
      ]))
    ) {
      throw invalid('The root names a state that the vocabulary does not have.', {
        field: `roots.${i}.state`,
        remedy: 'Choose the state it names, or leave character and state empty.',
      });
    }
    const id = v7();
    await insertRows(tx, 'name_root', [{ ws, id, ...root }]);
    await insertRows(tx, 'name_root_of', [{ ws, name: of, root: id }]);
  }
}

async function writeRecord(tx: Sql, ws: string, taxon: string, record: SpeciesBody['record']): Promise<void> {
  await tx.query('delete from record_tree where ws = $1 and taxon = $2', [ws, taxon]);
  if (!record) return;
  const { girth, height, spread, place, year } = record;
  await insertRows(tx, 'record_tree', [
    {
      ws,
      taxon,
      girth_mm: girth,
      height_mm: height,
      spread_mm: spread,
      place: place || null,
      year: year ?? null,
    },
  ]);
}

/** Writes the head of a taxon whole: names, place, prose, cautions, roots, record tree and status. */
export async function changeSpecies(call: CallOf<'speciesChange'>): Promise<ReplyOf<'speciesChange'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const version = await call.app.db.transaction(async (tx) => {
    const taxon = await maybe<{ version: number; rank: string; status: string }>(
      tx,
      'select version, rank, status from taxon where ws = $1 and id = $2 for update',
      [ws, id],
    );
    if (!taxon) throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
    needVersion(call, taxon.version, { version: taxon.version });
    await checkParents(tx, ws, id, body.parents);
    await dropRoots(tx, ws, id);
    const names = await writeNames(tx, ws, id, body.scientific, body.names, body.pronunciation || null);
    await writeRoots(tx, ws, body.roots, names);
    await writeParents(tx, ws, id, body.parents);
    for (const table of ['prose', 'caution'] as const) {
      await tx.query(`delete from ${table} where ws = $1 and taxon = $2`, [ws, id]);
    }
    await insertRows(
      tx,
      'prose',
      body.prose.map((p) => ({ ws, id: v7(), taxon: id, ...p })),
    );
    await insertRows(
      tx,
      'caution',
      body.cautions.map((c) => ({ ws, id: v7(), taxon: id, ...c })),
    );
    await writeRecord(tx, ws, id, body.record);
    const p = nameParts(taxon.rank, body.scientific);
    const newlyChecked = body.status === 'checked' && taxon.status !== 'checked';
    await tx.query(
      `update taxon set authority = $3, status = $4, genus = $5, hybrid_mark = $6, epithet = $7, infra_rank = $8, infra_epithet = $9,
         checked_by = case when $4 = 'draft' then null when $10 then $11 else checked_by end,
         checked_on = case when $4 = 'draft' then null when $10 then $12::date else checked_on end, version = version + 1
       where ws = $1 and id = $2`,
      [
        ws,
        id,
        body.authority || null,
        body.status,
        p['genus'],
        p['hybrid_mark'],
        p['epithet'],
        p['infra_rank'],
        p['infra_epithet'],
        newlyChecked,
        call.who.id,
        call.app.clock().toISOString().slice(0, 10),
      ],
    );
    return taxon.version + 1;
  });
  return { body: { version }, version };
}

/** Adds a taxon of any rank: a genus, a named group, a variety. */
export async function createTaxon(call: CallOf<'taxonCreate'>): Promise<ReplyOf<'taxonCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    await insertRows(tx, 'taxon', [
      {
        ws,
        id,
        rank: body.rank,
        ...nameParts(body.rank, body.scientific),
        authority: body.authority || null,
        status: 'draft',
        version: 1,
      },
    ]);
    await checkParents(tx, ws, id, body.parents);
    const names = body.common.map((text, i) => ({ kind: 'common' as const, text, preferred: i === 0 }));
    await writeNames(tx, ws, id, body.scientific, names);
    await writeParents(tx, ws, id, body.parents);
  });
  const row = await one<HeaderRow>(
    call.app.db,
    `select ${HEADER} from taxon t where t.ws = $1 and t.id = $2`,
    [ws, id],
  );
  return { status: 201, body: asHeader(row), version: 1 };
}
