import { v7 } from 'uuid';
import type { ImportPlan, NamePart, TaxonPart } from '@hurrow/core/formats';
import { normalise } from '@hurrow/core/names';
import { nameParts } from '../library/index.ts';
import type { Recorder, Row } from './recorder.ts';

type Planned = ImportPlan['taxa'][number];
type Idents = ReadonlyMap<string, string>;

const idOf = (ids: Idents, name: string): string => {
  const id = ids.get(normalise(name));
  if (id === undefined) throw new Error(`The plan names “${name}”, which there is not`);
  return id;
};
const sourceOf = (ids: Idents, citation: string | null): string | null =>
  citation === null ? null : idOf(ids, citation);

async function writeHeads(rec: Recorder, taxa: readonly Planned[], ids: Idents): Promise<void> {
  const row = ({ part }: Planned): Row => ({
    id: idOf(ids, part.name),
    rank: part.rank,
    ...nameParts(part.rank, part.name),
    authority: part.authority ?? null,
    status: part.status ?? 'draft',
    checked_on: part.checkedOn ?? null,
    version: 1,
  });
  await rec.insert('taxon', taxa.filter((t) => t.isNew).map(row));
  const changed = taxa.filter((t) => !t.isNew).map((t) => t.part);
  await rec.keep(
    'taxon',
    'id',
    changed.map((t) => idOf(ids, t.name)),
  );
  for (const t of changed) {
    await rec.sql.query(
      `update taxon set authority = case when $3 then $4 else authority end, status = coalesce($5, status),
         checked_on = case when $6 then $7::date else checked_on end,
         checked_by = case when $5 = 'draft' then null else checked_by end, version = version + 1
       where ws = $1 and id = $2`,
      [
        rec.ws,
        idOf(ids, t.name),
        t.authority !== undefined,
        t.authority ?? null,
        t.status ?? null,
        t.checkedOn !== undefined,
        t.checkedOn ?? null,
      ],
    );
  }
}

/** Names and the roots of names; names that stay keep their ids, so that nothing is lost that hangs on them. */
async function writeNames(rec: Recorder, taxa: readonly Planned[], ids: Idents): Promise<void> {
  const touched = taxa.filter(
    ({ part, isNew }) =>
      isNew || part.names !== undefined || part.pronunciation !== undefined || part.roots !== undefined,
  );
  const old = touched.filter((t) => !t.isNew).map(({ part }) => idOf(ids, part.name));
  const there = await rec.sql.query<{
    id: string;
    taxon: string;
    kind: string;
    text: string;
    folded: string;
    preferred: boolean;
    pronunciation: string | null;
    use: NamePart['use'];
  }>(
    'select id, taxon, kind, text, folded, preferred, pronunciation, use from name where ws = $1 and taxon = any($2::uuid[])',
    [rec.ws, old],
  );
  const roots = await rec.sql.query<{ taxon: string; root: string; name: string }>(
    `select n.taxon, o.root, n.text as name from name_root_of o join name n on n.ws = o.ws and n.id = o.name
     where o.ws = $1 and n.taxon = any($2::uuid[])`,
    [rec.ws, old],
  );
  await rec.keep(
    'name_root_of',
    'name',
    there.map((n) => n.id),
  );
  await rec.keep(
    'name_root',
    'id',
    roots.map((r) => r.root),
  );
  await rec.remove('name', 'taxon', old);
  const rows: Row[] = [];
  const keptLinks: Row[] = [];
  const newRoots: Row[] = [];
  for (const { part } of touched) {
    const taxon = idOf(ids, part.name);
    const own = there.filter((n) => n.taxon === taxon);
    const accepted = own.find((n) => n.kind === 'accepted');
    const others: readonly NamePart[] =
      part.names ??
      own
        .filter((n) => n.kind !== 'accepted')
        .map((n) => ({
          kind: n.kind as NamePart['kind'],
          text: n.text,
          preferred: n.preferred,
          pronunciation: n.pronunciation,
          use: n.use ?? null,
        }));
    const idByName = new Map<string, string>();
    const add = (kind: string, n: Pick<NamePart, 'text' | 'preferred' | 'pronunciation' | 'use'>): void => {
      const folded = normalise(n.text);
      const id = own.find((x) => x.kind === kind && x.folded === folded)?.id ?? v7();
      if (!idByName.has(n.text)) idByName.set(n.text, id);
      rows.push({
        id,
        taxon,
        kind,
        text: n.text,
        folded,
        preferred: n.preferred,
        pronunciation: n.pronunciation,
        use: n.use ?? null,
      });
    };
    add('accepted', {
      text: accepted?.text ?? part.name,
      preferred: true,
      pronunciation:
        part.pronunciation === undefined ? (accepted?.pronunciation ?? null) : part.pronunciation,
    });
    for (const n of others) add(n.kind, n);
    if (part.roots === undefined) {
      for (const r of roots.filter((x) => x.taxon === taxon)) {
        const name = idByName.get(r.name);
        if (name !== undefined) keptLinks.push({ name, root: r.root });
      }
      continue;
    }
    for (const { name, ...root } of part.roots) {
      const of = idByName.get(name);
      if (of === undefined) continue;
      const id = v7();
      newRoots.push({ id, ...root });
      keptLinks.push({ name: of, root: id });
    }
  }
  await rec.insert('name', rows);
  await rec.insert('name_root', newRoots);
  await rec.insert('name_root_of', keptLinks);
  await rec.sql.query(
    `delete from name_root r where r.ws = $1 and r.id = any($2::uuid[])
       and not exists (select 1 from name_root_of o where o.ws = r.ws and o.root = r.id)`,
    [rec.ws, roots.map((r) => r.root)],
  );
}

const PARENT_ORDER = ['classification', 'group', 'hybrid_parent'];

async function writeParts(
  rec: Recorder,
  taxa: readonly Planned[],
  ids: Idents,
  sources: Idents,
): Promise<void> {
  const replace = async (
    table:
      | 'taxon_parent'
      | 'prose'
      | 'caution'
      | 'range_record'
      | 'range_area'
      | 'season_window'
      | 'record_tree',
    rowsOf: (t: TaxonPart, taxon: string) => readonly Row[] | undefined,
  ): Promise<void> => {
    const written = taxa.flatMap(({ part, isNew }) => {
      const taxon = idOf(ids, part.name);
      const rows = rowsOf(part, taxon);
      return rows === undefined ? [] : [{ taxon, rows, isNew }];
    });
    await rec.remove(
      table,
      table === 'taxon_parent' ? 'child' : 'taxon',
      written.filter((w) => !w.isNew).map((w) => w.taxon),
    );
    await rec.insert(
      table,
      written.flatMap((w) => w.rows),
    );
  };
  await replace('taxon_parent', (t, child) =>
    t.parents === undefined
      ? undefined
      : [...t.parents]
          .sort((a, b) => PARENT_ORDER.indexOf(a.kind) - PARENT_ORDER.indexOf(b.kind))
          .map((p, ord) => ({ child, parent: idOf(ids, p.name), kind: p.kind, ord })),
  );
  await replace('prose', (t, taxon) =>
    t.prose?.map(({ on, ...p }) => ({ id: v7(), taxon, ...p, on_date: on })),
  );
  await replace('caution', (t, taxon) => t.cautions?.map((c) => ({ id: v7(), taxon, ...c })));
  await replace('range_record', (t, taxon) =>
    t.range?.map((r) => ({ taxon, ...r, source: sourceOf(sources, r.source) })),
  );
  await replace('range_area', (t, taxon) =>
    t.areas?.map((a) => ({ id: v7(), taxon, ...a, source: sourceOf(sources, a.source) })),
  );
  await replace('season_window', (t, taxon) =>
    t.seasons?.map((s) => ({
      id: v7(),
      taxon,
      source: sourceOf(sources, s.source),
      kind: s.kind,
      start_doy: s.start,
      end_doy: s.end,
      ref_lat: s.lat,
      ref_lon: s.lon,
      ref_elev: s.elevation,
    })),
  );
  await replace('record_tree', (t, taxon) =>
    t.record === undefined
      ? undefined
      : t.record === null
        ? []
        : [
            {
              taxon,
              girth_mm: t.record.girth,
              height_mm: t.record.height,
              spread_mm: t.record.spread,
              place: t.record.place,
              year: t.record.year,
            },
          ],
  );
}

/** Writes the heads of a plan's taxa: everything but statements. */
export async function writeTaxa(
  rec: Recorder,
  taxa: readonly Planned[],
  ids: Idents,
  sources: Idents,
): Promise<void> {
  await writeHeads(rec, taxa, ids);
  await writeNames(rec, taxa, ids);
  await writeParts(rec, taxa, ids, sources);
  const all = taxa.map((t) => idOf(ids, t.part.name));
  rec.watch('taxon', 'id', all);
  rec.watch('taxon_parent', 'child', all);
  for (const table of [
    'name',
    'prose',
    'caution',
    'range_record',
    'range_area',
    'season_window',
    'record_tree',
  ] as const)
    rec.watch(table, 'taxon', all);
}
